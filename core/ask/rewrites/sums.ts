// Lines of numbers alone, and a count times a weight.
import { NUMBER, product, type Rewrite } from './patterns.ts';

/** Tried in turn. */
export const sumsRewrites: readonly Rewrite[] = [
  // Numbers alone are arithmetic, where x multiplies.
  [/^[\d\s.+*/×x()-]+$/gi, (sum) => sum.replace(/[x×]/gi, '*')],
  // A sum with one unit: the answer is in that unit.
  [
    /^(?:= ?|(?=.*(?:\d ?[*+] ?[\d(]| [-/] |\) ?[*/])))([\d\s.+*/()-]+[-+*/)][\d\s.+*/()-]*) ?(mm|cm|m|in|g|kg)$/gi,
    (_, sum = '', unit = '') => `(${sum.trim()}) ${unit} in ${unit}`,
  ],
  // Turns in 30 mm of coil from 1 mm wire.
  [
    /^(?:how many )?turns in ([\d.]+) ?mm of (?:a )?(?:close )?coil (?:from|of|in|with) ([\d.]+) ?mm(?: wire)?$/gi,
    '$1 / $2',
  ],
  // A count times a weight: 12 x 3.5 g.
  [
    new RegExp(`^=? ?(${NUMBER}) ?[x×*] ?(${NUMBER}) ?(g|grams?|kg|dwt|ozt)$`, 'i'),
    (_, times = '', each = '', unit = '') => `${product(times, each)} ${unit} in ${unit}`,
  ],
  [
    new RegExp(`^=? ?(${NUMBER}) ?(g|grams?|kg|dwt|ozt) ?[x×*] ?(${NUMBER})$`, 'i'),
    (_, each = '', unit = '', times = '') => `${product(times, each)} ${unit} in ${unit}`,
  ],
  [
    new RegExp(`^(?:what(?:'s| is) )?(${NUMBER}) ?(?:%|percent) of (${NUMBER}) ?(g|grams?|kg|dwt|ozt)\\??$`, 'i'),
    (_, share = '', of = '', unit = '') => `${product(String(Number(share) / 100), of)} ${unit} in ${unit}`,
  ],
  [/^(?=.*(?:\bpi\b|π))(?:[\d\s.+*/×x()π-]|\bpi\b)+$/gi, (sum) => sum.replace(/\bpi\b|π/gi, String(Math.PI))],
];

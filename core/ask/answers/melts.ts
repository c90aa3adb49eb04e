// Sums of a melt: the fineness of metals melted together, and what was lost.
import { computed, given, inSum } from '../../figure/figure.ts';
import type { Question, TopicAnswer } from '../question.ts';
import { NotEnough, type Slots } from '../slots.ts';
import { isFineness, preciousOf } from './fineness-number.ts';

const EXAMPLE = '12 g sterling and 8 g fine silver melted together';
const KARATS_PER_THOUSAND = 0.024;

/** A metal of the melt: parts per thousand, and the word or number that names it. */
interface Fineness {
  readonly start: number;
  readonly name: string;
  readonly perThousand: number;
  use(): void;
}

function finenessesOf({ alloys, numbers }: Question): Fineness[] {
  return [
    ...alloys.map((named): Fineness => ({
      start: named.start,
      name: named.alloy.name,
      perThousand: named.alloy.fineness ?? 0,
      use: () => (named.used = true),
    })),
    ...numbers
      .filter(({ value }) => isFineness(value))
      .map((amount): Fineness => ({
        start: amount.start,
        name: String(amount.value),
        perThousand: amount.value,
        use: () => (amount.used = true),
      })),
  ].sort((a, b) => a.start - b.start);
}

/** Whether a line gives two or more weights, each with its metal: `12 g 925 and 8 g 800`. */
export function isMix(question: Question): boolean {
  const { masses, sizes } = question;
  const finenesses = finenessesOf(question);
  return (
    masses.length > 1 &&
    sizes.length === 0 &&
    finenesses.length === masses.length &&
    finenesses.every(({ start }, at) => start > (masses[at]?.start ?? 0) && start < (masses[at + 1]?.start ?? Infinity))
  );
}

/** Fineness of metals melted together: precious metal and all weights are added up. */
export function mixAnswer(slots: Slots): TopicAnswer {
  const finenesses = finenessesOf(slots.question);
  const metals = new Set(slots.question.alloys.filter(({ alloy }) => alloy.fineness !== null).map(({ alloy }) => preciousOf(alloy.composition))); // prettier-ignore
  if (metals.size > 1) throw new NotEnough('Name alloys of one precious metal.', EXAMPLE);
  const parts = finenesses.map((one) => {
    one.use();
    const mass = slots.mass(one.name);
    if (!mass) throw new NotEnough('Give the weight of each metal.', EXAMPLE);
    return { mass, fineness: given(`fineness of ${one.name}`, one.perThousand, '‰', 'nominal') };
  });
  const total = computed(
    'the whole melt',
    parts.reduce((sum, { mass }) => sum + mass.value, 0),
    'g',
    parts.map(({ mass }) => inSum(mass.value)).join(' + '),
    parts.map(({ mass }) => mass),
  );
  const pure = parts.reduce((sum, { mass, fineness }) => sum + mass.value * fineness.value, 0);
  const sums = parts.map(({ mass, fineness }) => `${inSum(mass.value)} × ${inSum(fineness.value)}`);
  const fineness = computed('fineness of the melt', pure / total.value, '‰', `(${sums.join(' + ')}) ÷ ${inSum(total.value)}`, [
    ...parts.flatMap((part) => [part.mass, part.fineness]),
    total,
  ]); // prettier-ignore
  const karat = computed('karat', fineness.value * KARATS_PER_THOUSAND, 'k', `${inSum(fineness.value)} × 24 ÷ 1000`, [
    fineness,
  ]);
  return { figures: metals.has('Au') ? [fineness, karat, total] : [fineness, total] };
}

const LOSS = /\b(?:waste|wasted|loss|lost|scrap|shrinkage)\b/i;
const SHARE = /\b(?:percent|percentage|yield|share)\b/i;

/** Whether a line asks for the share of one weight in another. */
export function isShare({ line, masses, sizes }: Question): boolean {
  return masses.length === 2 && sizes.length === 0 && (LOSS.test(line) || SHARE.test(line));
}

/** Share of the smaller weight in the larger one, and what is missing. */
export function shareAnswer(slots: Slots): TopicAnswer {
  const pair = [slots.mass('weight'), slots.mass('weight')].filter((mass) => mass !== null);
  const [large, small] = pair.toSorted((a, b) => b.value - a.value);
  if (!large || !small) throw new NotEnough('Give both weights.', 'loss 12 g from 15.5 g');
  for (const alloy of slots.question.alloys) alloy.used = true;
  const share = computed('share', (small.value / large.value) * 100, '%', `${inSum(small.value)} ÷ ${inSum(large.value)} × 100`, [small, large]); // prettier-ignore
  const lost = computed('difference', large.value - small.value, 'g', `${inSum(large.value)} − ${inSum(small.value)}`, [large, small]); // prettier-ignore
  const lostShare = computed('difference in percent', (lost.value / large.value) * 100, '%', `${inSum(lost.value)} ÷ ${inSum(large.value)} × 100`, [lost, large]); // prettier-ignore
  return { figures: LOSS.test(slots.question.line) ? [lostShare, lost, share] : [share, lostShare, lost] };
}

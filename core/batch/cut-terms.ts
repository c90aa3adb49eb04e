// How stock is cut as a maker writes it down, read into millimetres.
import { readLength } from '../measure/read-length.ts';
import { readMoney } from '../measure/read-money.ts';
import type { IssueLine } from './cut-list.ts';
import type { CutTerms } from './cut-problem.ts';

/** What each tool takes out (common practice: a 2/0 blade cuts 0.3 mm; shears and cutters part without a kerf). */
const kerfs = { saw: '0.3 mm', 'fine-saw': '0.2 mm', shears: '0 mm' } as const;
export interface Bought {
  readonly length: string;
  readonly width: string;
  readonly price: string;
}

export interface TypedTerms {
  readonly tool: keyof typeof kerfs;
  readonly keepFrom: string;
  readonly gap: string;
  readonly margin: string;
  /** By stock; the usual size where nothing is said. */
  readonly bought: Readonly<Record<string, Bought>>;
}

const usualBought: Bought = { length: '1000 mm', width: '', price: '' };
const usualSheet: Bought = { length: '100 mm', width: '100 mm', price: '' };

export const usualTerms: TypedTerms = { tool: 'saw', keepFrom: '30 mm', gap: '0.5 mm', margin: '1 mm', bought: {} };

export interface ReadTerms {
  readonly of: (issue: IssueLine) => CutTerms;
}

/** What is bought of a stock item: as said, or its usual size. */
export function boughtOf({ bought }: TypedTerms, { stock, section }: IssueLine): Bought {
  return bought[stock] ?? (section.form === 'sheet' ? usualSheet : usualBought);
}

/** @returns the terms for each stock, or what cannot be read */
export function readTerms(typed: TypedTerms, currency: string): ReadTerms | { readonly sentence: string } {
  const mm = (text: string, what: string) => readLength(text, { what, mayBeZero: true });
  const readings = [
    mm(kerfs[typed.tool], 'kerf'),
    mm(typed.keepFrom, 'length to keep from'),
    mm(typed.gap, 'gap'),
    mm(typed.margin, 'margin'),
  ];
  const bad = readings.find((reading) => !reading.ok);
  if (bad?.ok === false) return { sentence: bad.sentence };
  const [kerfMm = 0, keepFromMm = 0, gapMm = 0, marginMm = 0] = readings.map((reading) =>
    reading.ok ? reading.value : 0,
  );
  for (const { length, width, price } of Object.values(typed.bought)) {
    const wrong = [mm(length, 'length bought'), mm(width, 'width bought')].find((reading) => !reading.ok);
    if (wrong?.ok === false) return { sentence: wrong.sentence };
    const money = price.trim() ? readMoney(price, currency) : null;
    if (money && !money.ok) return { sentence: money.sentence };
  }
  const of = (issue: IssueLine): CutTerms => {
    const isSheet = issue.section.form === 'sheet';
    const bought = boughtOf(typed, issue);
    const [length, width] = [mm(bought.length, 'length'), mm(bought.width, 'width')];
    const money = bought.price.trim() ? readMoney(bought.price, currency) : null;
    const priceMinor = money?.ok ? Math.round(money.value) : null;
    const [l, w] = [length.ok ? length.value : 0, width.ok ? width.value : 0];
    const size = isSheet ? { widthMm: l, heightMm: w } : { lengthMm: l };
    return {
      kerfMm,
      keepFromMm,
      gapMm,
      marginMm,
      bought: l > 0 && (!isSheet || w > 0) ? [{ id: `bought ${issue.stock}`, size, priceMinor }] : [],
    };
  };
  return { of };
}

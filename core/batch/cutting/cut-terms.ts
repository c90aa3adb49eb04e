// Cutting terms as a maker types them, read into millimetres.
import { roundHalfAwayFromZero } from '../../figure/round-money.ts';
import { showValue } from '../../figure/show.ts';
import { readLength } from '../../measure/read/read-length.ts';
import { readMoney } from '../../measure/read/read-money.ts';
import { type CuttingTool, toolKerfs } from '../../stock/kerf.ts';
import { offeredFor } from '../buying/buying-list.ts';
import type { SupplierItem } from '../buying/price-list.ts';
import type { IssueLine } from '../cut-list.ts';
import type { CutTerms } from './cut-problem.ts';

/** A length or a sheet that can be bought. */
export interface Bought {
  readonly length: string;
  readonly width: string;
  readonly price: string;
  /** Key of the supplier's item, see `itemKey`; '' for none. */
  readonly item: string;
}

/** Cutting terms as typed. */
export interface TypedTerms {
  readonly tool: CuttingTool;
  readonly keepFrom: string;
  readonly gap: string;
  readonly margin: string;
  /** Both sides of the smallest offcut of sheet worth keeping. */
  readonly keepShort: string;
  readonly keepLong: string;
  readonly sheetCutting: CutTerms['sheetCutting'];
  /** Whether blanks of sheet keep the direction of the grain. */
  readonly keepsGrain: boolean;
  /** By stock; a stock item without an entry takes the sizes of the price lists, or else the usual size. */
  readonly bought: Readonly<Record<string, readonly Bought[]>>;
}

const usualBar: Bought = { length: '1000 mm', width: '', price: '', item: '' };
const usualSheet: Bought = { length: '100 mm', width: '100 mm', price: '', item: '' };

/** Terms before anything is typed. */
export const usualTerms: TypedTerms = {
  tool: 'saw',
  keepFrom: '30 mm',
  gap: '0.5 mm',
  margin: '1 mm',
  keepShort: '10 mm',
  keepLong: '30 mm',
  sheetCutting: 'free',
  keepsGrain: false,
  bought: {},
};

/** Cutting terms in millimetres. */
export interface ReadTerms {
  readonly of: (issue: Pick<IssueLine, 'stock' | 'section'>) => CutTerms;
}

/** Sizes that are bought of a stock item: as typed, else those of the suppliers, else the usual size. */
export function boughtOf(
  { bought }: Pick<TypedTerms, 'bought'>,
  { stock, section }: Pick<IssueLine, 'stock' | 'section'>,
  items: readonly SupplierItem[],
  currency: string,
): readonly Bought[] {
  const said = bought[stock];
  if (said) return said;
  const offered = offeredFor({ stock }, items, currency).map(({ id, size, priceMinor }): Bought => {
    const [length, width] = 'lengthMm' in size ? [size.lengthMm, null] : [size.widthMm, size.heightMm];
    const price = priceMinor === null ? '' : showValue(priceMinor, currency);
    return { length: `${String(length)} mm`, width: width === null ? '' : `${String(width)} mm`, price, item: id };
  });
  if (offered.length > 0) return offered;
  return [section.form === 'sheet' ? usualSheet : usualBar];
}

/** @returns the terms of each stock item, or the problem */
export function readTerms(
  typed: TypedTerms,
  currency: string,
  items: readonly SupplierItem[] = [],
): ReadTerms | { readonly sentence: string } {
  const mm = (text: string, what: string) => readLength(text, { what, mayBeZero: true });
  const readings = [
    mm(toolKerfs[typed.tool], 'kerf'),
    mm(typed.keepFrom, 'length to keep from'),
    mm(typed.gap, 'gap'),
    mm(typed.margin, 'margin'),
    mm(typed.keepShort, 'short side of an offcut to keep'),
    mm(typed.keepLong, 'long side of an offcut to keep'),
  ];
  const bad = readings.find((reading) => !reading.ok);
  if (bad?.ok === false) return { sentence: bad.sentence };
  const [kerfMm = 0, keepFromMm = 0, gapMm = 0, marginMm = 0, short = 0, long = 0] = readings.map((reading) =>
    reading.ok ? reading.value : 0,
  );
  for (const { length, width, price } of Object.values(typed.bought).flat()) {
    const wrong = [mm(length, 'length bought'), mm(width, 'width bought')].find((reading) => !reading.ok);
    if (wrong?.ok === false) return { sentence: wrong.sentence };
    const money = price.trim() ? readMoney(price, currency) : null;
    if (money && !money.ok) return { sentence: money.sentence };
  }
  const of = (issue: Pick<IssueLine, 'stock' | 'section'>): CutTerms => {
    const isSheet = issue.section.form === 'sheet';
    const bought = boughtOf(typed, issue, items, currency).flatMap(({ length, width, price, item }, index) => {
      const [long, wide] = [mm(length, 'length'), mm(width, 'width')];
      const [l, w] = [long.ok ? long.value : 0, wide.ok ? wide.value : 0];
      const money = price.trim() ? readMoney(price, currency) : null;
      const priceMinor = money?.ok ? roundHalfAwayFromZero(money.value) : null;
      const size = isSheet ? { widthMm: l, heightMm: w } : { lengthMm: l };
      const id = item || `bought ${issue.stock} ${String(index + 1)}`;
      return l > 0 && (!isSheet || w > 0) ? [{ id, size, priceMinor }] : [];
    });
    return {
      kerfMm,
      keepFromMm,
      gapMm,
      marginMm,
      keepSheetMm: { short, long },
      sheetCutting: typed.sheetCutting,
      keepsGrain: typed.keepsGrain,
      bought,
    };
  };
  return { of };
}

// What the metal of the account is worth, alloy by alloy: at metal prices, at average cost, at first-in first-out.
import { computed, type Figure, given, inSum } from '../figure/figure.ts';
import type { DayPrices } from '../metal/fine-price.ts';
import { finePrice } from '../metal/fine-price.ts';
import { type Balance, gramsCell } from './balance.ts';
import type { AlloyCost } from './cost-book.ts';
import { type Fine, fineMetals, sumOf } from './entry.ts';
import { isOwned } from './place.ts';

/** The valuation of one alloy, minor units. */
export interface AlloyValue {
  readonly alloy: string;
  /** Owned, whole mg. */
  readonly mg: number;
  readonly fine: Fine;
  /** At metal prices, without fabrication charges; null for base metals, and where a metal of it has no price. */
  readonly atPrices: Figure | null;
  readonly average: number;
  readonly first: number;
  /** At the price of the last receipt; null before one. */
  readonly last: number | null;
  /** Of `mg`, what came without a price: it is not in average and first-in first-out. */
  readonly unpricedMg: number;
}

/** @param prices  metal prices of the day; null before the first */
export function valuation(
  held: readonly Balance[],
  costs: readonly AlloyCost[],
  prices: DayPrices | null,
): AlloyValue[] {
  const owned = held.filter(({ place }) => isOwned(place));
  return [...new Set(owned.map(({ alloy }) => alloy))].flatMap((alloy): AlloyValue[] => {
    const { mg, fine } = sumOf(owned.filter((one) => one.alloy === alloy));
    if (mg === 0) return [];
    const cost = costs.find((one) => one.alloy === alloy);
    return [
      {
        alloy,
        mg,
        fine,
        atPrices: prices && fineMetals.some((metal) => fine[metal] > 0) ? fineValueOf(fine, prices) : null,
        average: cost?.moving.costMinor ?? 0,
        first: cost?.first.costMinor ?? 0,
        last: cost && cost.lastPerMg !== null ? cost.lastPerMg * mg : null,
        unpricedMg: cost?.first.unpricedMg ?? mg,
      },
    ];
  });
}

/** Totals of a valuation, minor units. */
export interface ValuationSums {
  readonly atPrices: number;
  readonly average: number;
  readonly first: number;
  readonly unpricedMg: number;
}

/** Totals over all alloys; what has no metal price adds nothing to `atPrices`. */
export function valuationSums(values: readonly AlloyValue[]): ValuationSums {
  const sum = (of: (value: AlloyValue) => number) => values.reduce((all, value) => all + of(value), 0);
  return {
    atPrices: sum(({ atPrices }) => atPrices?.value ?? 0),
    average: sum(({ average }) => average),
    first: sum(({ first }) => first),
    unpricedMg: sum(({ unpricedMg }) => unpricedMg),
  };
}

/**
 * Rows of cells, the column heads first; g with three decimals, money in minor units.
 * @param nameOf  name of an alloy
 */
export function valuationTable(
  values: readonly AlloyValue[],
  currency: string,
  nameOf: (alloy: string) => string,
): string[][] {
  const minor = (value: number | null) => (value === null ? '' : String(Math.round(value)));
  const heads = ['alloy', 'g', 'fine silver g', 'fine gold g', 'fine platinum g', 'fine palladium g', `at metal prices, minor units ${currency}`, 'average cost', 'first-in first-out', 'last cost', 'without a price g']; // prettier-ignore
  const rows = values.map(({ alloy, mg, fine, atPrices, average, first, last, unpricedMg }) => [
    nameOf(alloy), gramsCell(mg), ...fineMetals.map((metal) => gramsCell(fine[metal])),
    minor(atPrices?.value ?? null), minor(average), minor(first), minor(last), gramsCell(unpricedMg),
  ]); // prettier-ignore
  return [heads, ...rows];
}

/** Value of fine metal at metal prices; null where a metal of it has no price. */
function fineValueOf(fine: Fine, prices: DayPrices): Figure | null {
  const lines: Figure[] = [];
  for (const metal of fineMetals) {
    if (fine[metal] === 0) continue;
    const price = finePrice(prices, metal);
    if (!price) return null;
    const grams = given('fine metal', fine[metal] / 1000, 'g', 'the account');
    const how = () => `${inSum(grams.value)} × ${inSum(price.value, price.unit)}`;
    lines.push(computed(price.label, grams.value * price.value, prices.currency, how, [grams, price]));
  }
  const sum = () => lines.map(({ value }) => inSum(value, prices.currency)).join(' + ') || '0';
  const total = lines.reduce((all, { value }) => all + value, 0);
  return computed('at metal prices', total, prices.currency, sum, lines);
}

// Valuation: a piece's cost as a linear function of the metal prices, so that a whole book is revalued in one pass.
import type { CostKey } from '../../cost/column.ts';
import { roundHalfAwayFromZero, roundLinesToTotal } from '../../figure/round-money.ts';
import { finePrice, type FixMetal, fixMetals } from '../../metal/fine-price.ts';
import type { Fix } from '../../metal/fix.ts';
import { sizesOf } from '../../piece/all-sizes.ts';
import type { RecipeFunctions } from '../../piece/compute-recipe.ts';
import type { Piece } from '../../piece/piece.ts';
import type { Rates } from '../../studio/rates.ts';
import { type CostGroups, costGroups } from '../methods/cost-groups.ts';
import type { Pricing } from '../methods/prices.ts';
import { countPiece } from '../piece/count-piece.ts';
import { costVariation, exactSpread } from '../piece/likely-range.ts';

/** A piece's cost as a function of metal prices. */
export interface Valuation {
  readonly keys: readonly CostKey[];
  /** Exact lines at the metal prices it was made at, minor units. */
  readonly at: readonly number[];
  /** Prices of the fine metals it depends on, minor units per gram. */
  readonly prices: Readonly<Partial<Record<FixMetal, number>>>;
  /** Slope of each line: minor units per minor unit per gram of the metal. */
  readonly slopes: Readonly<Partial<Record<FixMetal, readonly number[]>>>;
  readonly pricing: Pricing;
  /** Attended minutes of one piece. */
  readonly minutes: number;
  /** Standard deviation of the cost by varying minutes and weights, minor units. */
  readonly deviation: number;
  /** Why it cannot be computed whole, in a sentence; null when it can. */
  readonly problem: string | null;
}

/**
 * Values a piece. Every line of a cost is linear in the price of every metal: two counts per metal give the slope. The
 * exception is scrap whose value a refiner's charge uses up: its line stops at 0. Where metal is costed at what was
 * paid, its line does not change with metal prices; scrap credit still does.
 * @returns null without metal prices in the studio's currency
 */
export function valuePiece(
  piece: Piece,
  rates: Rates,
  fix: Fix | null,
  options: { readonly size?: string | undefined; readonly compute?: RecipeFunctions | undefined } = {},
): Valuation | null {
  if (fix?.currency !== rates.currency) return null;
  const dearest = piece.sizes.price === 'one' ? dearestSize(piece, rates, fix, options.compute) : undefined;
  const sized = { ...options, size: options.size ?? dearest };
  const now = countPiece(piece, rates, fix, sized);
  const keys = now.column.lines.map(({ key }) => key);
  const slopes: Partial<Record<FixMetal, readonly number[]>> = {};
  const prices: Partial<Record<FixMetal, number>> = {};
  for (const metal of metalsIn(now)) {
    const price = finePrice(fix, metal)?.value;
    if (price === undefined) continue;
    const doubled = countPiece(piece, rates, moved(fix, { [metal]: 2 }), sized).column.exact;
    prices[metal] = price;
    slopes[metal] = now.column.exact.map((amount, index) => ((doubled[index] ?? amount) - amount) / price);
  }
  return {
    keys,
    at: now.column.exact,
    prices,
    slopes,
    pricing: now.pricing,
    minutes: now.minutes.value,
    problem: now.problems.find(({ path }) => path !== 'fix')?.sentence ?? null,
    deviation: exactSpread(costVariation(now, rates)).deviation,
  };
}

// One price for all sizes is that of the most expensive size, whichever metal makes it so.
function dearestSize(piece: Piece, rates: Rates, fix: Fix, compute: RecipeFunctions | undefined): string | undefined {
  const costs = sizesOf(piece).map(({ id }) => {
    const each = { ...piece, sizes: { ...piece.sizes, price: 'each' as const } };
    return { id, cost: countPiece(each, rates, fix, { size: id, compute }).column.cost.value };
  });
  return costs.sort((a, b) => b.cost - a.cost)[0]?.id;
}

function metalsIn({ parts, joins }: ReturnType<typeof countPiece>): FixMetal[] {
  const compositions = [
    ...parts.map(({ alloy }) => alloy?.composition ?? {}),
    ...joins.map(({ solder }) => solder?.composition ?? {}),
  ];
  return fixMetals.filter((metal) => compositions.some((composition) => (composition[metal] ?? 0) > 0));
}

/** Metal prices with some of them multiplied. */
export function moved(fix: Fix, factors: Readonly<Partial<Record<FixMetal, number>>>): Fix {
  const prices = Object.fromEntries(
    fixMetals.flatMap((metal) => {
      const typed = fix.prices[metal]?.trim();
      if (!typed) return [];
      const factor = factors[metal] ?? 1;
      const [, amount = typed, per = ''] = /^(.*?)((?:\/|\bper\b).*)?$/i.exec(typed) ?? [];
      return [
        [metal, factor === 1 ? typed : `(${amount.replace(/[£$€¥]|[A-Z]{3}/g, '').trim()}) * ${String(factor)} ${per}`],
      ];
    }),
  ) as Fix['prices'];
  return { ...fix, prices };
}

/** Cost and prices at other metal prices. */
export interface Revalued {
  /** Whole minor units. */
  readonly cost: number;
  readonly groups: CostGroups;
  /** Labour part of the cost. */
  readonly labour: number;
}

/**
 * The cost at other metal prices, rounded as in the cost column.
 * @param prices  minor units per gram; a metal left out keeps its price
 */
export function revalue(valuation: Valuation, prices: Readonly<Partial<Record<FixMetal, number>>>): Revalued {
  const { keys, at, slopes } = valuation;
  const lines = [...at];
  for (const metal of fixMetals) {
    const slope = slopes[metal];
    const [before, now] = [valuation.prices[metal], prices[metal]];
    if (!slope || before === undefined || now === undefined) continue;
    for (let index = 0; index < lines.length; index += 1)
      lines[index] = (lines[index] ?? 0) + (slope[index] ?? 0) * (now - before);
  }
  const cost = roundHalfAwayFromZero(lines.reduce((sum, line) => sum + line, 0));
  const settled = roundLinesToTotal(lines, cost);
  return {
    cost,
    groups: costGroups(keys.map((key, index) => ({ key, amount: settled[index] ?? 0 }))),
    labour: settled[keys.indexOf('labour')] ?? 0,
  };
}

/** Prices of the fine metals, minor units per gram. */
export function finePrices(fix: Fix): Partial<Record<FixMetal, number>> {
  return Object.fromEntries(
    fixMetals.flatMap((metal) => {
      const price = finePrice(fix, metal);
      return price ? [[metal, price.value]] : [];
    }),
  );
}

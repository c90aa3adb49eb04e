// A piece's cost as a straight line in the price of each fine metal: what a whole book is revalued by in one pass.
import type { CostKey } from '../../cost/column.ts';
import { roundHalfAwayFromZero, roundLinesToTotal } from '../../figure/round-money.ts';
import { finePrice, fixMetals, type Fix, type FixMetal } from '../../metal/fix.ts';
import type { Piece } from '../../piece/piece.ts';
import type { RecipeFunctions } from '../../piece/compute-recipe.ts';
import type { Rates } from '../../studio/rates.ts';
import { countPiece } from '../piece/count-piece.ts';
import type { Pricing } from '../methods/prices.ts';
import { exactSpread, costVariation } from '../piece/likely-range.ts';
import { costGroups, type CostGroups } from '../methods/methods.ts';

export interface Valuation {
  readonly keys: readonly CostKey[];
  /** Exact lines at the fix it was made at, minor units. */
  readonly at: readonly number[];
  /** Fine prices of that fix that move it, minor units per gram. */
  readonly prices: Readonly<Partial<Record<FixMetal, number>>>;
  /** Of each line, minor units for each minor unit per gram of the metal. */
  readonly slopes: Readonly<Partial<Record<FixMetal, readonly number[]>>>;
  readonly pricing: Pricing;
  /** Attended minutes of one piece. */
  readonly minutes: number;
  /** Standard deviation of the cost, minutes and weights straying, minor units. */
  readonly deviation: number;
  /** What keeps it from being reckoned whole, in a sentence; null when nothing does. */
  readonly problem: string | null;
}

/**
 * Values a piece. Every line of a cost is linear in the price of every metal: two counts a metal give its slope.
 * (Scrap that a refiner's charge eats up is the exception: its line stops at nothing.) Where metal is costed at what was paid, its line does not move with the fix; what scrap brings still does.
 * @returns null without a fix in the studio's currency
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

// One price for all sizes is that of the dearest, whichever metal makes it so.
function dearestSize(piece: Piece, rates: Rates, fix: Fix, compute: RecipeFunctions | undefined): string | undefined {
  const costs = piece.sizes.rows.map(({ id }) => {
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

/** A fix with some of its prices times a factor. */
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

export interface Revalued {
  /** Whole minor units. */
  readonly cost: number;
  readonly groups: CostGroups;
  /** Of the cost, for the hands. */
  readonly labour: number;
}

/**
 * The cost at other prices of fine metal, settled as the column settles it.
 * @param prices  minor units per gram; a metal left out stands as it was
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

/** Fine prices of a fix, minor units per gram. */
export function finePrices(fix: Fix): Partial<Record<FixMetal, number>> {
  return Object.fromEntries(
    fixMetals.flatMap((metal) => {
      const price = finePrice(fix, metal);
      return price ? [[metal, price.value]] : [];
    }),
  );
}

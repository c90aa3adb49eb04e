// The bar problem in whole micrometres, so that exact fits fit.
import { EPSILON, isSameCost } from '../same-cost.ts';
import type { BarPlan, BarProblem, PlannedBar } from './bar-problem.ts';

const UM_PER_MM = 1000;

/**
 * Every piece needs its length and a kerf; a bar holds its length and one kerf more, since the last piece needs no cut
 * when it ends with the bar.
 */
export interface IndexedBars {
  readonly stock: readonly {
    readonly id: string;
    /** µm */
    readonly length: number;
    /** Room for pieces with their kerfs, µm. */
    readonly room: number;
    /** Never more than there are pieces. */
    readonly count: number;
    readonly cost: number;
  }[];
  readonly pieces: readonly {
    readonly id: string;
    /** Length with its kerf, µm. */
    readonly takes: number;
    readonly count: number;
  }[];
  /** µm; Infinity when nothing is kept. */
  readonly keepFrom: number;
}

/** Number of each piece, in the order of the problem, cut from one bar. */
export interface Pattern {
  readonly stock: number;
  readonly cuts: readonly number[];
}

/** @returns the problem without pieces of which none is wanted */
export function indexBars({ kerf, stock, pieces, keepFrom }: BarProblem): IndexedBars {
  const um = (mm: number) => Math.round(mm * UM_PER_MM);
  const wanted = pieces.filter(({ count }) => count > 0);
  const most = wanted.reduce((sum, { count }) => sum + count, 0);
  return {
    stock: stock.map(({ id, length, count, cost }) => ({
      id,
      length: um(length),
      room: um(length) + um(kerf),
      count: Math.min(count ?? most, most),
      cost,
    })),
    pieces: wanted.map(({ id, length, count }) => ({ id, takes: um(length) + um(kerf), count })),
    keepFrom: keepFrom === undefined ? Infinity : um(keepFrom),
  };
}

/** µm of pieces and kerfs. */
export function takenBy({ pieces }: IndexedBars, cuts: readonly number[]): number {
  return cuts.reduce((sum, count, index) => sum + count * (pieces[index]?.takes ?? 0), 0);
}

/** µm left at the end of a bar. */
function remainderOf(bars: IndexedBars, { stock, cuts }: Pattern): number {
  return Math.max(0, (bars.stock[stock]?.length ?? 0) - takenBy(bars, cuts));
}

/** µm of the bar that are used: all of it, or all but the kept remainder. */
export function consumedBy(bars: IndexedBars, pattern: Pattern): number {
  const remainder = remainderOf(bars, pattern);
  return (bars.stock[pattern.stock]?.length ?? 0) - (remainder >= bars.keepFrom ? remainder : 0);
}

/** Cost and metal of a plan. */
export interface Score {
  readonly cost: number;
  /** µm */
  readonly consumed: number;
}

/** The score of a list of patterns. */
export function scoreOf(bars: IndexedBars, patterns: readonly Pattern[]): Score {
  return {
    cost: patterns.reduce((sum, { stock }) => sum + (bars.stock[stock]?.cost ?? 0), 0),
    consumed: patterns.reduce((sum, pattern) => sum + consumedBy(bars, pattern), 0),
  };
}

/** Whether a score is cheaper, or equally cheap with less metal used. */
export function isBetterScore(a: Score, b: Score): boolean {
  const slack = EPSILON * Math.max(1, Math.abs(b.cost));
  return a.cost < b.cost - slack || (a.cost < b.cost + slack && a.consumed < b.consumed);
}

/** The plan of a list of patterns: equal bars together, the fullest first. */
export function planOfPatterns(
  bars: IndexedBars,
  patterns: readonly Pattern[],
  bound: number,
  consumedBound: number,
): BarPlan {
  const { cost, consumed } = scoreOf(bars, patterns);
  const planned = patterns
    .map((pattern) => ({ pattern, remainder: remainderOf(bars, pattern) }))
    .sort((a, b) => a.pattern.stock - b.pattern.stock || a.remainder - b.remainder)
    .map(({ pattern: { stock, cuts }, remainder }): PlannedBar => ({
      stock: bars.stock[stock]?.id ?? '',
      cuts: Object.fromEntries(
        cuts.flatMap((count, index) => (count > 0 ? [[bars.pieces[index]?.id ?? '', count] as const] : [])),
      ),
      remainder: remainder / UM_PER_MM,
    }));
  const isCheapest = isSameCost(cost, bound) || bound > cost;
  return {
    cost,
    bound: isCheapest ? cost : bound,
    consumed: consumed / UM_PER_MM,
    consumedBound: Math.min(consumed, consumedBound) / UM_PER_MM,
    proved: isCheapest && consumed <= consumedBound,
    bars: planned,
  };
}

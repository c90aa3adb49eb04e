// Moves a blank of a plan by hand: to another bar, or to a new bar.
import type { NoPlan } from '../no-plan.ts';
import type { BarPlan, BarProblem } from './bar-problem.ts';
import { indexBars, type Pattern, planOfPatterns, takenBy } from './indexed-bars.ts';

/**
 * @param from  index of the bar it is cut from now
 * @param to    index of the other bar; null for a new bar of the same stock
 * @returns the plan with its figures, or why the blank does not fit
 */
export function moveBlank(
  problem: BarProblem,
  plan: BarPlan,
  { from, piece, to }: { readonly from: number; readonly piece: string; readonly to: number | null },
): BarPlan | NoPlan {
  const bars = indexBars(problem);
  const patterns = plan.bars.map(({ stock, cuts }): Pattern => ({
    stock: bars.stock.findIndex(({ id }) => id === stock),
    cuts: bars.pieces.map(({ id }) => cuts[id] ?? 0),
  }));
  const index = bars.pieces.findIndex(({ id }) => id === piece);
  const source = patterns[from];
  if (!source || (source.cuts[index] ?? 0) === 0) return { sentence: 'There is no such blank in this bar.' };
  const changed = (pattern: Pattern, by: number): Pattern => ({
    ...pattern,
    cuts: pattern.cuts.map((count, at) => (at === index ? count + by : count)),
  });
  const target = to === null ? { stock: source.stock, cuts: bars.pieces.map(() => 0) } : patterns[to];
  if (!target || to === from) return plan;
  const filled = changed(target, 1);
  if (takenBy(bars, filled.cuts) > (bars.stock[filled.stock]?.room ?? 0))
    return { sentence: 'It does not fit: this bar is too full for it.' };
  const moved = patterns
    .map((pattern, at) => (at === from ? changed(pattern, -1) : at === to ? filled : pattern))
    .concat(to === null ? [filled] : [])
    .filter(({ cuts }) => cuts.some((count) => count > 0));
  const used = moved.filter(({ stock }) => stock === filled.stock).length;
  if (used > (bars.stock[filled.stock]?.count ?? 0)) return { sentence: 'There is no further bar of this kind.' };
  return planOfPatterns(bars, moved, Math.min(plan.bound, plan.cost), plan.consumedBound * 1000);
}

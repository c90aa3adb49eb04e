// What chains and calendar alone take: the cost of a schedule starts from it.
import type { IndexedProblem } from '../model/indexed-problem.ts';
import { heads } from './heads.ts';
import type { CostBounds } from './serial-schedule-generation.ts';
import { tailsOf } from './tails.ts';

/** Bounds of a problem. */
export function costBoundsOf(indexed: IndexedProblem): CostBounds {
  const tail = tailsOf(indexed);
  const { end } = heads(indexed);
  const soonest = new Float64Array(indexed.due.length);
  for (let index = 0; index < indexed.size; index += 1) {
    const job = indexed.job[index] ?? 0;
    const done = indexed.fixed[index] ? 0 : (end[index] ?? 0) + (tail[index] ?? 0);
    soonest[job] = Math.max(soonest[job] ?? 0, done);
  }
  return { tail, soonest };
}

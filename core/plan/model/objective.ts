// Comparison of plans: first the weighted tardiness, then the makespan.
import type { Objective } from './problem.ts';

/** Minutes are fractions: a rounding error is not worse. */
export const SAME = 1e-6;

/** Below 0 when the first is better, 0 when they are equal. */
export function compareObjectives(a: Objective, b: Objective): number {
  if (Math.abs(a.tardiness - b.tardiness) > SAME) return a.tardiness - b.tardiness;
  return Math.abs(a.makespan - b.makespan) > SAME ? a.makespan - b.makespan : 0;
}

/** Whether the first is better than the second. */
export const isBetter = (a: Objective, b: Objective) => compareObjectives(a, b) < 0;

/** Whether a plan reaches a lower bound, so that none is better. */
export function reachesBound({ tardiness, makespan }: Objective, bound: Objective): boolean {
  return tardiness <= bound.tardiness + SAME && makespan <= bound.makespan + SAME;
}

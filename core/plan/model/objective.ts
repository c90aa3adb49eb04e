// Which plan is better: first the lateness, then the end of all.
import type { Objective } from './problem.ts';

/** Minutes are fractions: a hair over is not worse. */
export const SAME = 1e-6;

/** Below 0 when the first is better, 0 when they are alike. */
export function compareObjectives(a: Objective, b: Objective): number {
  if (Math.abs(a.tardiness - b.tardiness) > SAME) return a.tardiness - b.tardiness;
  return Math.abs(a.makespan - b.makespan) > SAME ? a.makespan - b.makespan : 0;
}

export const isBetter = (a: Objective, b: Objective) => compareObjectives(a, b) < 0;

/** Whether nothing is better, as far as a bound says. */
export function reachesBound({ tardiness, makespan }: Objective, bound: Objective): boolean {
  return tardiness <= bound.tardiness + SAME && makespan <= bound.makespan + SAME;
}

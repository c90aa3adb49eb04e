// Comparison of plans, aim by aim: what comes first decides.
import type { Bound, Objective, SecondAim } from './problem.ts';

/** Minutes are fractions: a rounding error is not worse. */
export const SAME = 1e-6;

/** Below 0 when the first is better, 0 when they are equal. */
export function compareObjectives(a: Objective, b: Objective, second: SecondAim): number {
  return compareSoFar(a, b, second) || rest(a, b, second);
}

/** Comparison without the changes, which take longer to count, and what comes after them. */
export function compareSoFar(a: Omit<Objective, 'changes'>, b: Omit<Objective, 'changes'>, second: SecondAim): number {
  return (
    by(a.overLag, b.overLag) ||
    by(a.tardiness, b.tardiness) ||
    (second === 'makespan' ? by(a.makespan, b.makespan) : by(priced(a), priced(b)))
  );
}

/** Weighted completion time with the price of what moved, and a weighted minute for a disliked one. */
const priced = ({ completion, moved, dislike }: Pick<Objective, 'completion' | 'moved' | 'dislike'>) =>
  completion + moved + dislike;

const rest = (a: Objective, b: Objective, second: SecondAim) =>
  by(a.changes, b.changes) || (second === 'makespan' ? by(priced(a), priced(b)) : by(a.makespan, b.makespan));

const by = (a: number, b: number) => (Math.abs(a - b) > SAME ? a - b : 0);

/** Whether the first is better than the second. */
export const isBetter = (a: Objective, b: Objective, second: SecondAim) => compareObjectives(a, b, second) < 0;

/** Whether a plan reaches a lower bound, so that none is better in the first two aims. */
export function reachesBound(objective: Objective, bound: Bound, second: SecondAim): boolean {
  return (
    objective.overLag <= SAME &&
    objective.tardiness <= bound.tardiness + SAME &&
    objective[second] <= bound[second] + SAME
  );
}

// The plan shown at once after an edit: as close to the last plan as it can be.
import { indexProblem } from '../model/indexed-problem.ts';
import { isBetter } from '../model/objective.ts';
import type { ScheduledStep, ScheduleProblem } from '../model/problem.ts';
import { quickPlan } from './quick-plan.ts';
import type { Solution } from './solution.ts';
import { warmStart, type WarmStartStep } from './warm-start.ts';

/**
 * A plan at once: as close as possible to the last one, or by priority rules where that is better.
 * @param last  steps of the plan before
 * @returns null when there is no plan
 */
export function planAtOnce(problem: ScheduleProblem, last: readonly ScheduledStep[]): Solution | null {
  const quick = quickPlan(problem);
  const placed = placedLike(problem, last);
  const like = placed.length > 0 ? warmStart(indexProblem(problem), new Map(placed)) : null;
  return like && (!quick || !isBetter(quick.objective, like.objective)) ? like : quick;
}

/** Where the last plan put the steps of a problem: most of it is the same as a minute ago. */
export function placedLike(
  { jobs, makers }: ScheduleProblem,
  last: readonly ScheduledStep[],
): (readonly [number, WarmStartStep])[] {
  const before = new Map(last.map((step) => [`${step.job} ${step.step}`, step]));
  const makerAt = new Map(makers.map(({ id }, index) => [id, index]));
  return jobs
    .flatMap((job) => job.steps.map((step) => `${job.id} ${step.id}`))
    .flatMap((name, index): (readonly [number, WarmStartStep])[] => {
      const was = before.get(name);
      return was ? [[index, { start: was.start, maker: makerAt.get(was.maker ?? '') ?? -1 }]] : [];
    });
}

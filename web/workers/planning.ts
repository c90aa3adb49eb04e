// Searches for better plans in a worker and reports them; ending the worker stops it.
import { indexProblem } from '../../core/plan/model/indexed-problem.ts';
import type { Objective, ScheduleProblem } from '../../core/plan/model/problem.ts';
import { scheduleLowerBound } from '../../core/plan/solve/lower-bound.ts';
import { searchPlan } from '../../core/plan/solve/search.ts';
import type { Solution } from '../../core/plan/solve/solution.ts';
import { warmStart, type WarmStartStep } from '../../core/plan/solve/warm-start.ts';

export interface PlanningAsked {
  readonly problem: ScheduleProblem;
  readonly seconds: number;
  readonly seed: number;
  /** Steps of a plan to start from. */
  readonly from: readonly (readonly [number, WarmStartStep])[];
}

export interface PlanningTold {
  /** Null when there is no plan. */
  readonly found: Pick<Solution, 'objective' | 'steps'> | null;
  /** The bound: no plan can be better. */
  readonly bound: Objective;
  readonly isDone: boolean;
}

/** Shortest time between two reports, ms, except for the first and the last: the page draws each. */
const TOLD_MS = 300;

addEventListener('message', ({ data }: MessageEvent<PlanningAsked>) => {
  const began = performance.now();
  const indexed = indexProblem(data.problem);
  const bound = scheduleLowerBound(indexed);
  const from = data.from.length > 0 ? warmStart(indexed, new Map(data.from)) : null;
  const search = searchPlan(indexed, { seed: data.seed, tries: Infinity, bound, from: from ?? undefined });
  const tell = (found: Solution | null, isDone: boolean) =>
    postMessage({
      found: found && { objective: found.objective, steps: found.steps },
      bound,
      isDone,
    } satisfies PlanningTold);
  let best: Solution | null = null;
  let isTold = true;
  let told = -Infinity;
  let step = search.next();
  while (!step.done && performance.now() - began < data.seconds * 1000) {
    if (step.value) [best, isTold] = [step.value, false];
    if (!isTold && performance.now() - told > TOLD_MS) {
      tell(best, false);
      [isTold, told] = [true, performance.now()];
    }
    step = search.next();
  }
  tell(best, true);
});

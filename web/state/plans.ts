// The best plan known of each problem, the same for all screens.
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { isBetter } from '../../core/plan/model/objective.ts';
import type { Objective, ScheduleProblem, ScheduledStep } from '../../core/plan/model/problem.ts';
import { indexProblem } from '../../core/plan/model/indexed-problem.ts';
import { quickPlan } from '../../core/plan/solve/quick-plan.ts';
import type { Solution } from '../../core/plan/solve/solution.ts';
import { warmStart, type WarmStartStep } from '../../core/plan/solve/warm-start.ts';

/** What is known of a problem. */
export interface KnownPlan {
  /** Null where there can be none. */
  readonly found: Pick<Solution, 'objective' | 'steps'> | null;
  /** What no plan can beat. */
  readonly bound: Objective;
  /** Whether the search is over. */
  readonly isDone: boolean;
}

interface Plans {
  /** By the fingerprint of the problem, the latest last. */
  readonly known: Readonly<Record<string, KnownPlan>>;
  /** Steps of the plan that was learned last: the next one starts from it. */
  readonly last: readonly ScheduledStep[];
}

/** Number of problems whose best plans are kept. */
const MOST_KEPT = 40;

const nothingKnown: Plans = { known: {}, last: [] };

const slice = createSlice({
  name: 'plans',
  initialState: nothingKnown,
  reducers: {
    /** Keeps a plan found anywhere, here or by the server, unless a better one is known. */
    planLearned(plans, { payload }: PayloadAction<{ readonly key: string; readonly told: KnownPlan }>): Plans {
      const { key, told } = payload;
      const { [key]: before, ...others } = (plans as Plans).known;
      const isWorse = before?.found && told.found && !isBetter(told.found.objective, before.found.objective);
      if (isWorse && before.isDone) return plans;
      const now = isWorse ? { ...before, isDone: told.isDone } : told;
      const kept = Object.entries(others).slice(-(MOST_KEPT - 1));
      return { known: { ...Object.fromEntries(kept), [key]: now }, last: now.found?.steps ?? (plans as Plans).last };
    },
  },
});

export const plansReducer = slice.reducer;
export const { planLearned } = slice.actions;

/**
 * A plan at once: as like the last one as it can be, or by priority rules where that is better.
 * @param last  steps of the plan before
 * @returns null when there is no plan
 */
export function planAtOnce(problem: ScheduleProblem, last: readonly ScheduledStep[]): Solution | null {
  const quick = quickPlan(problem);
  const placed = placedLike(problem, last);
  const like = placed.length > 0 ? warmStart(indexProblem(problem), new Map(placed)) : null;
  return like && (!quick || !isBetter(quick.objective, like.objective)) ? like : quick;
}

/** Where the last plan had the steps of a problem: most of it is as it was a minute ago. */
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

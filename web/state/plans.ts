// The best known plan of each problem, shared by all screens.
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { isBetter } from '../../core/plan/model/objective.ts';
import type { Objective, ScheduleProblem, ScheduledStep } from '../../core/plan/model/problem.ts';
import { indexProblem } from '../../core/plan/model/indexed-problem.ts';
import { quickPlan } from '../../core/plan/solve/quick-plan.ts';
import type { Solution } from '../../core/plan/solve/solution.ts';
import { warmStart, type WarmStartStep } from '../../core/plan/solve/warm-start.ts';

/** What is known of a problem. */
export interface KnownPlan {
  /** Null when there is no plan. */
  readonly found: Pick<Solution, 'objective' | 'steps'> | null;
  /** The bound: no plan can be better. */
  readonly bound: Objective;
  /** Whether the search has ended. */
  readonly isDone: boolean;
}

interface Plans {
  /** By fingerprint of the problem, the latest last. */
  readonly known: Readonly<Record<string, KnownPlan>>;
  /** Steps of the last plan; the next plan starts from it. */
  readonly last: readonly ScheduledStep[];
}

/** Number of problems whose best plans are kept. */
const MOST_KEPT = 40;

const nothingKnown: Plans = { known: {}, last: [] };

const slice = createSlice({
  name: 'plans',
  initialState: nothingKnown,
  reducers: {
    /** Stores a plan found by the page or the server, unless a better one is known. */
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

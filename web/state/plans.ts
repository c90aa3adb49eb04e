// The best known plan of each problem, shared by all screens.
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { isBetter } from '../../core/plan/model/objective.ts';
import type { Objective, ScheduledStep } from '../../core/plan/model/problem.ts';
import type { Solution } from '../../core/plan/solve/solution.ts';

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

/** The part of the store that holds the plans. */
interface WithPlans {
  readonly plans: Plans;
}

/** What is known of a problem. @param key  its fingerprint */
export const selectKnownPlan =
  (key: string) =>
  ({ plans }: WithPlans): KnownPlan | null =>
    plans.known[key] ?? null;

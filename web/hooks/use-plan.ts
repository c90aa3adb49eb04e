// The plan of all unfinished batches from now on: by priority rules at once, then better as the search finds it.
import { useMemo, useState } from 'react';
import { useStore } from 'react-redux';
import type { BatchWithPieces } from '../../contract/batches.ts';
import { type Batch, isDone } from '../../core/batch/batch.ts';
import type { MadeLine } from '../../core/batch/batch-run.ts';
import { fingerprint } from '../../core/measure/fingerprint.ts';
import { indexProblem } from '../../core/plan/model/indexed-problem.ts';
import type { Objective, ScheduleProblem } from '../../core/plan/model/problem.ts';
import { infeasibleStep } from '../../core/plan/solve/infeasible-step.ts';
import { planAtOnce } from '../../core/plan/solve/plan-at-once.ts';
import { benchSteps } from '../../core/plan/studio/batch-steps.ts';
import { standings } from '../../core/plan/studio/bench-entry.ts';
import { type StudioPlan, studioPlan } from '../../core/plan/studio/studio-plan.ts';
import { type StudioJob, studioProblem, type StudioTerms } from '../../core/plan/studio/studio-problem.ts';
import { useGetBenchQuery } from '../state/endpoints/bench.ts';
import { madeLinesOf } from '../state/made-lines.ts';
import type { RootState } from '../state/store.ts';
import { useBasis } from './use-basis.ts';
import { useKnownPlan } from './use-known-plan.ts';
import { useNow } from './use-now.ts';

/** A batch that is being edited: the plan uses it as it stands on the page. */
export interface BatchInHand {
  readonly id: string;
  readonly body: Batch;
  readonly made: readonly MadeLine[];
}

export interface Planned {
  readonly jobs: readonly StudioJob[];
  readonly terms: StudioTerms;
  readonly problem: ScheduleProblem;
  /** Fingerprint of the problem. */
  readonly key: string;
  readonly plan: StudioPlan;
  /** The bound: no plan can be better; null before it is known. */
  readonly bound: Objective | null;
  /** Whether the search for a better plan runs. */
  readonly isSearching: boolean;
}

export type PlanOrWhy = Planned | { readonly sentence: string };

const closed = 'There are no working hours. Enter them in Settings.';

/** Why there is no plan: no maker has working hours, or not enough for one of the steps. */
function noPlan(jobs: readonly StudioJob[], problem: ScheduleProblem): { readonly sentence: string } {
  if (problem.makers.every(({ shifts }) => shifts?.length === 0)) return { sentence: closed };
  const homeless = infeasibleStep(indexProblem(problem));
  const step = jobs.find(({ id }) => id === homeless?.job)?.steps.find(({ key }) => key === homeless?.step);
  if (!step) return { sentence: 'The work does not fit into the working hours of the next months.' };
  return {
    sentence: `“${step.name}” of ${step.piece} does not fit: no maker for it works long enough in one shift. Enter longer hours in Settings, or shorter loads in the piece.`,
  };
}

/** @returns null until everything has arrived; a sentence when there can be no plan */
export function usePlan(batches: readonly BatchWithPieces[] | undefined, inHand?: BatchInHand): PlanOrWhy | null {
  const jobs = useStudioJobs(batches, inHand);
  const terms = useStudioTerms();
  return usePlanOf(jobs, terms);
}

/** Up to this many steps are planned between two frames; more are planned in a worker. */
const AT_ONCE = 250;

/** The plan of any jobs under any terms; while a large one is computed, the plan before it. */
export function usePlanOf(jobs: readonly StudioJob[] | null, terms: StudioTerms | null): PlanOrWhy | null {
  const asked = useMemo(() => {
    if (!jobs || !terms) return null;
    const problem = studioProblem(jobs, terms);
    const steps = jobs.reduce((sum, job) => sum + job.steps.length, 0);
    return { jobs, terms, problem, key: fingerprint(problem), isLarge: steps > AT_ONCE };
  }, [jobs, terms]);
  const store = useStore<RootState>();
  const quick = useMemo(
    () => (asked && !asked.isLarge ? planAtOnce(asked.problem, store.getState().plans.last) : null),
    [asked, store],
  );
  const isSought = asked !== null && (asked.isLarge || quick !== null);
  const known = useKnownPlan(asked?.key ?? '', isSought ? asked.problem : null, asked?.isLarge ?? false);
  const planned = useMemo((): PlanOrWhy | null => {
    if (!asked || (asked.isLarge && !known)) return null;
    const best = known?.found ?? quick;
    if (!best) return noPlan(asked.jobs, asked.problem);
    const plan = studioPlan(asked.jobs, asked.problem, best.steps, best.objective, asked.terms);
    return { ...asked, plan, bound: known?.bound ?? null, isSearching: !known?.isDone };
  }, [asked, quick, known]);
  const [before, setBefore] = useState(planned);
  if (planned && planned !== before) setBefore(planned);
  return planned ?? (asked ? before : null);
}

function useStudioTerms(): StudioTerms | null {
  const { rates } = useBasis();
  const { day, minute } = useNow();
  const { data } = useGetBenchQuery();
  const { bench } = rates;
  return useMemo(
    () => (data ? { bench, day, minute, standings: standings(data.entries) } : null),
    [data, bench, day, minute],
  );
}

/** Open batches as jobs; the edited batch as it stands on the page. */
function useStudioJobs(
  batches: readonly BatchWithPieces[] | undefined,
  inHand?: BatchInHand,
): readonly StudioJob[] | null {
  const { rates } = useBasis();
  const { id, body, made } = inHand ?? {};
  return useMemo(() => {
    if (!batches) return null;
    return batches
      .map((one) =>
        one.batch.id === id && body && made
          ? { id, body, made }
          : { id: one.batch.id, body: one.batch.body, made: madeLinesOf(one) },
      )
      .filter((one) => !isDone(one.body))
      .map((one): StudioJob => ({ id: one.id, batch: one.body, steps: benchSteps(one.made, rates.alloys) }));
  }, [batches, id, body, made, rates]);
}

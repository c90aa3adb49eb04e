// The plan of all unfinished batches: the document that the server keeps, as it stands at this minute.
import { useEffect, useMemo, useRef } from 'react';
import type { BatchWithPieces } from '../../contract/batches.ts';
import type { PlanOffer } from '../../contract/plan.ts';
import { type Batch, isDone } from '../../core/batch/batch.ts';
import type { MadeLine } from '../../core/batch/batch-run.ts';
import { benchSteps } from '../../core/bench/batch-steps.ts';
import { standings } from '../../core/bench/standing.ts';
import type { ScheduleProblem } from '../../core/plan/model/problem.ts';
import { followPlan } from '../../core/plan/studio/follow-plan.ts';
import { noPlanSentence } from '../../core/plan/studio/no-plan.ts';
import type { PlanDocument } from '../../core/plan/studio/plan-document.ts';
import type { PlanLike } from '../../core/plan/studio/studio-plan.ts';
import type { StudioPlan } from '../../core/plan/studio/studio-plan.ts';
import type { StudioJob, StudioTerms } from '../../core/plan/studio/studio-problem.ts';
import { api } from '../state/api.ts';
import { withWaiting } from '../state/bench-entries.ts';
import { useGetBenchQuery } from '../state/endpoints/bench.ts';
import { useGetPlanQuery } from '../state/endpoints/plan.ts';
import { madeLinesOf } from '../state/made-lines.ts';
import { useAppDispatch, useAppSelector } from '../state/store.ts';
import { openTrialPlans } from '../workers/open-trial-plans.ts';
import type { TrialAsked } from '../workers/trial-plans.ts';
import { useBasis } from './use-basis.ts';
import { useNow } from './use-now.ts';
import { useWorkerAnswer } from './use-worker-answer.ts';

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
  readonly plan: StudioPlan;
  /** The document it comes from; null for a trial. */
  readonly document: PlanDocument | null;
  readonly offer: PlanOffer | null;
  /** Whether the server looks for a better plan. */
  readonly isFinding: boolean;
}

export type PlanOrWhy = Planned | { readonly sentence: string };

/** Other devices change the plan too, ms. */
const LOOK_AGAIN_MS = 15_000;

/** @returns null until everything has arrived; a sentence when there can be no plan */
export function usePlan(batches: readonly BatchWithPieces[] | undefined, inHand?: BatchInHand): PlanOrWhy | null {
  const jobs = useStudioJobs(batches, inHand);
  const terms = useStudioTerms();
  const { data } = useGetPlanQuery(undefined, { pollingInterval: LOOK_AGAIN_MS, skipPollingIfUnfocused: true });
  useReadAgain(data?.plan?.version);
  const { plan: document = null, offer = null, isFinding = false, sentence = '' } = data ?? {};
  const lines = document?.lines;
  const followed = useMemo(
    () => (jobs && terms && lines ? { like: followPlan(jobs, terms, lines), jobs, terms } : null),
    [jobs, terms, lines],
  );
  return useMemo(() => {
    if (!followed) return sentence ? { sentence } : null;
    const { like, ...asked } = followed;
    if (!like) return { sentence: noPlanSentence(asked.jobs, asked.terms) };
    return { ...asked, ...like, document, offer, isFinding };
  }, [followed, sentence, document, offer, isFinding]);
}

/** A plan of the server made for another device: what it rests on has changed there. */
function useReadAgain(version: number | undefined): void {
  const dispatch = useAppDispatch();
  const before = useRef(version);
  useEffect(() => {
    if (before.current !== undefined && version !== before.current)
      dispatch(api.util.invalidateTags(['Bench', 'Batches']));
    before.current = version ?? before.current;
  }, [version, dispatch]);
}

/**
 * The plan of a trial: other jobs or other terms, near the present plan.
 * @returns null until it is known, and where there is none
 */
export function useTrialPlan(
  present: Planned | null,
  jobs: readonly StudioJob[] | null,
  terms: StudioTerms | null,
): Planned | null {
  const lines = present?.document?.lines;
  const question = useMemo(
    (): TrialAsked | null => (jobs && terms && lines ? { jobs, terms, lines } : null),
    [jobs, terms, lines],
  );
  const answer = useWorkerAnswer<TrialAsked, PlanLike | null>(openTrialPlans, TRIALS, question);
  return useMemo(() => {
    if (!answer?.told || !question) return null;
    return { ...answer.question, ...answer.told, document: null, offer: null, isFinding: answer.question !== question };
  }, [answer, question]);
}

/** What the trials are about is in each question. */
const TRIALS = {};

function useStudioTerms(): StudioTerms | null {
  const { rates } = useBasis();
  const { day, minute } = useNow();
  const { data } = useGetBenchQuery();
  const requests = useAppSelector(({ waiting }) => waiting.requests);
  const { bench } = rates;
  return useMemo(
    () => (data ? { bench, day, minute, standings: standings(withWaiting(data.entries, requests)) } : null),
    [data, requests, bench, day, minute],
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

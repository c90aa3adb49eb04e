// The best known plan of a problem. While it is shown, a worker searches for a better one.
import { useEffect } from 'react';
import { useStore } from 'react-redux';
import type { ScheduleProblem } from '../../core/plan/model/problem.ts';
import { placedLike } from '../../core/plan/solve/plan-at-once.ts';
import { type KnownPlan, planLearned, selectKnownPlan } from '../state/plans.ts';
import { type RootState, useAppDispatch, useAppSelector } from '../state/store.ts';
import type { PlanningAsked, PlanningTold } from '../workers/planning.ts';

/** Time a search may take, s. */
const SECONDS = 2.5;
/** The search starts after this pause in editing, or at once when there is no plan. */
const REST_MS = 300;

/**
 * The best known plan of a problem.
 * @param key  fingerprint of the problem
 * @param problem  null: no search
 * @param isPressing  there is no plan at all until one is found
 * @returns null while nothing is known
 */
export function useKnownPlan(key: string, problem: ScheduleProblem | null, isPressing: boolean): KnownPlan | null {
  const dispatch = useAppDispatch();
  const store = useStore<RootState>();
  useEffect(() => {
    const { known, last } = store.getState().plans;
    if (!problem || known[key]?.isDone) return;
    let worker: Worker | null = null;
    const timer = setTimeout(
      () => {
        worker = new Worker(new URL('../workers/planning.ts', import.meta.url), { type: 'module' });
        worker.addEventListener('message', ({ data }: MessageEvent<PlanningTold>) =>
          dispatch(planLearned({ key, told: data })),
        );
        const from = placedLike(problem, last);
        worker.postMessage({ problem, seconds: SECONDS, seed: 1, from } satisfies PlanningAsked);
      },
      isPressing ? 0 : REST_MS,
    );
    return () => {
      clearTimeout(timer);
      worker?.terminate();
    };
  }, [key, problem, isPressing, dispatch, store]);
  return useAppSelector(selectKnownPlan(key));
}

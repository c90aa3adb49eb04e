// The best plan known of each problem, for all screens alike: found in a worker, one problem at a time.
import { useEffect, useSyncExternalStore } from 'react';
import { warmStart, type WarmStartStep } from '../../core/plan/solve/warm-start.ts';
import { isBetter } from '../../core/plan/model/objective.ts';
import type { Objective, ScheduleProblem, ScheduledStep } from '../../core/plan/model/problem.ts';
import { quickPlan } from '../../core/plan/solve/quick-plan.ts';
import type { Solution } from '../../core/plan/solve/solution.ts';
import { indexProblem } from '../../core/plan/model/indexed-problem.ts';
import type { PlanningAsked, PlanningTold } from '../workers/planning.ts';

/** What is known of a problem. */
export interface KnownPlan {
  /** Null where there can be none. */
  readonly found: Pick<Solution, 'objective' | 'steps'> | null;
  /** What no plan can beat. */
  readonly bound: Objective;
  /** Whether the search is over. */
  readonly isDone: boolean;
}

/** Of so many problems the best plans are kept. */
const MOST_KEPT = 40;
/** Time a search may take, and how long hands rest before it begins where there is a plan meanwhile. */
const SECONDS = 2.5;
const REST_MS = 300;

const known = new Map<string, KnownPlan>();
const listeners = new Set<() => void>();
let last: readonly ScheduledStep[] = [];

/** Takes in a plan found anywhere, here or by the server. */
export function learnPlan(key: string, told: KnownPlan): void {
  const before = known.get(key);
  const isWorse = before?.found && told.found && !isBetter(told.found.objective, before.found.objective);
  if (isWorse && before.isDone) return;
  known.delete(key);
  known.set(key, isWorse ? { ...before, isDone: told.isDone } : told);
  last = known.get(key)?.found?.steps ?? last;
  for (const old of [...known.keys()].slice(0, Math.max(0, known.size - MOST_KEPT))) known.delete(old);
  for (const listener of listeners) listener();
}

/**
 * What is known of a problem; a better plan is looked for while it is shown.
 * @param problem  null: none is looked for
 * @param isPressing  there is no plan at all until one is found
 * @returns null while nothing is known
 */
export function useKnownPlan(key: string, problem: ScheduleProblem | null, isPressing: boolean): KnownPlan | null {
  useEffect(() => {
    if (!problem || known.get(key)?.isDone) return;
    let worker: Worker | null = null;
    const timer = setTimeout(
      () => {
        worker = new Worker(new URL('../workers/planning.ts', import.meta.url), { type: 'module' });
        worker.addEventListener('message', ({ data }: MessageEvent<PlanningTold>) => learnPlan(key, data));
        worker.postMessage({ problem, seconds: SECONDS, seed: 1, from: placedLike(problem) } satisfies PlanningAsked);
      },
      isPressing ? 0 : REST_MS,
    );
    return () => {
      clearTimeout(timer);
      worker?.terminate();
    };
  }, [key, problem, isPressing]);
  return useSyncExternalStore(subscribe, () => known.get(key) ?? null);
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** A plan at once: as like the last one as it can be, or by rule where that is better. */
export function planAtOnce(problem: ScheduleProblem): Solution | null {
  const quick = quickPlan(problem);
  const placed = placedLike(problem);
  const like = placed.length > 0 ? warmStart(indexProblem(problem), new Map(placed)) : null;
  return like && (!quick || !isBetter(quick.objective, like.objective)) ? like : quick;
}

/** Where the last plan had the steps of a problem: most of it is as it was a minute ago. */
function placedLike({ jobs, makers }: ScheduleProblem): (readonly [number, WarmStartStep])[] {
  const before = new Map(last.map((step) => [`${step.job} ${step.step}`, step]));
  const makerAt = new Map(makers.map(({ id }, index) => [id, index]));
  return jobs
    .flatMap((job) => job.steps.map((step) => `${job.id} ${step.id}`))
    .flatMap((name, index): (readonly [number, WarmStartStep])[] => {
      const was = before.get(name);
      return was ? [[index, { start: was.start, maker: makerAt.get(was.maker ?? '') ?? -1 }]] : [];
    });
}

// Plans a trial in a worker: the same question always gives the same plan.
import type { PlanLine } from '../../core/plan/studio/plan-document.ts';
import { steadyPlan } from '../../core/plan/studio/steady-plan.ts';
import type { PlanLike } from '../../core/plan/studio/studio-plan.ts';
import type { StudioJob, StudioTerms } from '../../core/plan/studio/studio-problem.ts';
import type { WorkerMessage } from './latest-only-worker.ts';

/** Jobs and terms that are tried, and the lines of the present plan. */
export interface TrialAsked {
  readonly jobs: readonly StudioJob[];
  readonly terms: StudioTerms;
  readonly lines: readonly PlanLine[];
}

addEventListener('message', ({ data }: MessageEvent<WorkerMessage<object, TrialAsked>>) => {
  if ('about' in data) return;
  const { jobs, terms, lines } = data.question;
  const search = steadyPlan(jobs, terms, lines);
  let step = search.next();
  while (!step.done) step = search.next();
  postMessage(step.value satisfies PlanLike | null);
});

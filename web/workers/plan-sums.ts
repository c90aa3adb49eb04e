// Computes the effect of a change on a plan in a worker: a step moved, a batch added.
import type { NewBenchEntry } from '../../core/bench/bench-entry.ts';
import { tryPin } from '../../core/plan/studio/replan.ts';
import {
  type PlanContext,
  planTrialBatch,
  type TrialBatch,
  type TrialResult,
} from '../../core/plan/studio/trial-batch.ts';
import { type Consequence, consequences } from '../../core/plan/studio/why.ts';
import type { WorkerMessage } from './latest-only-worker.ts';

export type PlanQuestion = { readonly pins: readonly NewBenchEntry[] } | { readonly newcomer: TrialBatch };

/** Null where there is no feasible plan any more. */
export type PinTold = readonly Consequence[] | null;
export type NewcomerTold = TrialResult | null;

let about: PlanContext | null = null;

addEventListener('message', ({ data }: MessageEvent<WorkerMessage<PlanContext, PlanQuestion>>) => {
  if ('about' in data) about = data.about;
  else if (about)
    postMessage(
      'pins' in data.question ? pinned(about, data.question.pins) : planTrialBatch(about, data.question.newcomer),
    );
});

function pinned({ jobs, terms, plan }: PlanContext, entries: readonly NewBenchEntry[]): PinTold {
  const after = tryPin(jobs, terms, plan, entries);
  return after && consequences(plan, after);
}

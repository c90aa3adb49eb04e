// What a change would do to a plan, reckoned away from the page: a step put elsewhere, a batch taken in.
import './strict.ts';
import type { NewBenchEntry } from '../../core/plan/studio/bench-entry.ts';
import { tryPin } from '../../core/plan/studio/replan.ts';
import { takeIn, type Newcomer, type PlanAbout, type TakenIn } from '../../core/plan/studio/trial-batch.ts';
import { consequences, type Consequence } from '../../core/plan/studio/why.ts';
import type { Asked } from './latest-only-worker.ts';

export type PlanQuestion = { readonly pin: NewBenchEntry } | { readonly newcomer: Newcomer };

/** Null where the rest finds no place any more. */
export type PinTold = readonly Consequence[] | null;
export type NewcomerTold = TakenIn | null;

let about: PlanAbout | null = null;

addEventListener('message', ({ data }: MessageEvent<Asked<PlanAbout, PlanQuestion>>) => {
  if ('about' in data) about = data.about;
  else if (about)
    postMessage('pin' in data.question ? pinned(about, data.question.pin) : takeIn(about, data.question.newcomer));
});

function pinned({ jobs, terms, plan }: PlanAbout, entry: NewBenchEntry): PinTold {
  const after = tryPin(jobs, terms, plan, entry);
  return after && consequences(plan, after);
}

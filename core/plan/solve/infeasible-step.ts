// Why there is no plan: a step that has no place even alone.
import type { IndexedProblem } from '../model/indexed-problem.ts';
import { SerialScheduleGeneration } from './serial-schedule-generation.ts';

/** @returns job and id of the first such step; null where each step has a place alone */
export function infeasibleStep(indexed: IndexedProblem): { readonly job: string; readonly step: string } | null {
  const alone = new SerialScheduleGeneration(indexed);
  const names = indexed.problem.jobs.flatMap((job) => job.steps.map((step) => ({ job: job.id, step: step.id })));
  const at = names.findIndex(
    (_name, index) => !indexed.fixed[index] && alone.soonest(index, indexed.release[index] ?? 0).end === Infinity,
  );
  return names[at] ?? null;
}

// Why there is no plan at all: a step that finds no place even with the bench to itself.
import { SerialScheduleGeneration } from './serial-schedule-generation.ts';
import type { IndexedProblem } from '../model/indexed-problem.ts';

/** @returns the first such step's job and id; null where each could be done alone */
export function infeasibleStep(indexed: IndexedProblem): { readonly job: string; readonly step: string } | null {
  const alone = new SerialScheduleGeneration(indexed);
  const names = indexed.problem.jobs.flatMap((job) => job.steps.map((step) => ({ job: job.id, step: step.id })));
  const at = names.findIndex(
    (_name, index) => !indexed.fixed[index] && alone.soonest(index, indexed.release[index] ?? 0).end === Infinity,
  );
  return names[at] ?? null;
}

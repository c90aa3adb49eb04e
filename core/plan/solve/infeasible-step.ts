// Why there is no plan at all: a step that finds no place even with the bench to itself.
import { Decoder } from './serial-schedule-generation.ts';
import type { Shop } from '../model/indexed-problem.ts';

/** @returns the first such step's job and id; null where each could be done alone */
export function homelessStep(shop: Shop): { readonly job: string; readonly step: string } | null {
  const alone = new Decoder(shop);
  const names = shop.problem.jobs.flatMap((job) => job.steps.map((step) => ({ job: job.id, step: step.id })));
  const at = names.findIndex(
    (_name, index) => !shop.fixed[index] && alone.soonest(index, shop.release[index] ?? 0).end === Infinity,
  );
  return names[at] ?? null;
}

// A batch as the plan sees it: its steps in minutes for the whole batch.
import { readCount } from '../measure/read-number.ts';
import { handsMin, reckonStep } from '../piece/bench-time.ts';
import type { Piece } from '../piece/piece.ts';
import type { Batch } from '../batch/batch.ts';
import type { PlanBatch } from './forward.ts';

/** @param piece  the revision the batch is made from */
export function planBatch(id: string, batch: Batch, piece: Piece): PlanBatch {
  const reading = readCount(batch.quantity);
  const quantity = reading.ok ? reading.value : 1;
  return {
    id,
    due: batch.due,
    steps: piece.steps.map((step, index) => {
      const time = reckonStep(step);
      // The first step has none before it to wait for.
      return {
        name: step.name,
        attendedMin: handsMin(time, quantity),
        byItselfMin: time.byItselfMin,
        meanwhile: index > 0 && step.meanwhile,
      };
    }),
  };
}

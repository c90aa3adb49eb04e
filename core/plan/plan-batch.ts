// A batch as the plan sees it: its steps in minutes for the whole batch.
import { readCount } from '../measure/read-number.ts';
import type { Alloy } from '../metal/alloys.ts';
import { byItselfMin, handsMin } from '../piece/bench-time.ts';
import type { Piece } from '../piece/piece.ts';
import { reckonRecipe } from '../piece/recipe.ts';
import { pieceInSize } from '../piece/sizes.ts';
import type { Batch } from '../batch/batch.ts';
import type { PlanBatch } from './forward.ts';

/** @param piece  the revision the batch is made from */
export function planBatch(id: string, batch: Batch, piece: Piece, alloys: ReadonlyMap<string, Alloy>): PlanBatch {
  const reading = readCount(batch.quantity);
  const quantity = reading.ok ? reading.value : 1;
  const size = piece.sizes.rows.find((row) => row.id === batch.size) ?? piece.sizes.rows[0];
  const { steps } = reckonRecipe(size ? pieceInSize(piece, size) : piece, alloys);
  return {
    id,
    due: batch.due,
    steps: steps.map((time, index) => ({
      name: piece.steps[index]?.name ?? '',
      attendedMin: handsMin(time, quantity),
      byItselfMin: byItselfMin(time, quantity),
      // The first step has none before it to wait for.
      meanwhile: index > 0 && (piece.steps[index]?.meanwhile ?? false),
    })),
  };
}

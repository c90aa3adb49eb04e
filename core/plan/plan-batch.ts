// A batch as the plan sees it: the steps of its pieces in minutes for the whole batch, one piece after the other.
import { quantityOf, type MadeLine } from '../batch/count.ts';
import type { Batch } from '../batch/batch.ts';
import { readCount } from '../measure/read-number.ts';
import type { Alloy } from '../metal/alloys.ts';
import { byItselfMin, handsMin } from '../piece/bench-time.ts';
import type { Piece } from '../piece/piece.ts';
import { reckonRecipe } from '../piece/recipe.ts';
import { hasSizes, pieceInSize } from '../piece/sizes.ts';
import type { PlanBatch, PlanStep } from './forward.ts';

/** @param made  the lines of the batch with their pieces, in order */
export function planBatch(
  id: string,
  batch: Batch,
  made: readonly MadeLine[],
  alloys: ReadonlyMap<string, Alloy>,
): PlanBatch {
  return { id, due: batch.due, priority: batch.priority, steps: made.flatMap((line) => stepsOf(line, alloys)) };
}

function stepsOf({ line, piece }: MadeLine, alloys: ReadonlyMap<string, Alloy>): PlanStep[] {
  const sizes = hasSizes(piece) ? piece.sizes.rows : [null];
  const counts = sizes.map((size) => countOf(line, piece, size?.id ?? ''));
  const quantity = Math.max(
    1,
    counts.reduce((sum, count) => sum + count, 0),
  );
  // The sizes differ by little at the bench: the one most are made of stands for all.
  const most = counts.indexOf(Math.max(...counts));
  const size = sizes[most] ?? null;
  const { steps } = reckonRecipe(size ? pieceInSize(piece, size) : piece, alloys);
  return steps.map((time, index) => ({
    name: piece.steps[index]?.name ?? '',
    attendedMin: handsMin(time, quantity),
    byItselfMin: byItselfMin(time, quantity),
    // The first step has none before it to wait for.
    meanwhile: index > 0 && (piece.steps[index]?.meanwhile ?? false),
  }));
}

function countOf(line: MadeLine['line'], piece: Piece, size: string): number {
  const reading = readCount(quantityOf(line, piece, size), 0);
  return reading.ok ? reading.value : 0;
}

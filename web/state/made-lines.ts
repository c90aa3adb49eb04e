// The lines of a batch with their pieces, from the server's answer.
import type { BatchWithPieces } from '../../contract/batches.ts';
import { type MadeLine, madeLine } from '../../core/batch/batch-run.ts';

const linesByBatch = new WeakMap<BatchWithPieces, readonly MadeLine[]>();

/** The lines of a batch with their pieces; the same array for the same batch. */
export function madeLinesOf(item: BatchWithPieces): readonly MadeLine[] {
  const known = linesByBatch.get(item);
  if (known) return known;
  const lines = item.batch.body.lines.flatMap((line, index): MadeLine[] => {
    const piece = item.made[index]?.piece;
    return piece ? [madeLine(line, piece)] : [];
  });
  linesByBatch.set(item, lines);
  return lines;
}

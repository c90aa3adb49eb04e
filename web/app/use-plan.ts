// The forward plan of all batches that are not finished, from now.
import { useMemo } from 'react';
import type { BatchWithPieces } from '../../contract/batches.ts';
import { isDone, type Batch } from '../../core/batch/batch.ts';
import type { MadeLine } from '../../core/batch/count.ts';
import { planForward, type Plan } from '../../core/plan/forward.ts';
import { planBatch } from '../../core/plan/plan-batch.ts';
import { useBasis } from './reckoning.ts';
import { useNow } from './use-now.ts';

/** A batch being written, which the plan takes as it stands on the page. */
export interface BatchInHand {
  readonly id: string;
  readonly body: Batch;
  readonly made: readonly MadeLine[];
}

export function usePlan(
  batches: readonly BatchWithPieces[] | undefined,
  inHand?: BatchInHand,
): Plan | { readonly sentence: string } | null {
  const { rates } = useBasis();
  const now = useNow();
  const { id, body, made } = inHand ?? {};
  return useMemo(() => {
    if (!batches) return null;
    const open = batches.map((one) =>
      one.batch.id === id && body && made
        ? { id, body, made }
        : { id: one.batch.id, body: one.batch.body, made: madeLines(one) },
    );
    const planned = open
      .filter((batch) => !isDone(batch.body))
      .map((batch) => planBatch(batch.id, batch.body, batch.made, rates.alloys));
    return planForward(planned, { firstDay: now.day, week: rates.week }, now.minute);
  }, [batches, id, body, made, rates, now]);
}

const linesByBatch = new WeakMap<BatchWithPieces, readonly MadeLine[]>();

/** The lines of a batch with their pieces; the same array for the same batch. */
export function madeLines(item: BatchWithPieces): readonly MadeLine[] {
  const known = linesByBatch.get(item);
  if (known) return known;
  const lines = item.batch.body.lines.flatMap((line, index): MadeLine[] => {
    const piece = item.made[index]?.piece;
    return piece ? [{ line, piece }] : [];
  });
  linesByBatch.set(item, lines);
  return lines;
}

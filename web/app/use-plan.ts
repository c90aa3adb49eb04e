// The forward plan of all batches that are not finished, from now.
import { useMemo } from 'react';
import type { BatchWithPiece } from '../../contract/batches.ts';
import type { Batch } from '../../core/batch/batch.ts';
import type { Piece } from '../../core/piece/piece.ts';
import { planForward, type Plan } from '../../core/plan/forward.ts';
import { planBatch } from '../../core/plan/plan-batch.ts';
import { useBasis } from './reckoning.ts';
import { useNow } from './use-now.ts';

/** A batch being written, which the plan takes as it stands on the page. */
export interface BatchInHand {
  readonly id: string;
  readonly body: Batch;
  readonly piece: Piece;
}

export function usePlan(
  batches: readonly BatchWithPiece[] | undefined,
  inHand?: BatchInHand,
): Plan | { readonly sentence: string } | null {
  const { rates } = useBasis();
  const now = useNow();
  const { id, body, piece } = inHand ?? {};
  return useMemo(() => {
    if (!batches) return null;
    const open = batches.map(({ batch, piece: made }) =>
      batch.id === id && body && piece ? { id, body, piece } : { id: batch.id, body: batch.body, piece: made },
    );
    const planned = open
      .filter((batch) => !batch.body.finished)
      .map((batch) => planBatch(batch.id, batch.body, batch.piece, rates.alloys));
    return planForward(planned, { firstDay: now.day, week: rates.week }, now.minute);
  }, [batches, id, body, piece, rates, now]);
}

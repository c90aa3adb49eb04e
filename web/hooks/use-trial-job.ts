// A trial batch: a quantity of a piece by a due date, as a job beside the others.
import { useMemo } from 'react';
import type { PieceDocument } from '../../contract/pieces.ts';
import type { Batch } from '../../core/batch/batch.ts';
import { benchSteps } from '../../core/bench/batch-steps.ts';
import { readCount } from '../../core/measure/read/read-number.ts';
import type { StudioJob } from '../../core/plan/studio/studio-problem.ts';
import { useBasis } from './use-basis.ts';

export const TRIAL_ID = 'thought-of';

export interface TrialTyped {
  readonly pieceId: string;
  readonly quantity: string;
  readonly due: string;
  readonly priority: Batch['priority'];
}

/** @returns null while the fields cannot be read */
export function useTrialJob(pieces: readonly PieceDocument[] | undefined, typed: TrialTyped | null): StudioJob | null {
  const { rates } = useBasis();
  const { pieceId, quantity, due, priority } = typed ?? { pieceId: '', quantity: '', due: '', priority: '' as const };
  return useMemo(() => {
    const found = pieces?.find(({ id }) => id === pieceId);
    const reading = readCount(quantity);
    if (!found || !reading.ok || !quantity.trim()) return null;
    const piece = found.accepted ?? found.body;
    const line = {
      id: 'line',
      pieceId,
      pieceRevision: Math.max(1, found.revision),
      units: [],
      quantities: { '': quantity },
    };
    return {
      id: TRIAL_ID,
      batch: { due, priority, materialsOn: '' },
      steps: benchSteps([{ line, piece }], rates.alloys),
    };
  }, [pieces, pieceId, quantity, due, priority, rates]);
}

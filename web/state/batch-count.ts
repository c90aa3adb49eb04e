// The count of a batch for the screens, remembered as long as nothing in it has changed.
import { weakMapMemoize } from '@reduxjs/toolkit';
import type { Batch } from '../../core/batch/batch.ts';
import { countBatch, type BatchCount, type MadeLine } from '../../core/batch/count-batch.ts';
import type { Basis } from '../hooks/use-basis.ts';

const remembered = weakMapMemoize(countBatch);

/** @param made  the same array as long as its pieces are the same */
export function batchCount(batch: Batch, made: readonly MadeLine[], { rates, fix }: Basis): BatchCount {
  return remembered(batch, made, rates, fix);
}

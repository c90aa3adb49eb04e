// The count of a batch, memoized between keystrokes.
import { weakMapMemoize } from '@reduxjs/toolkit';
import type { Batch } from '../../core/batch/batch.ts';
import type { MadeLine } from '../../core/batch/batch-run.ts';
import { type BatchCount, countBatch } from '../../core/batch/count-batch.ts';
import type { Basis } from './basis.ts';

const rememberedBatch = weakMapMemoize(countBatch);

/** @param made  pass the same array while its pieces are the same */
export function batchCount(batch: Batch, made: readonly MadeLine[], { rates, fix }: Basis): BatchCount {
  return rememberedBatch(batch, made, rates, fix);
}

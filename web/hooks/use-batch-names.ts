// Titles of batches by id.
import { useMemo } from 'react';
import { nameOfLines } from '../../core/batch/batch-run.ts';
import { useGetBatchesQuery } from '../state/endpoints/batches.ts';
import { madeLinesOf } from '../state/made-lines.ts';

export function useBatchNames(): ReadonlyMap<string, string> {
  const { data } = useGetBatchesQuery();
  return useMemo(() => new Map((data ?? []).map((item) => [item.batch.id, nameOfLines(madeLinesOf(item))])), [data]);
}

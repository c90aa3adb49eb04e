// Days of all fairs, past and coming.
import { useMemo } from 'react';
import type { FairDays } from '../../core/made/demand-channels.ts';
import { readCount } from '../../core/measure/read/read-number.ts';
import { useGetFairsQuery } from '../state/endpoints/fairs.ts';

/** Days of all fairs. */
export function useFairDays(): readonly FairDays[] {
  const { data } = useGetFairsQuery();
  return useMemo(
    () =>
      (data ?? []).map(({ id, body: { from, days } }) => {
        const read = readCount(days || '1', 1);
        return { id, from, days: read.ok ? read.value : 1 };
      }),
    [data],
  );
}

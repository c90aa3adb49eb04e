// Days of all fairs, past and coming.
import { useMemo } from 'react';
import type { FairDays } from '../../core/made/demand-channels.ts';
import { daysOfFair } from '../../core/price/fair/fair-days.ts';
import { useGetFairsQuery } from '../state/endpoints/fairs.ts';

/** Days of all fairs. */
export function useFairDays(): readonly FairDays[] {
  const { data } = useGetFairsQuery();
  return useMemo(() => (data ?? []).map(({ id, body }) => ({ id, from: body.from, days: daysOfFair(body) })), [data]);
}

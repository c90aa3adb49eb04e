// Fairs with their plans, as far as the review needs them.
import { useMemo } from 'react';
import type { FairDocument } from '../../contract/fairs.ts';
import { readPlain } from '../../core/measure/read/read-number.ts';
import { planFair } from '../../core/price/fair/fair-plan.ts';
import { useGetFairsQuery } from '../state/endpoints/fairs.ts';
import { useBasis } from './use-basis.ts';
import { useCostOfPiece } from './use-cost-of-piece.ts';

/** A fair with its plan. */
export interface PlannedFair {
  readonly fair: FairDocument;
  readonly plan: {
    /** Forecast, minor units. */
    readonly takingsMinor: number;
    /** Costs without the hours of the makers, minor units. */
    readonly cashMinor: number;
  };
  /** Hours of the makers at the fair. */
  readonly hours: number;
}

export function useFairPlans(): readonly PlannedFair[] {
  const { data } = useGetFairsQuery();
  const { rates } = useBasis();
  const costOf = useCostOfPiece();
  return useMemo(
    () =>
      (data ?? []).map((fair) => {
        const { takings, costs } = planFair({ ...fair.body, hours: '' }, rates, costOf);
        const typed = readPlain(fair.body.hours || '0', 'number of hours', '8', () => undefined);
        return {
          fair,
          plan: { takingsMinor: takings.value, cashMinor: costs.value },
          hours: typed.ok ? typed.value : 0,
        };
      }),
    [data, rates, costOf],
  );
}

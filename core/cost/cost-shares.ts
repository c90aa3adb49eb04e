// The cost by what it is for: the lines above zero, with the scrap credit taken off the metal.
import type { CostColumn, CostKey } from './column.ts';

/** A share of the cost. */
export interface CostShare {
  readonly key: Exclude<CostKey, 'scrap'>;
  /** Minor units, above 0. */
  readonly amount: number;
  /** Whether a scrap credit is taken off. */
  readonly isNet: boolean;
}

/** The shares add up to the cost, unless the scrap is worth more than the metal. */
export function costShares({ lines }: Pick<CostColumn, 'lines'>): CostShare[] {
  const scrap = lines.find(({ key }) => key === 'scrap')?.each.value ?? 0;
  return lines.flatMap(({ key, each }) => {
    if (key === 'scrap') return [];
    const isNet = key === 'metal' && scrap < 0;
    const amount = isNet ? each.value + scrap : each.value;
    return amount > 0 ? [{ key, amount, isNet }] : [];
  });
}

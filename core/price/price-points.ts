// Price points: the prices a visitor pays without thinking; a price goes up to the next.
import type { PriceBand } from '../studio/rates.ts';

/**
 * The lowest price point at or above a price.
 * @param exactMinor      minor units, may be a fraction
 * @param bands           in order; the first whose end lies above the price rules, else the last; none rounds up to one unit
 * @param justBelowMinor  taken off each point: 5 makes 2000 into 1995
 * @returns whole minor units, never below the price
 * @example upToPricePoint(7348, [{ belowMinor: 20000, stepMinor: 200 }], 0) // 7400
 */
export function upToPricePoint(exactMinor: number, bands: readonly PriceBand[], justBelowMinor: number): number {
  // What floating point adds to an exact price must not push it to the next point.
  const wanted = Math.ceil(exactMinor - 1e-6);
  const step = (bands.find((band) => wanted < band.belowMinor) ?? bands.at(-1))?.stepMinor ?? 1;
  const less = Math.min(Math.round(justBelowMinor), step - 1);
  return Math.max(0, Math.ceil((wanted + less) / step) * step - less);
}

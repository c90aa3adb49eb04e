// Price points: a price is raised to the next one.
import { roundHalfAwayFromZero } from '../../figure/round-money.ts';
import type { PricePoints } from '../../studio/selling.ts';

/**
 * The lowest price point at or above a price: a listed price while the list reaches, then the steps of the bands.
 * @param exactMinor  minor units, may be a fraction
 * @param points      bands in order: the first whose end is above the price, else the last; without bands it is rounded
 *   up to one unit. The price ending (5 makes 2000 into 1995) applies to the bands only
 * @returns whole minor units, never below the price
 * @example upToPricePoint(7348, { ladderMinor: [5000, 7500], bands: [], justBelowMinor: 0 }) // 7500
 */
export function upToPricePoint(exactMinor: number, { ladderMinor, bands, justBelowMinor }: PricePoints): number {
  // A rounding error must not push an exact price to the next point.
  const wanted = Math.ceil(exactMinor - 1e-6);
  const rung = ladderMinor.find((minor) => minor >= wanted);
  if (rung !== undefined && wanted > 0) return rung;
  const step = (bands.find((band) => wanted < band.belowMinor) ?? bands.at(-1))?.stepMinor ?? 1;
  const less = Math.min(roundHalfAwayFromZero(justBelowMinor), step - 1);
  return Math.max(0, Math.ceil((wanted + less) / step) * step - less);
}

// Price points: the prices a visitor pays without thinking; a price goes up to the next.
import { roundHalfAwayFromZero } from '../../figure/round-money.ts';
import type { PricePoints } from '../../studio/selling.ts';

/**
 * The lowest price point at or above a price: a rung of the ladder while it reaches, then the steps of the bands.
 * @param exactMinor  minor units, may be a fraction
 * @param points      bands in order; the first whose end lies above the price rules, else the last; none rounds up to one
 *   unit. What is taken off each point of the bands (5 makes 2000 into 1995) is not taken off a rung: it stands as typed.
 * @returns whole minor units, never below the price
 * @example upToPricePoint(7348, { ladderMinor: [], bands: [{ belowMinor: 20000, stepMinor: 200 }], justBelowMinor: 0 }) // 7400
 */
export function upToPricePoint(exactMinor: number, { ladderMinor, bands, justBelowMinor }: PricePoints): number {
  // What floating point adds to an exact price must not push it to the next point.
  const wanted = Math.ceil(exactMinor - 1e-6);
  const rung = ladderMinor.find((minor) => minor >= wanted);
  if (rung !== undefined && wanted > 0) return rung;
  const step = (bands.find((band) => wanted < band.belowMinor) ?? bands.at(-1))?.stepMinor ?? 1;
  const less = Math.min(roundHalfAwayFromZero(justBelowMinor), step - 1);
  return Math.max(0, Math.ceil((wanted + less) / step) * step - less);
}

// A source of prices of fine metal. The app asks it for days and works with any source.
import type { OfferedDay } from '../../contract/fixes.ts';

/** A source of prices of fine metal. */
export interface PriceSource {
  /**
   * Noon prices of the last days.
   * @param until     the last day, ISO
   * @param days      number of days, 1 or more
   * @param currency  ISO 4217
   * @returns latest first; a day without a market is left out
   */
  days(until: string, days: number, currency: string): OfferedDay[];
}

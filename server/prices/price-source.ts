// Where prices of fine metal could come from: the book asks a source for days, and does not mind which it is.
import type { OfferedDay } from '../../contract/fixes.ts';

export interface PriceSource {
  /**
   * Prices at noon of the last days.
   * @param until     the last day asked for, ISO
   * @param days      how many, 1 or more
   * @param currency  ISO 4217
   * @returns latest first; a day without a market is left out
   */
  days(until: string, days: number, currency: string): OfferedDay[];
}

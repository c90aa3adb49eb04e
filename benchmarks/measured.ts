// The result of a benchmark: a measurement and its bound; a ratio below 1 holds.

/** A measurement with its bound, in one unit. */
export interface Measured {
  readonly what: string;
  readonly measured: number;
  readonly bound: number;
  readonly unit: string;
}

/** Number of rounds, of which the median counts: others use the machine as well. */
export const STARTS = 7;

/** The quantile of some values. @param share  0 to 1: 0.95 for the 95th percentile */
export function quantileOf(values: readonly number[], share: number): number {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? NaN;
}

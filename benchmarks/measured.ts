// What a benchmark gives: something measured against its bound; below 1 it holds.

export interface Measured {
  readonly what: string;
  readonly measured: number;
  readonly bound: number;
  readonly unit: string;
}

/** Rounds of a measurement, of which the middle one counts: others use the machine as well. */
export const STARTS = 7;

export function quantileOf(values: readonly number[], share: number): number {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? NaN;
}

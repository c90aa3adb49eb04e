// Equality of costs.

/** Relative tolerance of costs. */
export const EPSILON = 1e-9;

/** Whether two costs differ only by rounding errors. */
export function isSameCost(a: number, b: number): boolean {
  return Math.abs(a - b) <= EPSILON * Math.max(1, Math.abs(a), Math.abs(b));
}

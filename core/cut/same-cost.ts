// When two costs count as the same.

export const EPSILON = 1e-9;

/** Two costs that differ only by the rounding of their sums. */
export function isSameCost(a: number, b: number): boolean {
  return Math.abs(a - b) <= EPSILON * Math.max(1, Math.abs(a), Math.abs(b));
}

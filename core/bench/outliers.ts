// Observations that are set apart: far from the others of their step, as work that was left running over lunch.

/** Iglewicz and Hoaglin 1993: a modified z-score above this is an outlier. */
const LIMIT = 3.5;
/** Makes the median absolute deviation a standard deviation of normal data. */
const NORMAL = 0.6745;
/** Least deviation of logarithmic times: hand work varies by that much. */
const LEAST_DEVIATION = 0.12;
/** With fewer, the expected time stands in for the median. */
const ENOUGH = 4;
/** Deviation around an expected time, which may be wrong itself. */
const WIDE = 0.45;

/**
 * Which are set apart.
 * @param logRatios  natural logarithm of actual ÷ expected minutes, of one step
 * @returns true where it is an outlier, in the same order
 */
export function outliers(logRatios: readonly number[]): boolean[] {
  if (logRatios.length < ENOUGH) return logRatios.map((value) => Math.abs(value) / WIDE > LIMIT);
  const middle = median(logRatios);
  const deviation = Math.max(median(logRatios.map((value) => Math.abs(value - middle))) / NORMAL, LEAST_DEVIATION);
  return logRatios.map((value) => Math.abs(value - middle) / deviation > LIMIT);
}

/** @returns NaN of none */
export function median(values: readonly number[]): number {
  const sorted = values.toSorted((a, b) => a - b);
  const half = (sorted.length - 1) / 2;
  return ((sorted[Math.floor(half)] ?? NaN) + (sorted[Math.ceil(half)] ?? NaN)) / 2;
}

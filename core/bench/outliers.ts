// Observations that are set apart: far from the others of their step, as work that was left running over lunch.

/** Iglewicz and Hoaglin 1993: a modified z-score above this is an outlier. */
const LIMIT = 3.5;
/** Makes the median absolute deviation a standard deviation of normal data. */
const NORMAL = 0.6745;
/** Least deviation of logarithmic times: hand work varies by that much. */
const LEAST_DEVIATION = 0.12;
/** With fewer, the steps of its kind stand in for the others of the step, or else the expected time. */
const ENOUGH = 4;
/** Deviation around a kind, or around an expected time, which may be wrong itself. */
const WIDE = 0.3;

/**
 * Which are set apart.
 * @param logRatios  natural logarithm of actual ÷ expected minutes, of one step
 * @param ofKind     the same of all steps of its kind
 * @returns true where it is an outlier, in the same order
 */
export function outliers(logRatios: readonly number[], ofKind: readonly number[] = []): boolean[] {
  if (logRatios.length < ENOUGH) {
    const usual = ofKind.length < ENOUGH ? 0 : median(ofKind);
    return logRatios.map((value) => Math.abs(value - usual) / WIDE > LIMIT);
  }
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

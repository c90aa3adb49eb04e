// Bayesian linear regression with its conjugate prior, normal-inverse-gamma: coefficients and noise are learned together,
// in closed form (Gelman et al., Bayesian Data Analysis, 3rd ed., sections 3.3 and 14.2; Murphy 2007, section 3).
import { studentQuantile } from '../measure/distributions.ts';

/**
 * Belief: given the noise's variance s², the coefficients are normal around `mean` with covariance s² ÷ `precision`; s² is
 * inverse-gamma with `shape` and `scale`.
 */
export interface Belief {
  /** One a coefficient. */
  readonly mean: readonly number[];
  /** Symmetric and positive definite, in units of 1 ÷ s². */
  readonly precision: readonly (readonly number[])[];
  readonly shape: number;
  readonly scale: number;
}

/** An observation: y = x · coefficients + noise. */
export interface Observed {
  readonly x: readonly number[];
  readonly y: number;
  /** How much it counts, above 0 to 1: an old one fades. */
  readonly weight: number;
}

/** A Student t distribution. */
export interface StudentT {
  readonly location: number;
  readonly scale: number;
  readonly df: number;
}

/** The belief after the observations; their order does not matter beyond rounding. */
export function learned(before: Belief, observed: readonly Observed[]): Belief {
  const size = before.mean.length;
  const precision = before.precision.map((row) => [...row]);
  const right = times(before.precision, before.mean);
  let squares = dot(before.mean, right);
  for (const { x, y, weight } of observed) {
    squares += weight * y * y;
    for (let i = 0; i < size; i += 1) {
      const xi = x[i] ?? 0;
      if (xi === 0) continue;
      right[i] = (right[i] ?? 0) + weight * xi * y;
      const row = precision[i] ?? [];
      for (let j = 0; j < size; j += 1) row[j] = (row[j] ?? 0) + weight * xi * (x[j] ?? 0);
    }
  }
  const mean = solved(precision, right);
  const weights = observed.reduce((sum, { weight }) => sum + weight, 0);
  return {
    mean,
    precision,
    shape: before.shape + weights / 2,
    // Rounding may leave a trifle below what the prior says.
    scale: Math.max(before.scale, before.scale + (squares - dot(mean, times(precision, mean))) / 2),
  };
}

/** What is believed of a sum of coefficients, each times its factor. */
export function marginal({ mean, precision, shape, scale }: Belief, factors: readonly number[]): StudentT {
  const variance = dot(factors, solved(precision, factors));
  return { location: dot(factors, mean), scale: Math.sqrt((scale / shape) * variance), df: 2 * shape };
}

/** What is believed of the next observation at `x`. */
export function predictive({ mean, precision, shape, scale }: Belief, x: readonly number[]): StudentT {
  const variance = 1 + dot(x, solved(precision, x));
  return { location: dot(x, mean), scale: Math.sqrt((scale / shape) * variance), df: 2 * shape };
}

/** Bounds between which it lies with a chance, the same in both tails. @param chance  0 to 1 */
export function interval({ location, scale, df }: StudentT, chance: number): readonly [number, number] {
  const half = studentQuantile((1 + chance) / 2, df) * scale;
  return [location - half, location + half];
}

/** Solves A x = b by Cholesky decomposition. @throws RangeError when A is not positive definite */
function solved(matrix: readonly (readonly number[])[], right: readonly number[]): number[] {
  const size = right.length;
  const lower: number[][] = [];
  for (let i = 0; i < size; i += 1) {
    const row: number[] = [];
    for (let j = 0; j <= i; j += 1) {
      const other = j === i ? row : (lower[j] ?? []);
      let sum = matrix[i]?.[j] ?? 0;
      for (let k = 0; k < j; k += 1) sum -= (row[k] ?? 0) * (other[k] ?? 0);
      if (j === i && !(sum > 0)) throw new RangeError('The precision is not positive definite.');
      row.push(j === i ? Math.sqrt(sum) : sum / (other[j] ?? 1));
    }
    lower.push(row);
  }
  const half: number[] = [];
  for (let i = 0; i < size; i += 1) {
    let sum = right[i] ?? 0;
    for (let k = 0; k < i; k += 1) sum -= (lower[i]?.[k] ?? 0) * (half[k] ?? 0);
    half.push(sum / (lower[i]?.[i] ?? 1));
  }
  const whole = [...half];
  for (let i = size - 1; i >= 0; i -= 1) {
    let sum = half[i] ?? 0;
    for (let k = i + 1; k < size; k += 1) sum -= (lower[k]?.[i] ?? 0) * (whole[k] ?? 0);
    whole[i] = sum / (lower[i]?.[i] ?? 1);
  }
  return whole;
}

const dot = (a: readonly number[], b: readonly number[]) => a.reduce((sum, value, at) => sum + value * (b[at] ?? 0), 0);
const times = (matrix: readonly (readonly number[])[], vector: readonly number[]) =>
  matrix.map((row) => dot(row, vector));

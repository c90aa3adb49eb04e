// The closed forms against textbooks, against numerical integration, and by simulation-based calibration.
import { expect, test } from 'vitest';
import { learnedShare } from '../measure/beta-binomial.ts';
import { betaBelow } from '../measure/distributions.ts';
import { normal, seeded } from '../measure/random.ts';
import { type Belief, interval, learned, marginal, predictive } from './conjugate-regression.ts';

const one = (y: number) => ({ x: [1], y, weight: 1 });

// Newcomb's times of light, deviations from 24800 ns: Gelman et al., Bayesian Data Analysis, section 3.2.
const newcomb = [
  28, 26, 33, 24, 34, -44, 27, 16, 40, -2, 29, 22, 24, 21, 25, 30, 23, 29, 31, 19, 24, 20, 36, 32, 36, 28, 25, 21, 28,
  29, 37, 25, 28, 26, 30, 32, 36, 26, 30, 22, 36, 23, 27, 27, 28, 27, 31, 27, 26, 33, 26, 32, 32, 24, 39, 28, 24, 25,
  32, 25, 29, 27, 28, 29, 16, 23,
]; // prettier-ignore

test('the speed of light: 26.2, between 23.6 and 28.9 with 95 %', () => {
  const flat: Belief = { mean: [0], precision: [[1e-12]], shape: -0.5, scale: 0 };
  const mean = marginal(learned(flat, newcomb.map(one)), [1]);
  expect(mean).toMatchObject({ df: 65 });
  expect(mean.location).toBeCloseTo(26.2, 1);
  const [low, high] = interval(mean, 0.95);
  expect(low).toBeCloseTo(23.6, 1);
  expect(high).toBeCloseTo(28.9, 1);
});

test('one coefficient follows the formulas of Murphy 2007, section 3.2', () => {
  const [m0, k0, a0, b0] = [2, 3, 4, 5];
  const data = [1.5, 2.2, 3.1, 2.7];
  const mean = data.reduce((sum, value) => sum + value, 0) / data.length;
  const squares = data.reduce((sum, value) => sum + (value - mean) ** 2, 0);
  const n = data.length;
  const after = learned({ mean: [m0], precision: [[k0]], shape: a0, scale: b0 }, data.map(one));
  expect(after.mean[0]).toBeCloseTo((k0 * m0 + n * mean) / (k0 + n), 12);
  expect(after.precision[0]?.[0]).toBe(k0 + n);
  expect(after.shape).toBe(a0 + n / 2);
  expect(after.scale).toBeCloseTo(b0 + squares / 2 + (k0 * n * (mean - m0) ** 2) / (2 * (k0 + n)), 12);
});

test('the belief about the mean is what numerical integration gives', () => {
  const before: Belief = { mean: [0.1], precision: [[2]], shape: 3, scale: 0.4 };
  const data = [0.4, 0.1, -0.2, 0.5];
  // Density over mean and variance on a fine grid, prior times likelihood.
  let [total, first, below] = [0, 0, 0];
  const typical = marginal(learned(before, data.map(one)), [1]);
  const bound = typical.location + typical.scale;
  for (let mean = -2; mean <= 2.4; mean += 0.004)
    for (let logVariance = -5; logVariance <= 3; logVariance += 0.01) {
      const variance = Math.exp(logVariance);
      const residuals = data.reduce((sum, value) => sum + (value - mean) ** 2, 0) + 2 * (mean - 0.1) ** 2;
      // −4 logarithms: inverse-gamma shape + 1, five normal densities, less one for the logarithmic grid.
      const weight = Math.exp(-(3 + 2.5) * logVariance - (0.4 + residuals / 2) / variance);
      total += weight;
      first += weight * mean;
      if (mean < bound) below += weight;
    }
  expect(first / total).toBeCloseTo(typical.location, 4);
  // One scale above the middle of a t with 10 degrees of freedom.
  expect(below / total).toBeCloseTo(1 - betaBelow(10 / 11, 5, 0.5) / 2, 2);
});

test('weights of one half twice are one observation', () => {
  const before: Belief = { mean: [0, 0], precision: [[1, 0], [0, 2]], shape: 2, scale: 1 }; // prettier-ignore
  const half = { x: [1, 3], y: 0.7, weight: 0.5 };
  const [twice, once] = [learned(before, [half, half]), learned(before, [{ ...half, weight: 1 }])];
  expect(twice.mean[1]).toBeCloseTo(once.mean[1] ?? NaN, 12);
  expect(twice.scale).toBeCloseTo(once.scale, 12);
});

/** Marsaglia and Tsang 2000. */
function gamma(shape: number, random: () => number): number {
  if (shape < 1) return gamma(shape + 1, random) * random() ** (1 / shape);
  const d = shape - 1 / 3;
  const c = 1 / Math.sqrt(9 * d);
  for (;;) {
    const x = normal(random);
    const v = (1 + c * x) ** 3;
    if (v > 0 && Math.log(1 - random()) < x ** 2 / 2 + d - d * v + d * Math.log(v)) return d * v;
  }
}

const DRAWS = 1000;
const RANKS = 20;
/** Chi-square with 19 degrees of freedom is above this once in a thousand (tables). */
const LIMIT = 43.82;

/** Chi-square of ranks against the uniform distribution. */
function chiSquare(ranks: readonly number[]): number {
  const expected = DRAWS / RANKS;
  const bins = Array.from({ length: RANKS }, (_, at) => ranks.filter((rank) => rank === at).length);
  return bins.reduce((sum, count) => sum + (count - expected) ** 2 / expected, 0);
}

// Talts et al. 2018: parameters drawn from the prior, data from them; their rank among draws of the belief is uniform.
test('simulation-based calibration: times of a kind, two steps and two makers', () => {
  const random = seeded(20);
  const precision = [0.25, 0.25, 0.25, 2, 2];
  const before: Belief = {
    mean: [0, 0, 0, 0, 0],
    precision: precision.map((value, i) => precision.map((_, j) => (i === j ? value : 0))),
    shape: 2,
    scale: 0.125,
  };
  const rows = [[1, 1, 0, 1, 0], [1, 1, 0, 0, 1], [1, 1, 0, 1, 0], [1, 0, 1, 0, 0], [1, 0, 1, 0, 0]]; // prettier-ignore
  const factors = [1, 1, 0, 1, 0];
  const [ranks, next]: [number[], number[]] = [[], []];
  for (let draw = 0; draw < DRAWS; draw += 1) {
    const variance = before.scale / gamma(before.shape, random);
    const truth = precision.map((value) => normal(random) * Math.sqrt(variance / value));
    const at = (x: readonly number[]) => x.reduce((sum, value, i) => sum + value * (truth[i] ?? 0), 0);
    const noisy = (x: readonly number[]) => at(x) + normal(random) * Math.sqrt(variance);
    const after = learned(before, rows.map((x) => ({ x, y: noisy(x), weight: 1 }))); // prettier-ignore
    const drawn = ({ location, scale, df }: ReturnType<typeof marginal>) =>
      location + (scale * normal(random)) / Math.sqrt((2 * gamma(df / 2, random)) / df);
    const rankOf = (value: number, belief: ReturnType<typeof marginal>) =>
      Array.from({ length: RANKS - 1 }, () => drawn(belief)).filter((one) => one < value).length;
    ranks.push(rankOf(at(factors), marginal(after, factors)));
    next.push(rankOf(noisy(factors), predictive(after, factors)));
  }
  expect(chiSquare(ranks)).toBeLessThan(LIMIT);
  expect(chiSquare(next)).toBeLessThan(LIMIT);
});

test('simulation-based calibration: shares', () => {
  const random = seeded(21);
  const beta = (a: number, b: number) => {
    const [x, y] = [gamma(a, random), gamma(b, random)];
    return x / (x + y);
  };
  const ranks = Array.from({ length: DRAWS }, () => {
    const share = beta(1.2, 10);
    const hits = Array.from({ length: 24 }, () => random()).filter((value) => value < share).length;
    const after = learnedShare({ hits: 1.2, misses: 10 }, [{ hits, of: 24, weight: 1 }]);
    return Array.from({ length: RANKS - 1 }, () => beta(after.hits, after.misses)).filter((one) => one < share).length;
  });
  expect(chiSquare(ranks)).toBeLessThan(LIMIT);
});

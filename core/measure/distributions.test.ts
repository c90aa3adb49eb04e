import { describe, expect, test } from 'vitest';
import { learnedShare, meanShare, shareInterval, uncertainChanceOfAtLeast, unknownShare } from './beta-binomial.ts';
import { betaBelow, betaQuantile, lnGamma, studentBelow, studentQuantile } from './distributions.ts';

test('the gamma function at whole and half numbers (Abramowitz and Stegun 6.1)', () => {
  expect(lnGamma(5)).toBeCloseTo(Math.log(24), 12);
  expect(lnGamma(0.5)).toBeCloseTo(Math.log(Math.sqrt(Math.PI)), 12);
  expect(lnGamma(101)).toBeCloseTo(363.739375555563, 8);
});

// The table of Student's t in every handbook (Abramowitz and Stegun, table 26.10).
test.each([
  [0.975, 1, 12.706],
  [0.975, 5, 2.571],
  [0.975, 10, 2.228],
  [0.975, 30, 2.042],
  [0.9, 4, 1.533],
  [0.995, 8, 3.355],
  [0.95, 120, 1.658],
])('Student t: %d with %d degrees of freedom is %d', (p, df, t) => {
  expect(studentQuantile(p, df)).toBeCloseTo(t, 3);
  expect(studentQuantile(1 - p, df)).toBeCloseTo(-t, 3);
  expect(studentBelow(studentQuantile(p, df), df)).toBeCloseTo(p, 10);
});

test('the beta distribution against its closed forms', () => {
  expect(betaBelow(0.3, 1, 1)).toBeCloseTo(0.3, 12);
  // I_x(2, 3) is a polynomial: 6x² − 8x³ + 3x⁴.
  for (const x of [0.1, 0.5, 0.9]) expect(betaBelow(x, 2, 3)).toBeCloseTo(6 * x ** 2 - 8 * x ** 3 + 3 * x ** 4, 12);
  expect(betaBelow(betaQuantile(0.2, 0.5, 7.5), 0.5, 7.5)).toBeCloseTo(0.2, 10);
});

// Brown, Cai and DasGupta 2001, Interval estimation for a binomial proportion, table 5 (from memory). They set the lower
// bound for 0 of n to 0.
test.each([
  [0, 10, 0, 0.217],
  [1, 10, 0.011, 0.381],
  [2, 10, 0.044, 0.503],
  [5, 10, 0.224, 0.776],
])('Jeffreys interval: %d of %d lies from %d to %d', (hits, of, low, high) => {
  const [from, to] = shareInterval(learnedShare(unknownShare, [{ hits, of, weight: 1 }]), 0.95);
  expect(hits === 0 ? 0 : from).toBeCloseTo(low, 3);
  expect(to).toBeCloseTo(high, 3);
});

describe('shares', () => {
  // Gelman et al., Bayesian Data Analysis, section 2.4: 437 girls of 980 births, a flat prior.
  test('placenta previa: mean 0.446, between 0.415 and 0.477 with 95 %', () => {
    const after = learnedShare({ hits: 1, misses: 1 }, [{ hits: 437, of: 980, weight: 1 }]);
    expect(meanShare(after)).toBeCloseTo(0.446, 3);
    const [low, high] = shareInterval(after, 0.95);
    expect(low).toBeCloseTo(0.415, 3);
    expect(high).toBeCloseTo(0.477, 3);
  });

  test('an uncertain share has longer tails than a certain one, and a flat one makes all counts alike', () => {
    expect(uncertainChanceOfAtLeast(10, 12, { hits: 1, misses: 1 })).toBeCloseTo(3 / 13, 10);
    const certain = uncertainChanceOfAtLeast(10, 12, { hits: 9000, misses: 1000 });
    expect(certain).toBeCloseTo(0.889, 3);
    expect(uncertainChanceOfAtLeast(10, 12, { hits: 9, misses: 1 })).toBeLessThan(certain);
    expect(uncertainChanceOfAtLeast(0, 12, { hits: 9, misses: 1 })).toBeCloseTo(1, 10);
  });
});

// What is tried with a seed, against what can be had exactly.
import { describe, expect, test } from 'vitest';
import { pendant, workshopFix, workshopRates } from '../price/fixtures/workshop.ts';
import { countPiece } from '../price/piece/count-piece.ts';
import { costVariation, exactSpread, likelyRange } from '../price/piece/likely-range.ts';
import { logNormal, poisson, quantile, seeded } from './random.ts';

const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / values.length;
const deviation = (values: readonly number[]) => {
  const middle = mean(values);
  return Math.sqrt(mean(values.map((value) => (value - middle) ** 2)));
};

describe('random numbers', () => {
  test('with one seed are the same, all in [0, 1)', () => {
    const [a, b] = [seeded(7), seeded(7)];
    const numbers = Array.from({ length: 2000 }, () => a());
    expect(Array.from({ length: 2000 }, () => b())).toEqual(numbers);
    expect(numbers.every((number) => number >= 0 && number < 1)).toBe(true);
    expect(mean(numbers)).toBeCloseTo(0.5, 1);
  });

  // The lognormal of mean 1 and deviation s; the Poisson has its mean for variance: textbooks of statistics, from memory.
  test('of the lognormal have mean 1 and the given deviation', () => {
    const random = seeded(3);
    const numbers = Array.from({ length: 40_000 }, () => logNormal(0.2, random));
    expect(Math.abs(mean(numbers) - 1)).toBeLessThan(4 * (0.2 / Math.sqrt(40_000)));
    expect(deviation(numbers)).toBeCloseTo(0.2, 2);
    expect(logNormal(0, random)).toBe(1);
  });

  test.each([0.4, 7, 150])('of a Poisson count have the mean %d', (rate) => {
    const random = seeded(11);
    const counts = Array.from({ length: 20_000 }, () => poisson(rate, random));
    expect(Math.abs(mean(counts) - rate)).toBeLessThan(4 * Math.sqrt(rate / 20_000) + 0.01);
    expect(deviation(counts) ** 2 / rate).toBeCloseTo(1, 1);
  });

  test('a quantile between two ranks is interpolated linearly', () => {
    expect(quantile([10, 20, 30, 40], 0.5)).toBe(25);
    expect(quantile([10, 20], 0)).toBe(10);
  });
});

describe('the likely range', () => {
  const noneSpoilt = { ...pendant, steps: pendant.steps.map((step) => ({ ...step, yield: '' })) };

  test('is split into varying and fixed cost that add up to the whole', () => {
    for (const piece of [noneSpoilt, pendant]) {
      const count = countPiece(piece, workshopRates, workshopFix);
      const { fixed, strays } = costVariation(count, workshopRates);
      const rejects = count.column.exact[count.column.lines.findIndex(({ key }) => key === 'rejects')] ?? 0;
      const exact = count.column.exact.reduce((sum, value) => sum + value, 0);
      expect(fixed + strays.reduce((sum, { amount }) => sum + amount, 0) + rejects).toBeCloseTo(exact, 6);
    }
  });

  // The variance of a sum of independent things is the sum of theirs.
  test('from simulation agrees with the exact sum within its standard error', () => {
    const cost = costVariation(countPiece(noneSpoilt, workshopRates, workshopFix), workshopRates);
    const batches = 20_000;
    const tried = likelyRange(cost, { batches });
    const exact = exactSpread(cost);
    expect(Math.abs(tried.mean - exact.mean)).toBeLessThan((4 * exact.deviation) / Math.sqrt(batches));
    expect(tried.deviation / exact.deviation).toBeCloseTo(1, 1);
    expect(tried.p10).toBeLessThan(tried.p50);
    expect(tried.p80).toBeLessThan(tried.p90);
    // Many small strayings come near the normal: its four fifths lie 0.8416 deviations up (tables, from memory).
    const fourFifths = exact.mean + 0.8416 * exact.deviation;
    expect(Math.abs(tried.p80 - fourFifths)).toBeLessThan(4 * tried.errorOfP80 + 0.05 * exact.deviation);
  });

  // What a good one pays for those spoilt before it is, on average, the line of the cost.
  test('with rejects has the computed cost as its mean', () => {
    const count = countPiece(pendant, workshopRates, workshopFix);
    const exact = count.column.exact.reduce((sum, value) => sum + value, 0);
    const { mean: tried, deviation: spread } = likelyRange(costVariation(count, workshopRates), { batches: 20_000 });
    expect(Math.abs(tried - exact)).toBeLessThan((4 * spread) / Math.sqrt(20_000));
  });

  test('is the same for one seed, and reports progress', () => {
    const cost = costVariation(countPiece(pendant, workshopRates, workshopFix), workshopRates);
    const told: number[] = [];
    const once = likelyRange(cost, { batches: 1000, onProgress: (share) => told.push(share) });
    expect(likelyRange(cost, { batches: 1000 })).toEqual(once);
    expect(told).toEqual([0.5, 1]);
  });
});

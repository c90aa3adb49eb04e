// Spares against the binomial distribution: tables, closed forms and counting every outcome.
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { chanceOfAtLeast, startsFor, togetherOf, toStart } from './to-start.ts';

const spares = { how: 'chance', over: '2', confidence: '90 %' } as const;

describe('the binomial tail', () => {
  // Cumulative binomial tables as in most textbooks of statistics (from memory): P(X ≤ 2 | 10, 0.3) = 0.3828,
  // P(X ≤ 7 | 10, 0.5) = 0.9453, P(X ≤ 15 | 20, 0.7) = 0.7625.
  test.each([
    [3, 10, 0.3, 1 - 0.3828],
    [8, 10, 0.5, 1 - 0.9453],
    [16, 20, 0.7, 1 - 0.7625],
  ])('the chance of at least %d of %d at %d is that of the tables', (k, n, p, chance) => {
    expect(chanceOfAtLeast(k, n, p)).toBeCloseTo(chance, 4);
  });

  test('the chance of all is pⁿ, and of at least one 1 − (1 − p)ⁿ', () => {
    expect(chanceOfAtLeast(40, 40, 0.97)).toBeCloseTo(0.97 ** 40, 12);
    expect(chanceOfAtLeast(1, 40, 0.03)).toBeCloseTo(1 - 0.97 ** 40, 12);
    expect(chanceOfAtLeast(0, 5, 0.2)).toBe(1);
    expect(chanceOfAtLeast(6, 5, 0.2)).toBe(0);
    expect(chanceOfAtLeast(5, 5, 1)).toBe(1);
  });

  test('the tail equals the count of all outcomes', () => {
    const tries = fc.record({
      n: fc.integer({ min: 1, max: 12 }),
      p: fc.double({ min: 0.05, max: 0.95, noNaN: true }),
    });
    fc.assert(
      fc.property(tries, fc.nat(12), ({ n, p }, k) => {
        let chance = 0;
        for (let outcome = 0; outcome < 1 << n; outcome += 1) {
          const good = outcome.toString(2).replaceAll('0', '').length;
          if (good >= k) chance += p ** good * (1 - p) ** (n - good);
        }
        expect(chanceOfAtLeast(k, n, p)).toBeCloseTo(chance, 9);
      }),
      { numRuns: 60, seed: 2 },
    );
  });

  test('a tail of a thousand trials stays accurate', () => {
    // The middle of a fair thousand: just over a half.
    expect(chanceOfAtLeast(500, 1000, 0.5)).toBeCloseTo(0.5126, 4);
  });
});

describe('number to start', () => {
  test('one piece fewer would not reach the confidence', () => {
    for (const [good, share, confidence] of [
      [24, 0.95, 0.9],
      [6, 0.8, 0.95],
      [100, 0.97, 0.99],
    ] as const) {
      const starts = startsFor(good, share, confidence);
      expect(chanceOfAtLeast(good, starts, share)).toBeGreaterThanOrEqual(confidence);
      expect(chanceOfAtLeast(good, starts - 1, share)).toBeLessThan(confidence);
    }
  });

  test('yields of the steps multiply, and the calculation shows them', () => {
    const yields = [
      { name: 'Solder', yield: 0.97, of: null },
      { name: 'Saw', yield: 1, of: null },
      { name: 'Set', yield: 0.98, of: null },
    ];
    const { start, problems } = toStart(24, yields, spares);
    expect(problems).toEqual([]);
    expect(start.value).toBe(startsFor(24, 0.97 * 0.98, 0.9));
    expect(start.from[1]).toMatchObject({ how: '0.97 × 0.98', label: 'come out well' });
    expect(start.how).toContain('24 come out well with 90 %');
  });

  test('a yield that was counted from few pieces needs more extras than a certain one', () => {
    const counted = (of: number | null) => toStart(24, [{ name: 'Solder', yield: 0.95, of }], spares).start.value;
    expect(counted(20)).toBeGreaterThan(counted(null));
    expect(counted(20)).toBeGreaterThanOrEqual(counted(200));
    expect(counted(100_000)).toBe(counted(null));
    expect(toStart(24, [{ name: 'Solder', yield: 0.95, of: 20 }], spares).start.how).toContain('beta-binomial');
  });

  test('the belief about several steps has the mean and the variance of their product', () => {
    const belief = togetherOf([{ name: 'Solder', yield: 0.9, of: 49 }, { name: 'Set', yield: 0.8, of: null }]); // prettier-ignore
    const [hits, misses] = [belief?.hits ?? 0, belief?.misses ?? 0];
    const [a, all] = [0.9 * 49 + 0.5, 50];
    expect(hits / (hits + misses)).toBeCloseTo((0.8 * a) / all, 10);
    const variance = (hits * misses) / ((hits + misses) ** 2 * (hits + misses + 1));
    expect(variance).toBeCloseTo(0.64 * ((a * (all - a)) / (all ** 2 * (all + 1))), 10);
    expect(togetherOf([{ name: 'Saw', yield: 0.9, of: null }])).toBeNull();
  });

  test('full yield needs no extras, and two fixed extras are two', () => {
    expect(toStart(24, [{ name: 'Saw', yield: 1, of: null }], spares).start.value).toBe(24);
    expect(toStart(24, [], { ...spares, how: 'over' }).start).toMatchObject({ value: 26, how: '24 + 2' });
    expect(toStart(24, [{ name: 'Solder', yield: 0.5, of: null }], { ...spares, how: 'none' }).start.value).toBe(24);
  });

  test('an impossible confidence is refused', () => {
    expect(toStart(24, [], { ...spares, confidence: '100 %' }).problems).toMatchObject([{ path: 'spares.confidence' }]);
    expect(toStart(24, [], { ...spares, how: 'over', over: 'a few' }).problems).toMatchObject([
      { path: 'spares.over' },
    ]);
  });
});

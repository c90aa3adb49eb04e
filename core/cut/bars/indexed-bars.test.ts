// Bars filled by the usual rules and brought down to what is wanted: nothing lost, nothing over, nothing longer than its bar.
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { firstFitDecreasing } from './first-fit-decreasing.ts';
import {
  consumedBy,
  indexBars,
  isBetterScore,
  type Pattern,
  planOfPatterns,
  scoreOf,
  takenBy,
} from './indexed-bars.ts';
import { trimPatterns } from './trim-patterns.ts';

const problem = fc.record({
  kerf: fc.constantFrom(0, 0.3, 1.5),
  keepFrom: fc.constantFrom(undefined, 20),
  stock: fc
    .array(
      fc.record({
        length: fc.integer({ min: 60, max: 400 }),
        count: fc.constantFrom(null, 1, 3),
        cost: fc.integer({ min: 0, max: 40 }),
      }),
      { minLength: 1, maxLength: 4 },
    )
    .map((stock) => [...stock, { length: 400, count: null, cost: 40 }].map((bar, at) => ({ ...bar, id: String(at) }))),
  pieces: fc
    .array(fc.record({ length: fc.integer({ min: 5, max: 120 }), count: fc.integer({ min: 0, max: 9 }) }), {
      minLength: 1,
      maxLength: 5,
    })
    .map((pieces) => pieces.map((piece, at) => ({ ...piece, id: `p${String(at)}` }))),
});

describe('the first plan', () => {
  test('makes exactly the wanted pieces from the available bars', () => {
    fc.assert(
      fc.property(problem, (typed) => {
        const bars = indexBars(typed);
        fc.pre(bars.pieces.length > 0);
        const filled = firstFitDecreasing(bars);
        if ('sentence' in filled) throw new Error(filled.sentence);
        bars.pieces.forEach(({ count }, piece) =>
          expect(filled.reduce((sum, { cuts }) => sum + (cuts[piece] ?? 0), 0)).toBe(count),
        );
        for (const { stock, cuts } of filled) expect(takenBy(bars, cuts)).toBeLessThanOrEqual(bars.stock[stock]!.room);
        bars.stock.forEach(({ count }, index) =>
          expect(filled.filter(({ stock }) => stock === index).length).toBeLessThanOrEqual(count),
        );
      }),
      { numRuns: 300, seed: 8 },
    );
  });

  test('loses its surplus pieces without a higher cost', () => {
    fc.assert(
      fc.property(problem, fc.nat(), (typed, seed) => {
        const bars = indexBars(typed);
        fc.pre(bars.pieces.length > 0);
        const filled = firstFitDecreasing(bars);
        if ('sentence' in filled) throw new Error(filled.sentence);
        // One bar is cut once more than it need be, as a solver may.
        const again = filled[seed % filled.length]!;
        const free = bars.stock[again.stock]!.count - filled.filter(({ stock }) => stock === again.stock).length;
        fc.pre(free > 0);
        const less = trimPatterns(bars, [...filled, again]);
        bars.pieces.forEach(({ count }, piece) =>
          expect(less.reduce((sum, { cuts }) => sum + (cuts[piece] ?? 0), 0)).toBe(count),
        );
        expect(scoreOf(bars, less).cost).toBeLessThanOrEqual(scoreOf(bars, [...filled, again]).cost);
        expect(less.every(({ cuts }) => cuts.some((count) => count > 0))).toBe(true);
      }),
      { numRuns: 300, seed: 8 },
    );
  });
});

describe('the objective of a bar', () => {
  // 3 × 57.6 and three cuts of 0.3: 173.7 of 180, 6.3 left; of 1000 there are 826.3.
  const bars = indexBars({
    kerf: 0.3,
    keepFrom: 30,
    stock: [
      { id: 'off', length: 180, count: 1, cost: 0 },
      { id: 'bar', length: 1000, count: null, cost: 100 },
    ],
    pieces: [{ id: 'a', length: 57.6, count: 24 }],
  });
  const three = (stock: number): Pattern => ({ stock, cuts: [3] });

  test('keeps a rest of the smallest offcut size, and scraps a shorter one', () => {
    expect(consumedBy(bars, three(0))).toBe(180_000);
    expect(consumedBy(bars, three(1))).toBe(173_700);
    expect(planOfPatterns(bars, [three(1)], 0, 0).bars[0]).toEqual({ stock: 'bar', cuts: { a: 3 }, remainder: 826.3 });
  });

  test('compares cost first, then metal', () => {
    expect(isBetterScore({ cost: 1, consumed: 9 }, { cost: 2, consumed: 1 })).toBe(true);
    expect(isBetterScore({ cost: 2, consumed: 1 }, { cost: 2, consumed: 2 })).toBe(true);
    expect(isBetterScore({ cost: 2, consumed: 2 }, { cost: 2, consumed: 2 })).toBe(false);
    // Sums of prices that differ by their rounding are the same money.
    expect(isBetterScore({ cost: 0.1 + 0.2, consumed: 1 }, { cost: 0.3, consumed: 2 })).toBe(true);
  });

  test('needs no cut behind the last piece where it ends with the bar', () => {
    const exact = indexBars({
      kerf: 1,
      stock: [{ id: 's', length: 32, count: 1, cost: 1 }],
      pieces: [{ id: 'a', length: 10, count: 3 }],
    });
    expect(firstFitDecreasing(exact)).toEqual([{ stock: 0, cuts: [3] }]);
  });
});

// Bars filled to the last cut: the fullest a bar can be against trying everything, and whole plans by plain sums.
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { seeded } from '../../measure/random.ts';
import { stockChoices } from '../stock-choices.ts';
import { indexBars, type IndexedBars, takenBy } from './indexed-bars.ts';
import { longestFill, subsetSumFill } from './subset-sum-fill.ts';

const pieces = fc
  .array(fc.record({ length: fc.integer({ min: 3, max: 40 }), count: fc.integer({ min: 1, max: 4 }) }), {
    minLength: 1,
    maxLength: 5,
  })
  .map((rows) => rows.map((row, index) => ({ ...row, id: `p${String(index)}` })));
const bar = fc.record({
  length: fc.integer({ min: 10, max: 120 }),
  count: fc.integer({ min: 1, max: 3 }),
  cost: fc.constantFrom(0, 10, 19, 30),
});
const problem = fc
  .record({ kerf: fc.constantFrom(0, 0.3, 1), stock: fc.array(bar, { minLength: 1, maxLength: 4 }), pieces })
  .map(({ stock, ...rest }) =>
    indexBars({ ...rest, stock: stock.map((row, index) => ({ ...row, id: `b${String(index)}` })) }),
  );

/** Every sum of pieces there is, in micrometres with their kerfs. */
function allSums({ pieces }: IndexedBars): number[] {
  return pieces.reduce<number[]>(
    (sums, { takes, count }) => [
      ...new Set(sums.flatMap((sum) => Array.from({ length: count + 1 }, (_, times) => sum + times * takes))),
    ],
    [0],
  );
}

const needOf = ({ pieces }: IndexedBars) => pieces.reduce((sum, { takes, count }) => sum + takes * count, 0);

describe('the fullest filling of a bar', () => {
  test('is that of every subset of pieces, for every bar', () => {
    fc.assert(
      fc.property(problem, (bars) => {
        const most = longestFill(bars);
        const sums = allSums(bars);
        for (const { room } of bars.stock) expect(most(room)).toBe(Math.max(...sums.filter((sum) => sum <= room)));
      }),
      { numRuns: 400, seed: 12 },
    );
  });

  test('is the whole bar for lengths too fine for a table', () => {
    const fine = indexBars({
      kerf: 0.001,
      stock: [{ id: 'bar', length: 1000.003, count: null, cost: 1 }],
      pieces: [{ id: 'a', length: 333.337, count: 3 }],
    });
    expect(longestFill(fine)(fine.stock[0]!.room)).toBe(1_000_004);
  });
});

describe('fillings of several bars', () => {
  test('make exactly the wanted pieces from the chosen bars, in any order', () => {
    fc.assert(
      fc.property(problem, fc.nat(), (bars, seed) => {
        const chosen = bars.stock.map(({ count }) => count);
        for (const random of [null, seeded(seed)]) {
          const plan = subsetSumFill(bars, chosen, random);
          if (!plan) continue;
          bars.pieces.forEach(({ count }, piece) =>
            expect(plan.reduce((sum, { cuts }) => sum + (cuts[piece] ?? 0), 0)).toBe(count),
          );
          for (const { stock, cuts } of plan) expect(takenBy(bars, cuts)).toBeLessThanOrEqual(bars.stock[stock]!.room);
          bars.stock.forEach((_bar, index) =>
            expect(plan.filter(({ stock }) => stock === index).length).toBeLessThanOrEqual(chosen[index] ?? 0),
          );
        }
      }),
      { numRuns: 300, seed: 4 },
    );
  });

  test('find two offcuts that fit to the last cut, where first-fit decreasing fails', () => {
    const bars = indexBars({
      kerf: 0,
      stock: [
        { id: 'off', length: 11, count: 1, cost: 0 },
        { id: 'other', length: 12, count: 1, cost: 0 },
      ],
      pieces: [8, 6, 5, 4].map((length) => ({ id: String(length), length, count: 1 })),
    });
    // 8 alone leaves 3 of 11; 6 + 5 leaves nothing, and 8 + 4 fill the other.
    expect(subsetSumFill(bars, [1, 1], null)).toEqual([
      { stock: 0, cuts: [0, 1, 1, 0] },
      { stock: 1, cuts: [1, 0, 0, 1] },
    ]);
  });

  test('do not exist for bars that hold too little', () => {
    const bars = indexBars({
      kerf: 0,
      stock: [{ id: 'off', length: 10, count: 2, cost: 0 }],
      pieces: [{ id: 'a', length: 6, count: 3 }],
    });
    expect(subsetSumFill(bars, [2], null)).toBeNull();
    expect(subsetSumFill(bars, [0], null)).toBeNull();
  });
});

describe('choices of bars', () => {
  test('hold every choice that is long enough and as expensive, the cheapest first', () => {
    fc.assert(
      fc.property(problem, fc.integer({ min: 0, max: 60 }), fc.integer({ min: 1, max: 120 }), (bars, from, more) => {
        const holds = bars.stock.map(({ room }) => room);
        const found = stockChoices(bars.stock, needOf(bars), holds, from, from + more).choices;
        const need = bars.pieces.reduce((sum, { takes, count }) => sum + takes * count, 0);
        const costs = found.map(({ cost }) => cost);
        expect(costs).toEqual([...costs].sort((a, b) => a - b));
        for (const { chosen, cost, spare } of found) {
          expect(chosen.reduce((sum, count, index) => sum + count * bars.stock[index]!.cost, 0)).toBe(cost);
          expect(chosen.reduce((sum, count, index) => sum + count * holds[index]!, 0) - need).toBe(spare);
          expect(chosen.every((count, index) => count <= bars.stock[index]!.count)).toBe(true);
          expect(spare).toBeGreaterThanOrEqual(0);
          expect(cost).toBeLessThan(from + more);
        }
        // The cheapest there is, by trying every number of each.
        const cheapest = leastCost(bars, need, from);
        if (cheapest < from + more) expect(costs[0]).toBe(cheapest);
        else expect(costs).toEqual([]);
      }),
      { numRuns: 400, seed: 21 },
    );
  });
});

/** By trying every number of each; what is free is always taken. */
function leastCost({ stock }: IndexedBars, need: number, from: number): number {
  const go = (at: number, lacks: number, cost: number): number => {
    const own = stock[at];
    if (!own) return lacks <= 0 && cost >= from ? cost : Infinity;
    let least = Infinity;
    for (let count = own.cost === 0 ? own.count : 0; count <= own.count; count += 1)
      least = Math.min(least, go(at + 1, lacks - count * own.room, cost + count * own.cost));
    return least;
  };
  return go(0, need, 0);
}

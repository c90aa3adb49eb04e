// The knapsack against a published instance, against trying every choice, and on the two sides of a coarse grid.
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { COARSE_CELLS, FINE_CELLS, gridFor, knapsack } from './knapsack.ts';

/** Kreher and Stinson, Combinatorial Algorithms (1999), fifteen items into 750; from memory. */
const published = {
  takes: [70, 73, 77, 80, 82, 87, 90, 94, 98, 106, 110, 113, 115, 118, 120],
  worths: [135, 139, 149, 150, 156, 163, 173, 184, 192, 201, 210, 214, 221, 229, 240],
  room: 750,
  best: 1458,
};

test('the published instance has its published optimum, and the chosen items fit', () => {
  const { takes, worths, room, best } = published;
  const items = takes.map((each) => ({ takes: each, count: 1 }));
  const sack = knapsack(items, worths, room, gridFor([...takes, room], room, FINE_CELLS), 'up');
  expect(sack.worth(room)).toBe(best);
  const chosen = sack.chosen(room);
  const sum = (of: readonly number[]) => chosen.reduce((total, count, index) => total + count * (of[index] ?? 0), 0);
  expect(sum(worths)).toBe(best);
  expect(sum(takes)).toBeLessThanOrEqual(room);
});

/** Every number of every item. */
function tried(items: readonly Item[], room: number, index = 0): number {
  const item = items[index];
  if (!item) return 0;
  let best = 0;
  for (let count = 0; count <= item.count && count * item.takes <= room; count += 1)
    best = Math.max(best, count * item.worth + tried(items, room - count * item.takes, index + 1));
  return best;
}
interface Item {
  readonly takes: number;
  readonly count: number;
  readonly worth: number;
}

const item = fc.record({
  takes: fc.integer({ min: 1, max: 30 }),
  count: fc.integer({ min: 0, max: 5 }),
  worth: fc.integer({ min: 0, max: 20 }),
});
const worthsOf = (items: readonly Item[]) => items.map(({ worth }) => worth);

describe('random items', () => {
  test('have the optimum for every capacity at once', () => {
    fc.assert(
      fc.property(fc.array(item, { minLength: 1, maxLength: 5 }), (items) => {
        const most = 60;
        const sack = knapsack(items, worthsOf(items), most, { step: 1, isExact: true }, 'up');
        for (const room of [0, 1, 17, 42, 59, 60]) {
          expect(sack.worth(room)).toBe(tried(items, room));
          const chosen = sack.chosen(room);
          expect(chosen.every((count, index) => count <= (items[index]?.count ?? 0))).toBe(true);
          expect(chosen.reduce((sum, count, index) => sum + count * (items[index]?.takes ?? 0), 0)).toBeLessThanOrEqual(
            room,
          );
        }
        expect(sack.worth(-1)).toBe(0);
      }),
      { numRuns: 200, seed: 2 },
    );
  });

  test('on a coarse grid fit, and the bound is never below the optimum', () => {
    fc.assert(
      fc.property(fc.array(item, { minLength: 1, maxLength: 4 }), fc.constantFrom(3, 7), (items, step) => {
        const most = 55;
        const best = tried(items, most);
        const fits = knapsack(items, worthsOf(items), most, { step, isExact: false }, 'up');
        const above = knapsack(items, worthsOf(items), most, { step, isExact: false }, 'down');
        expect(fits.worth(most)).toBeLessThanOrEqual(best);
        expect(above.worth(most)).toBeGreaterThanOrEqual(best);
        const taken = fits.chosen(most).reduce((sum, count, index) => sum + count * (items[index]?.takes ?? 0), 0);
        expect(taken).toBeLessThanOrEqual(most);
      }),
      { numRuns: 200, seed: 3 },
    );
  });
});

test('a grid is exact where the lengths share a divisor that is not too fine', () => {
  expect(gridFor([57_600, 1_000_000], 1_000_000, FINE_CELLS)).toEqual({ step: 1600, isExact: true });
  const coarse = gridFor([57_601, 1_000_000], 1_000_000, COARSE_CELLS);
  expect(coarse.isExact).toBe(false);
  expect(1_000_000 / coarse.step).toBeLessThanOrEqual(COARSE_CELLS);
});

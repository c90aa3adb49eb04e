// The least that whole bars cost, against trying every number of each.
import fc from 'fast-check';
import { expect, test } from 'vitest';
import { type CoverItem, minCostCover } from './min-cost-cover.ts';

/** Every number of every bar; Infinity where none hold the need. */
function tried(stock: readonly CoverItem[], need: number, atLeast: number, index = 0, cost = 0): number {
  const bar = stock[index];
  if (!bar) return need <= 1e-9 && cost >= atLeast - 1e-9 ? cost : Infinity;
  let least = Infinity;
  for (let count = 0; count <= bar.count; count += 1)
    least = Math.min(least, tried(stock, need - count * bar.holds, atLeast, index + 1, cost + count * bar.cost));
  return least;
}

test('the cover costs as little as exhaustive search finds', () => {
  const bar = fc.record({
    cost: fc.constantFrom(0, 3, 5, 7.5, 12),
    count: fc.integer({ min: 0, max: 4 }),
    holds: fc.integer({ min: 1, max: 9 }),
  });
  fc.assert(
    fc.property(
      fc.array(bar, { minLength: 1, maxLength: 4 }),
      fc.integer({ min: 0, max: 40 }),
      fc.integer({ min: 0, max: 30 }),
      (stock, need, atLeast) => {
        const least = tried(stock, need, atLeast);
        const known = stock.reduce((sum, { cost, count }) => sum + cost * count, 0);
        fc.pre(least < Infinity && known > 0);
        expect(minCostCover(stock, need, atLeast, known)).toBeCloseTo(Math.max(atLeast, least), 9);
      },
    ),
    { numRuns: 500, seed: 5 },
  );
});

test('an expensive small bar is not bought in fractions', () => {
  const stock = [
    { cost: 190, count: 400, holds: 190 },
    { cost: 54, count: 400, holds: 47.5 },
  ];
  // Nineteen hold 3610. Two short ones hold the other 95, one long one more than that.
  expect(minCostCover(stock, 3705, 3705, 4000)).toBe(3718);
  expect(minCostCover(stock, 3706, 3706, 4000)).toBe(3772); // three short ones: 162 against 190
  expect(minCostCover(stock, 3655, 3655, 4000)).toBe(3664); // 19 × 190 + 54
});

test('prices without a known common divisor leave the bound as it is', () => {
  const stock = [{ cost: Math.PI, count: 5, holds: 4 }];
  expect(minCostCover(stock, 7, 5.5, 9)).toBe(5.5);
  expect(minCostCover([{ cost: 3, count: 5, holds: 4 }], 7, 5.5, Infinity)).toBe(5.5);
});

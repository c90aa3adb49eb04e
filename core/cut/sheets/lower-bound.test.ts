// How many discs a sheet holds at most: never fewer than are known to fit, and what cannot fit is never planned.
import { describe, expect, test } from 'vitest';
import { mostDiscs } from './lower-bound.ts';
import { planSheets } from './plan-sheets.ts';
import { sheetProblemSchema } from './sheet-problem.ts';

// Radii of the densest packings of n equal circles in a square of side 1 (published tables; proved for these n; from
// memory, six digits).
const radii: readonly (readonly [number, number])[] = [
  [1, 0.5],
  [2, 0.292893],
  [3, 0.254333],
  [4, 0.25],
  [5, 0.207107],
  [6, 0.187681],
  [7, 0.174458],
  [8, 0.170541],
  [9, 0.166667],
  [10, 0.148204],
];
const SIDE = 100;

function planned(discs: number, diameter: number): { readonly sheets: number; readonly bound: number } {
  const problem = sheetProblemSchema.parse({
    sheets: [{ id: 's', width: SIDE, height: SIDE, count: null, cost: 1 }],
    gap: 0,
    margin: 0,
    pieces: [{ id: 'd', shape: 'disc', diameter, count: discs }],
  });
  let asked = 0;
  const steps = planSheets(problem, { seconds: 30, elapsed: () => (asked += 1) });
  let step = steps.next();
  while (!step.done) step = steps.next();
  if ('sentence' in step.value) throw new Error(step.value.sentence);
  return { sheets: step.value.sheets.length, bound: step.value.bound };
}

describe('equal discs in a square', () => {
  test.each(radii)('%i discs that are known to fit are within the bound', (count, radius) => {
    const most = mostDiscs({ width: 1, height: 1 }, { gap: 0, margin: 0 } as never, 2 * radius * 0.99999);
    expect(most).toBeGreaterThanOrEqual(count);
  });

  test.each(radii.slice(1))('%i discs a little too large are never planned on one sheet', (count, radius) => {
    const { sheets, bound } = planned(count, 2 * radius * SIDE * 1.001);
    expect(sheets).toBeGreaterThanOrEqual(2);
    expect(bound).toBeLessThanOrEqual(sheets);
  });

  // Square rows, and one disc between four: what a plan by touching finds by itself.
  test.each([1, 2, 4, 5, 9])('%i discs that fit are planned on one sheet', (count) => {
    const radius = radii.find(([n]) => n === count)?.[1] ?? 0;
    expect(planned(count, 2 * radius * SIDE * 0.9999).sheets).toBe(1);
  });
});

// Oler, Acta Mathematica 105, 1961: on a rhombus-like strip of full rows the inequality is nearly reached.
test('a strip one disc high holds its length divided by the disc', () => {
  const strip = { width: 200.5, height: 10 };
  expect(mostDiscs(strip, { gap: 0, margin: 0 } as never, 10)).toBe(20);
  expect(mostDiscs(strip, { gap: 0.5, margin: 0 } as never, 10)).toBe(19);
  expect(mostDiscs(strip, { gap: 0, margin: 1 } as never, 10)).toBe(0);
});

import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { familySheets, sheetFamilies } from '../fixtures/sheet-families.ts';
import { boundByLargeBlanks, sheetsByScales } from './large-blanks.ts';
import { sheetProblemSchema } from './sheet-problem.ts';

const problemOf = (pieces: readonly object[], count: number | null = null) =>
  sheetProblemSchema.parse({
    sheets: [{ id: 's', width: 100, height: 100, count, cost: 10 }],
    gap: 0,
    margin: 0,
    pieces: pieces.map((piece, at) => ({ id: String(at), ...piece })),
  });

describe('large blanks', () => {
  test('blanks larger than half of both sides each need a sheet, whatever their area', () => {
    expect(boundByLargeBlanks(problemOf([{ shape: 'rect', width: 51, height: 51, count: 5 }]))).toBe(50);
    expect(boundByLargeBlanks(problemOf([{ shape: 'rect', width: 50, height: 51, count: 4 }]))).toBe(20);
  });

  test('two discs share a square sheet up to a diameter of side × 2 ÷ (2 + √2)', () => {
    // Two equal circles in a unit square: radius 1 / (2 + √2) (E. Specht's table, from memory).
    const most = 200 / (2 + Math.SQRT2);
    expect(boundByLargeBlanks(problemOf([{ shape: 'disc', diameter: most - 0.01, count: 4 }]))).toBeLessThan(40);
    expect(boundByLargeBlanks(problemOf([{ shape: 'disc', diameter: most + 0.01, count: 4 }]))).toBe(40);
  });

  test('small blanks beside large ones count', () => {
    // Four of 60 × 60 take a sheet each; beside each are 64 % of it, but no room for a 45 × 45.
    const pieces = [{ shape: 'rect', width: 60, height: 60, count: 4 }, { shape: 'rect', width: 45, height: 45, count: 4 }]; // prettier-ignore
    expect(sheetsByScales(problemOf(pieces), { width: 100, height: 100 })).toBe(5);
  });

  test('no bound is above a known plan', () => {
    fc.assert(
      fc.property(fc.constantFrom(...sheetFamilies), fc.integer({ min: 1, max: 400 }), (family, seed) => {
        const { problem, knownCost } = familySheets(family, seed);
        return knownCost === null || boundByLargeBlanks(problem) <= knownCost + 1e-9;
      }),
      { numRuns: 150, seed: 3 },
    );
  });
});

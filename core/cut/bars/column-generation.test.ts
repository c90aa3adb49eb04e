// Column generation against linear programs with published and with enumerated answers.
import fc from 'fast-check';
import loadHighs from 'highs';
import { describe, expect, test } from 'vitest';
import { solveWith } from '../../../solver/highs.ts';
import { allPatterns } from './all-patterns.ts';
import { type Columns, generateColumns, keyOf, masterProblem, startingColumns } from './column-generation.ts';
import { indexBars, takenBy } from './indexed-bars.ts';

const solve = solveWith(await loadHighs());
const asLong = { solve, known: Infinity, isOver: () => false };
const started = (bars: ReturnType<typeof indexBars>): Columns =>
  new Map(startingColumns(bars).map((pattern) => [keyOf(pattern), pattern]));

describe('the linear relaxation', () => {
  // Chvátal, Linear Programming, 1983, chapter 13: 97 of 45, 610 of 36, 395 of 31 and 211 of 14 inches out of rolls of 100
  // cost 452.25 rolls (from memory).
  test('has the published value 452.25 for four widths from rolls of 100, and so has its bound', () => {
    const bars = indexBars({
      kerf: 0,
      stock: [{ id: 'roll', length: 100, count: null, cost: 1 }],
      pieces: [
        [45, 97],
        [36, 610],
        [31, 395],
        [14, 211],
      ].map(([length = 0, count = 0]) => ({ id: String(length), length, count })),
    });
    const columns = started(bars);
    const { answer, bound } = generateColumns(bars, { least: 'cost' }, columns, asLong);
    expect(answer?.objective).toBeCloseTo(452.25, 6);
    expect(bound).toBeCloseTo(452.25, 4);
    for (const { stock, cuts } of columns.values())
      expect(takenBy(bars, cuts)).toBeLessThanOrEqual(bars.stock[stock]!.room);
  });

  test('equals the program with every pattern written out, and its bound is never above', () => {
    const problem = fc.record({
      kerf: fc.constantFrom(0, 0.3),
      stock: fc
        .array(
          fc.record({
            length: fc.integer({ min: 20, max: 60 }),
            count: fc.constantFrom(null, 2, 4),
            cost: fc.integer({ min: 1, max: 9 }),
          }),
          { minLength: 1, maxLength: 3 },
        )
        .map((rows) => rows.map((row, index) => ({ ...row, id: `s${String(index)}` }))),
      pieces: fc
        .array(fc.record({ length: fc.integer({ min: 6, max: 20 }), count: fc.integer({ min: 1, max: 9 }) }), {
          minLength: 1,
          maxLength: 4,
        })
        .map((rows) => rows.map((row, index) => ({ ...row, id: `p${String(index)}` }))),
    });
    let met = 0;
    fc.assert(
      fc.property(problem, (typed) => {
        const bars = indexBars({
          ...typed,
          stock: [...typed.stock, { id: 'long', length: 60, count: null, cost: 10 }],
        });
        const all = allPatterns(bars, 20_000);
        if (!all) throw new Error('So few pieces have few ways of cutting.');
        const whole = solve(masterProblem(bars, { least: 'cost' }, all, false), 5);
        const { answer, bound } = generateColumns(bars, { least: 'cost' }, started(bars), asLong);
        expect(answer?.objective).toBeCloseTo(whole.objective, 5);
        expect(bound).toBeLessThanOrEqual(whole.objective + 1e-6);
        if (bound > whole.objective - 1e-4) met += 1;
      }),
      { numRuns: 60, seed: 14 },
    );
    // On an exact grid the bound is the program's own answer.
    expect(met).toBeGreaterThan(50);
  });
});

test('starts from the pattern of one piece in one bar', () => {
  const bars = indexBars({
    kerf: 1,
    stock: [
      { id: 'a', length: 32, count: 1, cost: 1 },
      { id: 'none', length: 90, count: 0, cost: 1 },
    ],
    pieces: [
      { id: 'ten', length: 10, count: 9 },
      { id: 'two', length: 2, count: 4 },
      { id: 'long', length: 40, count: 1 },
    ],
  });
  expect(startingColumns(bars)).toEqual([
    { stock: 0, cuts: [3, 0, 0] },
    { stock: 0, cuts: [0, 4, 0] },
  ]);
});

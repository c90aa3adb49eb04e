// Where a shape may not lie, against distances measured between the shapes themselves by the strict checker.
import fc from 'fast-check';
import { expect, test } from 'vitest';
import { rightTurns } from '../cut/sheets/blank-turns.ts';
import { sheetFaultsOf } from '../cut/sheets/fixtures/check-sheets.ts';
import { indexSheets } from '../cut/sheets/indexed-sheets.ts';
import { sheetProblemSchema } from '../cut/sheets/sheet-problem.ts';
import { keepsGap, noFitPolygon } from './no-fit-polygon.ts';

const hollow = [[0, 0], [16, 0], [16, 3], [3, 3], [3, 10], [14, 10], [14, 13], [0, 13]]; // prettier-ignore
const slanted = [
  [0, 0],
  [18, 0],
  [6, 14],
];
const star = [[0, 6], [5, 5], [6, 0], [7, 5], [12, 6], [7, 7], [6, 12], [5, 7]]; // prettier-ignore

const shape = fc.oneof(
  fc.record({ shape: fc.constant('disc'), diameter: fc.integer({ min: 2, max: 14 }) }),
  fc.record({
    shape: fc.constant('rect'),
    width: fc.integer({ min: 2, max: 16 }),
    height: fc.integer({ min: 2, max: 16 }),
  }),
  fc.record({ shape: fc.constant('outline'), points: fc.constantFrom(hollow, slanted, star) }),
);

test('a position keeps the gap exactly when the distance between the two shapes does, turned or not', () => {
  const seen = { apart: 0, near: 0 };
  fc.assert(
    fc.property(
      shape,
      shape,
      fc.constantFrom(0, 0.5, 2),
      fc.integer({ min: 0, max: 400 }),
      fc.integer({ min: 0, max: 400 }),
      fc.nat(3),
      (still, moving, gap, tenthsX, tenthsY, way) => {
        const pieces = [
          { ...still, id: 'still', count: 1 },
          { ...moving, id: 'moving', count: 1 },
        ];
        const sheets = [{ id: 's', width: 100, height: 100, count: null, cost: 1 }];
        const problem = sheetProblemSchema.parse({ sheets, gap, margin: 0, pieces });
        const { kinds } = indexSheets(problem.pieces, gap);
        const [a, ways] = [kinds[0]!.ways[0]!, kinds[1]!.ways];
        const at = way % ways.length;
        const b = ways[at]!;
        const turn = rightTurns(problem.pieces[1]!)[at] ?? 0;
        const [x, y] = [tenthsX / 10 + 20, tenthsY / 10 + 20];
        const placements = [
          { piece: 'still', x: 35, y: 35, rotated: false, turn: 0 },
          { piece: 'moving', x, y, rotated: turn === 90 || turn === 270, turn },
        ];
        const plan = {
          cost: 1,
          bound: 1,
          consumed: 10_000,
          consumedBound: 0,
          proved: true,
          sheets: [{ sheet: 's', placements, offcut: null }],
        };
        const isApart = sheetFaultsOf(problem, plan).length === 0;
        const [dx, dy] = [x + b.width / 2 - (35 + a.width / 2), y + b.height / 2 - (35 + a.height / 2)];
        expect(keepsGap(noFitPolygon(a, b, gap), dx, dy)).toBe(isApart);
        seen[isApart ? 'apart' : 'near'] += 1;
      },
    ),
    { numRuns: 600, seed: 9 },
  );
  expect(seen.apart).toBeGreaterThan(100);
  expect(seen.near).toBeGreaterThan(100);
});

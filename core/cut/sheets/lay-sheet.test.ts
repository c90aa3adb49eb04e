// Filling one sheet: whichever place is taken first, every gap and margin is kept, and a square of discs finds its room.
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { rightTurns } from './blank-turns.ts';
import { sheetFaultsOf } from './fixtures/check-sheets.ts';
import { indexSheets } from './indexed-sheets.ts';
import { allTowards, type Laying, laySheet, NoFits } from './lay-sheet.ts';
import { type Placement, type SheetProblem, sheetProblemSchema } from './sheet-problem.ts';

function lay(problem: SheetProblem, laying: Omit<Laying, 'order'>): Placement[] {
  const [sheet] = problem.sheets;
  if (!sheet) throw new Error('There is one sheet.');
  const { kinds } = indexSheets(problem.pieces, problem.gap);
  const plate = { width: sheet.width, height: sheet.height, gap: problem.gap, margin: problem.margin };
  const order = [...kinds.keys()];
  return laySheet(plate, kinds, { ...laying, order }, new NoFits(problem.gap)).map(({ kind, way, x, y }) => {
    const [piece, shape] = [problem.pieces[kind]!, kinds[kind]!.ways[way]!];
    const turn = rightTurns(piece)[way] ?? 0;
    const isTurned = turn === 90 || turn === 270;
    return { piece: piece.id, x: x - shape.width / 2, y: y - shape.height / 2, rotated: isTurned };
  });
}

const size = fc.integer({ min: 4, max: 40 });
const piece = fc.oneof(
  fc.record({ shape: fc.constant('rect'), width: size, height: size, rotatable: fc.boolean() }),
  fc.record({ shape: fc.constant('disc'), diameter: size }),
);

describe.each(allTowards)('placement %s', (towards) => {
  test.each(['free', 'flat', 'upright'] as const)('%s keeps gaps and quantities', (lying) => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(piece, fc.integer({ min: 1, max: 6 })), { minLength: 1, maxLength: 4 }),
        fc.constantFrom(0, 0.5),
        fc.constantFrom(0, 2),
        (rows, gap, margin) => {
          const pieces = rows.map(([row, count], index) => ({ ...row, id: `p${String(index)}`, count }));
          const sheets = [{ id: 's', width: 90, height: 60, count: 1, cost: 1 }];
          const problem = sheetProblemSchema.parse({ sheets, gap, margin, pieces });
          const placements = lay(problem, { towards, lying });
          const counts = pieces.map(({ id }) => placements.filter((one) => one.piece === id).length);
          counts.forEach((count, index) => expect(count).toBeLessThanOrEqual(pieces[index]!.count));
          // As if just what was laid had been asked for.
          const asked = {
            ...problem,
            pieces: problem.pieces.map((one, index) => ({ ...one, count: counts[index] ?? 0 })),
          };
          const plan = {
            cost: 1,
            bound: 1,
            proved: true,
            consumed: 5400,
            consumedBound: 0,
            sheets: [{ sheet: 's', placements, offcut: null }],
          };
          if (placements.length > 0) expect(sheetFaultsOf(asked, plan)).toEqual([]);
        },
      ),
      { numRuns: 40, seed: 31 },
    );
  });
});

const discs = (side: number, diameter: number, towards: Laying['towards']) =>
  lay(
    sheetProblemSchema.parse({
      sheets: [{ id: 's', width: side, height: side, count: 1, cost: 1 }],
      gap: 0.3,
      margin: 1,
      pieces: [{ id: 'd', shape: 'disc', diameter, count: 200 }],
    }),
    { towards, lying: 'free' },
  ).length;

test('a square of four rows of four holds sixteen discs in rows and fourteen staggered, and many small discs are more when staggered', () => {
  // 4 × 24.275 + 3 × 0.3 = 98, a millimetre of margin at either side.
  expect([discs(100, 24.275, 'rows'), discs(100, 24.275, 'bottom')]).toEqual([16, 14]);
  expect(discs(100, 9.5, 'bottom')).toBeGreaterThan(10 * 10);
});

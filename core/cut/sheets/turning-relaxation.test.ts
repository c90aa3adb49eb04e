// Outlines that turn: distances by hand, and plans that exist at odd angles only, by the strict checker.
import { describe, expect, test } from 'vitest';
import { seeded } from '../../measure/random.ts';
import { sheetFaultsOf } from './fixtures/check-sheets.ts';
import { indexSheets } from './indexed-sheets.ts';
import { canTurnFreely, placeTurned } from './outlines-turned.ts';
import { planOf } from './sheet-plan.ts';
import { type SheetProblem, sheetProblemSchema } from './sheet-problem.ts';
import { type TurnedBlank, type TurningKind, turningModel } from './turning-relaxation.ts';

const HAIR = 2e-7;
const bar: TurningKind = { parts: [Float64Array.of(-10, -2, 10, -2, 10, 2, -10, 2)], radius: 0, reach: Math.hypot(10, 2), angles: [0], canTurn: true }; // prettier-ignore
const wedge: TurningKind = { parts: [Float64Array.of(-5, -4, 7, -3, -2, 7)], radius: 0, reach: 8, angles: [0], canTurn: true }; // prettier-ignore
const disc: TurningKind = { parts: [Float64Array.of(0, 0)], radius: 4, reach: 4, angles: [0], canTurn: false };
const plate = { width: 200, height: 200 };

describe('distance', () => {
  const model = turningModel([bar, wedge, disc], 0);
  const at = (kind: number, x: number, y: number, angle = 0): TurnedBlank => ({ kind, x, y, angle });

  test('of bars beside each other, level and upright', () => {
    expect(model.distanceOf(at(0, 50, 50), at(0, 50, 57))).toBeCloseTo(3, 12);
    expect(model.distanceOf(at(0, 50, 50), at(0, 63, 50, Math.PI / 2))).toBeCloseTo(1, 12);
    expect(model.distanceOf(at(0, 50, 50), at(0, 50, 53))).toBeCloseTo(-1, 12);
  });

  test('of a disc from a side, and from a corner round it', () => {
    expect(model.distanceOf(at(0, 50, 50), at(2, 50, 60))).toBeCloseTo(4, 12);
    expect(model.distanceOf(at(0, 50, 50), at(2, 63, 55))).toBeCloseTo(Math.hypot(3, 3) - 4, 12);
    expect(model.distanceOf(at(2, 50, 50), at(2, 53, 54))).toBeCloseTo(-3, 12);
  });
});

test('blanks that overlap are pushed and turned apart, those that may not turn are only pushed', () => {
  const model = turningModel([bar, wedge, disc], 0.25);
  const random = seeded(3);
  for (let round = 0; round < 20; round += 1) {
    const blanks = Array.from({ length: 6 }, (_, index): TurnedBlank => ({ kind: index % 3, x: 90 + 20 * random(), y: 90 + 20 * random(), angle: index % 3 === 2 ? 0 : 6 * random() })); // prettier-ignore
    const relaxed = model.relaxed(blanks, plate, 400);
    expect(relaxed.energy).toBeLessThan(1e-9);
    relaxed.blanks.forEach((one, index) => {
      if (one.kind === 2) expect(one.angle).toBe(0);
      for (const other of relaxed.blanks.slice(index + 1)) expect(model.distanceOf(one, other)).toBeGreaterThan(-1e-4);
    });
  }
});

/** All blanks of a problem on one sheet, started in its middle, by overlaps alone. */
function placedAtOnce(problem: SheetProblem, looks: number) {
  const kinds = indexSheets(problem.pieces, problem.gap);
  const half = problem.gap / 2 + HAIR;
  const shift = problem.margin - half;
  const [sheet] = problem.sheets;
  const plates = [{ width: (sheet?.width ?? 0) - 2 * shift, height: (sheet?.height ?? 0) - 2 * shift }];
  const rest = problem.pieces.flatMap(({ count }, kind) => Array.from({ length: count }, () => ({ kind, way: 0, x: 0, y: 0 }))); // prettier-ignore
  // Kinds that fit askew only have no way that fits: they start in the middle.
  const laid = [rest.map((blank) => ({ ...blank, x: (sheet?.width ?? 0) / 2, y: (sheet?.height ?? 0) / 2 }))];
  let looked = 0;
  const isOver = () => (looked += 1) > looks;
  const found = placeTurned(problem, kinds, half, plates, { laid, rest: [] }, { random: seeded(2), isOver });
  if (!found) return null;
  const blanks = (found.laid[0] ?? []).map((blank) => ({ ...blank, x: blank.x + shift, y: blank.y + shift }));
  return planOf(problem, found.kinds, [{ sheet: 0, laid: blanks }]);
}

test('three bars that are longer than the sheet lie beside each other askew', () => {
  // Level, 82 mm is longer than 78.
  const points = [[0, 0], [82, 0], [82, 4], [0, 4]]; // prettier-ignore
  const problem = sheetProblemSchema.parse({
    gap: 0.4,
    margin: 0.5,
    sheets: [{ id: 's', width: 78, height: 50, count: 1, cost: 1 }],
    pieces: [{ id: 'o', shape: 'outline', points, count: 3 }],
  });
  const plan = placedAtOnce(problem, 400);
  expect(plan && sheetFaultsOf(problem, plan)).toEqual([]);
  for (const { turn = 0 } of plan?.sheets[0]?.placements ?? []) expect(turn % 90).not.toBe(0);
});

test('outlines with a grain may not turn freely', () => {
  const outline = { id: 'o', shape: 'outline', points: [[0, 0], [8, 0], [3, 5]], count: 1 }; // prettier-ignore
  const sheets = [{ id: 's', width: 78, height: 50, count: 1, cost: 1 }];
  const of = (piece: object) => canTurnFreely(sheetProblemSchema.parse({ gap: 0, margin: 0, sheets, pieces: [piece] }));
  expect(of(outline)).toBe(true);
  expect(of({ ...outline, rotatable: false })).toBe(false);
  expect(of({ id: 'd', shape: 'disc', diameter: 5, count: 2 })).toBe(false);
});

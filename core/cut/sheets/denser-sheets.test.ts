// Dense sheets against packings known by construction and by table, with a strict check of every plan on the way.
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { seeded } from '../../measure/random.ts';
import { familySheets, type SheetFamily } from '../fixtures/sheet-families.ts';
import { denserSheets, type Filled, needOf } from './denser-sheets.ts';
import { discsInRows } from './disc-rows.ts';
import { sheetFaultsOf } from './fixtures/check-sheets.ts';
import { indexSheets } from './indexed-sheets.ts';
import { NoFits } from './lay-sheet.ts';
import { mostDiscs } from './lower-bound.ts';
import { outlineModel } from './outline-relaxation.ts';
import { roundAndRectangular, type SoftBlank } from './overlap-relaxation.ts';
import { sheetChoices } from './sheet-choices.ts';
import { planOf } from './sheet-plan.ts';
import { type SheetProblem, sheetProblemSchema } from './sheet-problem.ts';

/** All blanks on sheets that cost so much, within a number of looks at the clock; null where they found no room. */
function packed(problem: SheetProblem, cost: number, looks: number): readonly Filled[] | null {
  const kinds = indexSheets(problem.pieces, problem.gap);
  const choices = sheetChoices(problem, needOf(problem, kinds), cost, cost + 1e-6);
  const random = seeded(1);
  const noFits = new NoFits(problem.gap);
  for (let round = 0; round < 6; round += 1)
    for (const choice of choices.slice(0, 3)) {
      let looked = 0;
      const isOver = () => (looked += 1) > looks;
      const found = denserSheets(problem, kinds, choice, { random, isOver, noFits, round });
      if (!found) continue;
      const plan = planOf(problem, found.kinds, found.filled);
      expect(sheetFaultsOf(problem, plan)).toEqual([]);
      expect(plan.cost).toBeLessThanOrEqual(cost + 1e-6);
      return found.filled;
    }
  return null;
}

test.each<[SheetFamily, number]>([
  ['jigsaw', 4],
  ['jigsaw', 6],
  ['nearly full', 2],
  ['nearly full', 4],
  ['offcuts', 2],
  ['mixed discs', 2],
  ['outlines', 2],
  ['outlines', 7],
  ['outlines', 6],
])('%s, drawing %d, needs no more sheets than it was cut from', (family, seed) => {
  const { problem, knownCost } = familySheets(family, seed);
  expect(packed(problem, knownCost!, 1500)).not.toBeNull();
});

describe('equal discs', () => {
  // Radii of the densest known packings in a square of side 1 (E. Specht's tables, from memory), a hair smaller.
  test.each([
    [10, 0.148204],
    [11, 0.142399],
    [13, 0.133993],
    [14, 0.129331],
    [15, 0.127166],
    [17, 0.117196],
    [19, 0.112265],
    [30, 0.091671],
  ])('%d of radius %f fit a square of side 1', (count, radius) => {
    const problem = sheetProblemSchema.parse({
      gap: 0,
      margin: 0,
      sheets: [{ id: 's', width: 100, height: 100, count: null, cost: 10 }],
      pieces: [{ id: 'd', shape: 'disc', diameter: 200 * radius * 0.999, count }],
    });
    expect(packed(problem, 10, 4000)).not.toBeNull();
  });

  test('lie in rows that keep apart, as many as laying by hand gives, and never more than the bound', () => {
    // Square: 3 by 3; staggered: 11 + 10 + 11 + ... by the closed form.
    expect(discsInRows(20, 20, 10)).toHaveLength(9);
    expect(discsInRows(100, 100, 10).length).toBeGreaterThanOrEqual(126);
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 60, noNaN: true }),
        fc.double({ min: 0, max: 60, noNaN: true }),
        fc.double({ min: 5, max: 30, noNaN: true }),
        (width, height, apart) => {
          const middles = discsInRows(width, height, apart);
          for (const [at, { x, y }] of middles.entries()) {
            expect(Math.min(x, y, width - x, height - y)).toBeGreaterThan(-1e-6);
            for (const other of middles.slice(0, at))
              expect(Math.hypot(other.x - x, other.y - y)).toBeGreaterThan(apart - 1e-6);
          }
          const sheet = { width: width + apart, height: height + apart };
          expect(middles.length).toBeLessThanOrEqual(mostDiscs(sheet, { gap: 0, margin: 0 } as SheetProblem, apart));
        },
      ),
    );
  });
});

test('blanks that overlap a little come apart and stay inside', () => {
  const blank = (more: Partial<SoftBlank>): SoftBlank => ({ kind: 0, halfWidth: 0, halfHeight: 0, radius: 10, canTurn: false, isTurned: false, x: 0, y: 0, ...more }); // prettier-ignore
  const plate = { width: 60, height: 45 };
  const start = [
    blank({ x: 12, y: 12 }),
    blank({ x: 20, y: 15 }),
    blank({ halfWidth: 8, halfHeight: 5, radius: 0, x: 22, y: 20 }),
    blank({ halfWidth: 3, halfHeight: 12, radius: 0, x: 59, y: 40 }),
  ];
  const { blanks, energy } = roundAndRectangular.relaxed(start, plate, 400);
  expect(energy).toBeLessThan(1e-13);
  for (const [at, one] of blanks.entries()) {
    const [across, up] = roundAndRectangular.halfOf(one);
    const over = [across - one.x, one.x + across - plate.width, up - one.y, one.y + up - plate.height];
    expect(Math.max(...over)).toBeLessThan(1e-6);
    for (const other of blanks.slice(0, at)) expect(roundAndRectangular.distanceOf(one, other)).toBeGreaterThan(-1e-6);
  }
});

test('two outlines that overlap come apart, each by as much as the other', () => {
  const { problem } = familySheets('outlines', 2);
  const { kinds } = indexSheets(problem.pieces, 0);
  const model = outlineModel(kinds, new NoFits(0), 0, 0);
  const plate = { width: 200, height: 200 };
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: kinds.length - 2 }),
      fc.double({ min: -4, max: 4, noNaN: true }),
      (kind, dx) => {
        const two = [
          { kind, way: 0, x: 100, y: 100 },
          { kind: kind + 1, way: 0, x: 100 + dx, y: 103 },
        ];
        const { blanks, energy } = model.relaxed(two, plate, 200);
        const [one, other] = blanks;
        expect(energy).toBeLessThan(1e-12);
        expect(model.distanceOf(one!, other!)).toBeGreaterThan(-1e-6);
        expect(one!.x + other!.x).toBeCloseTo(200 + dx, 4);
      },
    ),
    { numRuns: 40 },
  );
});

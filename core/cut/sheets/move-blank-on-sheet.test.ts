// A sheet plan put right by hand: what is let happen passes the strict checker, what would not pass is refused.
import fc from 'fast-check';
import { expect, test } from 'vitest';
import { sheetFaultsOf } from './fixtures/check-sheets.ts';
import { moveBlankOnSheet } from './move-blank-on-sheet.ts';
import { planSheets } from './plan-sheets.ts';
import { type SheetPlan, type SheetProblem, sheetProblemSchema } from './sheet-problem.ts';

const clock = { seconds: 0, elapsed: () => 1 };
function planOf(problem: SheetProblem): SheetPlan {
  const steps = planSheets(problem, clock);
  let [step, best] = [steps.next(), null as SheetPlan | null];
  for (; !step.done; step = steps.next()) best = step.value;
  if (!best) throw new Error('There is a plan for this.');
  return best;
}

const problem = sheetProblemSchema.parse({
  sheets: [{ id: 's', width: 100, height: 60, count: null, cost: 10 }],
  gap: 1,
  margin: 2,
  pieces: [
    { id: 'strip', shape: 'rect', width: 30, height: 10, count: 1 },
    { id: 'ring', shape: 'washer', outside: 20, inside: 12, count: 1 },
    { id: 'dot', shape: 'disc', diameter: 8, count: 1 },
  ],
});
const plan = planOf(problem);
const at = (of: SheetPlan, piece: string) => of.sheets[0]!.placements.findIndex((one) => one.piece === piece);
const place = (of: SheetPlan, piece: string) => of.sheets[0]!.placements[at(of, piece)]!;

test('a blank moves to free room, and the offcut follows', () => {
  const moved = moveBlankOnSheet(problem, plan, { from: 0, index: at(plan, 'strip'), to: 0, x: 66, y: 45 });
  if ('sentence' in moved) throw new Error(moved.sentence);
  expect(place(moved, 'strip')).toMatchObject({ x: 66, y: 45 });
  expect(sheetFaultsOf(problem, moved)).toEqual([]);
  expect(moved.sheets[0]?.offcut).not.toEqual(plan.sheets[0]?.offcut);
});

test('the disc inside a washer moves with it', () => {
  const [ring, dot] = [place(plan, 'ring'), place(plan, 'dot')];
  expect(Math.hypot(dot.x + 4 - (ring.x + 10), dot.y + 4 - (ring.y + 10))).toBeLessThan(1e-6);
  const moved = moveBlankOnSheet(problem, plan, { from: 0, index: at(plan, 'ring'), to: 0, x: 60, y: 35 });
  if ('sentence' in moved) throw new Error(moved.sentence);
  expect(place(moved, 'dot')).toMatchObject({ x: 66, y: 41 });
  expect(sheetFaultsOf(problem, moved)).toEqual([]);
  // The dot alone may lie elsewhere as well.
  const apart = moveBlankOnSheet(problem, moved, { from: 0, index: at(moved, 'dot'), to: 0, x: 40, y: 40 });
  expect('sentence' in apart ? apart : sheetFaultsOf(problem, apart)).toEqual([]);
});

test('a blank cannot move onto another, over the edge or to a missing sheet', () => {
  const onto = place(plan, 'ring');
  const strip = { from: 0, index: at(plan, 'strip'), to: 0 };
  expect(moveBlankOnSheet(problem, plan, { ...strip, x: onto.x, y: onto.y })).toHaveProperty('sentence');
  expect(moveBlankOnSheet(problem, plan, { ...strip, x: 1, y: 30 })).toMatchObject({
    sentence: expect.stringContaining('margin') as string,
  });
  expect(moveBlankOnSheet(problem, plan, { ...strip, index: 99, x: 50, y: 30 })).toHaveProperty('sentence');
});

test('a sheet without blanks is unused, and the plan costs less', () => {
  const two = { ...problem, pieces: problem.pieces.slice(0, 1).map((piece) => ({ ...piece, count: 2 })) };
  const packed = planOf(two);
  const [first, second] = packed.sheets[0]!.placements;
  const spread: SheetPlan = {
    ...packed,
    cost: 20,
    bound: 10,
    proved: false,
    sheets: [
      { sheet: 's', placements: [first!], offcut: null },
      { sheet: 's', placements: [second!], offcut: null },
    ],
  };
  const together = moveBlankOnSheet(two, spread, { from: 1, index: 0, to: 0, x: 60, y: 40 });
  if ('sentence' in together) throw new Error(together.sentence);
  expect(together.sheets).toHaveLength(1);
  expect(together.cost).toBe(10);
  expect(sheetFaultsOf(two, together)).toEqual([]);
});

test('the plan after any move passes the strict checker', () => {
  fc.assert(
    fc.property(
      fc.nat({ max: 2 }),
      fc.double({ min: -5, max: 105, noNaN: true }),
      fc.double({ min: -5, max: 65, noNaN: true }),
      (index, x, y) => {
        const moved = moveBlankOnSheet(problem, plan, { from: 0, index, to: 0, x, y });
        expect('sentence' in moved ? [] : sheetFaultsOf(problem, moved)).toEqual([]);
      },
    ),
  );
});

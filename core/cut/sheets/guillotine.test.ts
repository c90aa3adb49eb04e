// Shears: every plan is freed by cuts right across, by an independent check; jigsaws cut up that way are found again.
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { seeded } from '../../measure/random.ts';
import { familySheets } from '../fixtures/sheet-families.ts';
import { sheetFaultsOf } from './fixtures/check-sheets.ts';
import { packByGuillotine } from './guillotine-beam.ts';
import { planSheets } from './plan-sheets.ts';
import { type SheetPlan, type SheetProblem, sheetProblemSchema } from './sheet-problem.ts';

/** A clock that moves at each look, by 2 ms. */
function planned(problem: SheetProblem, looks: number): SheetPlan {
  let looked = 0;
  const steps = planSheets(problem, { seconds: looks * 0.002, elapsed: () => (looked += 1) * 0.002 });
  for (;;) {
    const { done, value } = steps.next();
    if ('sentence' in value) throw new Error(value.sentence);
    expect(sheetFaultsOf(problem, value)).toEqual([]);
    if (done) return value;
  }
}

describe('cuts right across', () => {
  test('plans of random blanks are freed by cuts, with gaps and margins', () => {
    const side = fc.integer({ min: 4, max: 60 });
    const rect = fc.record({
      width: side,
      height: side,
      rotatable: fc.boolean(),
      count: fc.integer({ min: 1, max: 4 }),
    });
    const blank = fc.oneof(rect.map((one) => ({ ...one, shape: 'rect' })), fc.record({ shape: fc.constant('disc'), diameter: side, count: fc.integer({ min: 1, max: 3 }) })); // prettier-ignore
    fc.assert(
      fc.property(fc.array(blank, { minLength: 1, maxLength: 5 }), fc.constantFrom(0, 0.5), (rows, gap) => {
        const pieces = rows.map((row, index) => ({ ...row, id: `p${String(index)}` }));
        const sheets = [{ id: 's', width: 90, height: 70, count: null, cost: 1 }];
        planned(sheetProblemSchema.parse({ sheets, gap, margin: gap, cutting: 'guillotine', pieces }), 40);
      }),
      { numRuns: 25, seed: 5 },
    );
  });

  test.each([1, 3])('a sheet cut up right across is put together again, problem %i', (seed) => {
    const { problem, knownCost } = familySheets('jigsaw', seed);
    expect(planned({ ...problem, cutting: 'guillotine' }, 400).cost).toBe(knownCost);
  });

  // The smallest arrangement without a cut right across (Gilmore and Gomory, Operations Research 13, 1965).
  test('a pinwheel that may not be turned does not fit a full sheet by shears', () => {
    const flat = { width: 20, height: 10, canTurn: false, count: 2 };
    const kinds = [flat, { ...flat, width: 10, height: 20 }, { ...flat, width: 10, height: 10, count: 1 }];
    const terms = { width: 500, largeFirst: 0.5, ragged: 0.2, noise: 0, random: seeded(1), isOver: () => false };
    expect(packByGuillotine(kinds, [{ width: 30, height: 30 }], terms)).toBeNull();
    expect(packByGuillotine(kinds, [{ width: 40, height: 30 }], terms)).toHaveLength(5);
  });
});

test('metal: a strip that can be left over is left over', () => {
  const { problem, knownCost, knownConsumed = 0 } = familySheets('strip', 7);
  const plan = planned(problem, 1500);
  expect(plan.cost).toBe(knownCost);
  expect(plan.consumed).toBeLessThanOrEqual(knownConsumed * 1.03);
});

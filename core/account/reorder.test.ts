// The reorder level against the textbook form: demand in the lead time and z × σ × √L.
import { expect, test } from 'vitest';
import { reorderLevel } from './reorder.ts';

const month = 365.25 / 12;

test('without variation it is the use within the lead time, or what batches need when that is more', () => {
  const steady = { usedByMonth: [40, 40, 40], leadDays: month / 2, unit: 'g' };
  expect(reorderLevel({ ...steady, neededInTime: 0 }).value).toBeCloseTo(20, 9);
  expect(reorderLevel({ ...steady, neededInTime: 12 }).value).toBeCloseTo(20, 9);
  expect(reorderLevel({ ...steady, neededInTime: 55 }).value).toBeCloseTo(55, 9);
});

// z of 0.95 is 1.645 (normal tables). Mean 100, standard deviation 20, lead time 4 months: 400 + 1.645 × 20 × 2.
test('the margin is z × standard deviation × √ lead time', () => {
  const level = reorderLevel({ neededInTime: 0, usedByMonth: [80, 100, 120], leadDays: 4 * month, unit: 'g' });
  expect(level.value).toBeCloseTo(465.8, 0);
  expect(level.from.map(({ label }) => label)).toEqual([
    'open batches within the lead time',
    'usual use beyond it',
    'margin',
  ]);
});

test('a new ledger has no use yet: only the batches count', () => {
  expect(reorderLevel({ neededInTime: 30, usedByMonth: [], leadDays: 7, unit: 'g' }).value).toBe(30);
});

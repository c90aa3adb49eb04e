import { expect, test } from 'vitest';
import type { BarPlan } from './bar-problem.ts';
import { faultsOf } from './fixtures/check-bars.ts';
import { moveBlank } from './move-blank.ts';

const problem = {
  kerf: 0.5,
  keepFrom: 20,
  stock: [
    { id: 'bar', length: 100, count: null, cost: 10 },
    { id: 'off', length: 45, count: 1, cost: 0 },
  ],
  pieces: [
    { id: 'a', length: 30, count: 2 },
    { id: 'b', length: 20, count: 2 },
  ],
};
const plan: BarPlan = {
  cost: 10,
  bound: 10,
  consumed: 145,
  consumedBound: 100,
  proved: false,
  bars: [
    { stock: 'bar', cuts: { a: 2, b: 1 }, remainder: 18.5 },
    { stock: 'off', cuts: { b: 1 }, remainder: 24.5 },
  ],
};

test('a moved blank changes bars, and the figures follow', () => {
  const moved = moveBlank(problem, { ...plan, consumed: 120.5 }, { from: 0, piece: 'b', to: 1 });
  if ('sentence' in moved) throw new Error(moved.sentence);
  expect(faultsOf(problem, moved)).toEqual([]);
  expect(moved.bars).toEqual([
    { stock: 'bar', cuts: { a: 2 }, remainder: 39 },
    { stock: 'off', cuts: { b: 2 }, remainder: 4 },
  ]);
});

test('a blank that does not fit stays, with the reason', () => {
  expect(moveBlank(problem, plan, { from: 0, piece: 'a', to: 1 })).toMatchObject({
    sentence: expect.stringContaining('too full') as string,
  });
  expect(moveBlank(problem, plan, { from: 1, piece: 'a', to: 0 })).toMatchObject({
    sentence: expect.stringContaining('no such blank') as string,
  });
  expect(moveBlank(problem, plan, { from: 1, piece: 'b', to: null })).toMatchObject({ cost: 10 });
});

test('a blank on a bar of its own costs one bar more', () => {
  const moved = moveBlank(problem, plan, { from: 0, piece: 'a', to: null });
  expect(moved).toMatchObject({ cost: 20, proved: false });
  // The last blank gone, the bar is not cut at all.
  const emptied = moveBlank(problem, plan, { from: 1, piece: 'b', to: 0 });
  expect(emptied).toMatchObject({ sentence: expect.stringContaining('too full') as string });
});

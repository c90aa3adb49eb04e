// The solver through the interface of core, on programs with published answers.
import loadHighs from 'highs';
import { describe, expect, test } from 'vitest';
import type { LinearProgram, ProgramColumn } from '../core/cut/bars/linear-program.ts';
import { solveWith } from './highs.ts';

const solve = solveWith(await loadHighs());
const atMost = (upper: number) => ({ lower: -Infinity, upper });
const column = (cost: number, ...values: readonly number[]): ProgramColumn => {
  const rows = [...values.keys()].filter((row) => values[row] !== 0);
  return { cost, upper: Infinity, rows, values: rows.map((row) => values[row] ?? 0) };
};

// The glass company of Hillier and Lieberman, Introduction to Operations Research, chapter 3 (from memory): max 3x + 5y
// with x ≤ 4, 2y ≤ 12, 3x + 2y ≤ 18 is 36 at (2, 6), and the shadow prices are 0, 3/2 and 1.
const glass: LinearProgram = {
  rows: [atMost(4), atMost(12), atMost(18)],
  columns: [column(-3, 1, 0, 3), column(-5, 0, 2, 2)],
  isInteger: false,
};

// Ten items, at most 50 kg, each once (values and weights made up, the best by trying all).
const weights = [19, 7, 11, 23, 5, 17, 13, 3, 29, 2];
const values = [38, 12, 24, 41, 9, 36, 25, 5, 55, 3];
const sack: LinearProgram = {
  rows: [atMost(50)],
  columns: weights.map((weight, index) => ({ ...column(-(values[index] ?? 0), weight), upper: 1 })),
  isInteger: true,
};

function bestOfAll(): number {
  let best = 0;
  for (let set = 0; set < 2 ** weights.length; set += 1) {
    const chosen = weights.flatMap((weight, index) => ((set >> index) % 2 === 1 ? [[weight, values[index] ?? 0]] : []));
    const [weight, value] = [0, 1].map((at) => chosen.reduce((sum, one) => sum + (one[at] ?? 0), 0));
    if ((weight ?? 0) <= 50) best = Math.max(best, value ?? 0);
  }
  return best;
}

describe('linear programs', () => {
  test('have the published optimum and shadow prices', () => {
    const { status, values: found, duals, objective, bound } = solve(glass, 5);
    expect(status).toBe('optimal');
    expect(objective).toBeCloseTo(-36, 9);
    expect(bound).toBe(objective);
    expect(found.map((value) => Math.round(value * 1e9) / 1e9)).toEqual([2, 6]);
    expect(duals.map((dual) => Math.round(-dual * 1e9) / 1e9)).toEqual([0, 1.5, 1]);
  });

  test('have no answer when they are infeasible or unbounded', () => {
    const asked = { ...glass, rows: [atMost(4), atMost(12), { lower: 60, upper: Infinity }] };
    expect(solve(asked, 5)).toMatchObject({ status: 'none', values: [], objective: Infinity });
    expect(solve({ rows: [atMost(1)], columns: [column(-1, 0)], isInteger: false }, 5).status).toBe('none');
  });

  test('keep each column between zero and its upper bound', () => {
    const held = { ...glass, columns: glass.columns.map((one) => ({ ...one, upper: 1.5 })) };
    expect(solve(held, 5).values).toEqual([1.5, 1.5]);
    const lifted = { ...glass, columns: glass.columns.map((one) => ({ ...one, cost: 1 })) };
    expect(solve(lifted, 5).values).toEqual([0, 0]);
  });
});

describe('integer programs', () => {
  test('have the optimum of exhaustive search', () => {
    const answer = solve(sack, 10);
    expect(answer).toMatchObject({ status: 'optimal', duals: [] });
    expect(answer.objective).toBeCloseTo(-bestOfAll(), 9);
    expect(answer.bound).toBeCloseTo(answer.objective, 6);
    for (const value of answer.values) expect([0, 1]).toContain(Math.round(value * 1e6) / 1e6);
  });

  test('are never better than their relaxation', () => {
    const halves = solve({ ...sack, isInteger: false }, 5);
    expect(halves.objective).toBeLessThanOrEqual(-bestOfAll() + 1e-9);
  });

  test('stop at an answer within the accepted cost', () => {
    const { objective } = solve(sack, 10, -60);
    expect(objective).toBeLessThanOrEqual(-60);
  });
});

import loadHighs from 'highs';
import { describe, expect, test } from 'vitest';
import { solveWith } from '../../solver/highs.ts';
import { cutOutcome } from './cut.ts';

const solve = solveWith(await loadHighs());
const cut = (problem: unknown) =>
  cutOutcome(typeof problem === 'string' ? problem : JSON.stringify(problem), solve, 10, () => 0);
const bar = { id: 'bar', length: 1000, count: null, cost: 100 };

describe('noon cut', () => {
  test('gives the cuts of each bar, the cost, and that it is proved', () => {
    const problem = { kerf: 0.3, stock: [bar], pieces: [{ id: 'a', length: 57.6, count: 17 }], keepFrom: 30 };
    // 17 × 57.6 + 17 × 0.3 = 984.3 mm of a bar of 1000.
    expect(cut(problem)).toMatchObject({
      cost: 100,
      bound: 100,
      proved: true,
      bars: [{ stock: 'bar', cuts: { a: 17 }, remainder: 15.7 }],
    });
  });

  test.each([
    ['{', /^This is not JSON/],
    [{ kerf: 0.3, stock: [bar], pieces: [{ id: 'a', length: '57', count: 1 }] }, /^At pieces\.0\.length/],
    [{ kerf: 0.3, stock: [bar], pieces: [{ id: 'a', length: 1200, count: 1 }] }, /“a” is longer than any bar/],
    [{ kerf: 0.3, stock: [bar, bar], pieces: [{ id: 'a', length: 12, count: 1 }] }, /Two bars have the same id/],
  ])('gives the reason why it cannot plan (%#)', (problem, error) => {
    expect(cut(problem)).toEqual({ error: expect.stringMatching(error) as string });
  });
});

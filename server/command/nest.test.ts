import { describe, expect, test } from 'vitest';
import { nestOutcome } from './nest.ts';

/** A clock that moves at each look: a plan that is not proved is improved until its time is up. */
const nest = (problem: unknown) => {
  let looked = 0;
  return nestOutcome(typeof problem === 'string' ? problem : JSON.stringify(problem), 1, () => (looked += 1) * 0.01);
};
const sheets = [{ id: 'sheet', width: 50, height: 12, count: null, cost: 7 }];
const disc = { id: 'a', shape: 'disc', diameter: 10, count: 2 };

describe('noon nest', () => {
  test('gives the position of each blank', () => {
    const outcome = nest({ sheets, gap: 0.5, margin: 1, pieces: [disc] });
    expect(outcome).toMatchObject({ cost: 7, bound: 7, proved: true });
    expect('sheets' in outcome && outcome.sheets[0]?.placements).toEqual([
      { piece: 'a', x: 1, y: 1, rotated: false },
      { piece: 'a', x: 11.5, y: 1, rotated: false },
    ]);
  });

  test.each([
    ['{', /^This is not JSON/],
    [{ sheets, gap: 0.5, margin: 1, pieces: [{ ...disc, shape: 'star' }] }, /^At pieces\.0\.shape/],
    [{ sheets, gap: 0.5, margin: 1, pieces: [{ ...disc, diameter: 10.1 }] }, /“a” is larger than any sheet/],
    [{ sheets: [{ ...sheets[0], count: 1 }], gap: 0.5, margin: 1, pieces: [{ ...disc, count: 9 }] }, /do not hold all/],
  ])('gives the reason why it cannot plan (%#)', (problem, error) => {
    expect(nest(problem)).toEqual({ error: expect.stringMatching(error) as string });
  });
});

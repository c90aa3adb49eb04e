// What a step is done to, and what its minutes are counted by: parts, joins, sub-assemblies and the whole piece.
import { describe, expect, test } from 'vitest';
import { alloysWith } from '../metal/alloy.ts';
import { computeRecipe } from './compute-recipe.ts';
import { pieceOf, straightBlank, wire } from './fixtures/check.ts';
import { membersOf, scopeOf } from './scope.ts';
import type { StepDriver } from './step.ts';

const square = { rule: 'rectangle', length: '20 mm', width: '10 mm' } as const;
const sheet = { form: 'sheet', thickness: '1 mm' } as const;
const piece = pieceOf({
  groups: [{ id: 'frame', name: 'Frame', count: '1', closed: false, vents: '' }],
  parts: [
    { id: 'rim', section: wire(), blank: straightBlank, count: '2', group: 'frame' },
    { id: 'bar', section: wire(), blank: straightBlank, group: 'frame' },
    { id: 'plate', section: sheet, blank: square, count: '3' },
    { id: 'ready', section: wire(), blank: straightBlank, bought: true, buyPrice: '2' },
  ],
  findings: [{ id: 'pin', group: 'frame' }],
  joins: [
    { id: 'corner', parts: ['rim', 'bar'] },
    { id: 'back', parts: ['bar', 'plate'] },
  ],
});

const scope = (of: string) => {
  const { parts, joins } = scopeOf({ of, also: [] }, piece);
  return [parts.map((at) => piece.parts[at]?.id), joins.map((at) => piece.joins[at]?.id)];
};

describe('the scope of a step', () => {
  test('is the whole piece when it names nothing', () => {
    expect(scope('')).toEqual([
      ['rim', 'bar', 'plate', 'ready'],
      ['corner', 'back'],
    ]);
  });

  test('is a part with its joins', () => {
    expect(scope('bar')).toEqual([['bar'], ['corner', 'back']]);
    expect(scope('rim')).toEqual([['rim'], ['corner']]);
  });

  test('is a sub-assembly with the joins inside it', () => {
    expect(scope('frame')).toEqual([['rim', 'bar'], ['corner']]);
    // The pin in it is a finding: no part, but a member.
    expect(membersOf('frame', piece)).toEqual(['rim', 'bar', 'pin']);
    expect(membersOf('rim', piece)).toEqual(['rim']);
  });

  test('is a join alone, and nothing when its target is gone', () => {
    expect(scope('corner')).toEqual([[], ['corner']]);
    expect(scope('lost')).toEqual([[], []]);
  });
});

describe('driver counts', () => {
  const drivers = (per: StepDriver, of = '', more = '') => {
    const timed = { ...piece, steps: pieceOf({ steps: [{ id: 's', per, of, each: '2', drivers: more }] }).steps };
    return computeRecipe(timed, alloysWith([])).steps[0];
  };

  test('of pieces, loads and batches are one', () => {
    for (const per of ['piece', 'load', 'batch'] as const) expect(drivers(per)?.drivers).toBe(1);
  });

  test('of cuts exclude bought parts', () => {
    const parts = computeRecipe(piece, alloysWith([])).parts.map(({ cuts }) => cuts);
    expect(drivers('cut')?.drivers).toBe((parts[0] ?? 0) + (parts[1] ?? 0) + (parts[2] ?? 0));
    expect(drivers('cut', 'plate')?.drivers).toBe(parts[2]);
  });

  test('of surface are both faces: three plates of 10 × 20 mm are 12 cm²', () => {
    expect(drivers('cm2', 'plate')?.drivers).toBeCloseTo(12, 9);
    expect(drivers('cm2', 'plate')?.eachMin).toBeCloseTo(24, 9);
  });

  test('are replaced by a typed number', () => {
    expect(drivers('cm2', 'plate', '5')).toMatchObject({ drivers: 5, eachMin: 10 });
  });
});

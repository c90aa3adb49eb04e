// Remedies: a row changed, a step added where it belongs, a step moved; nothing else changes.
import { expect, test } from 'vitest';
import { pieceOf } from '../fixtures/check.ts';
import { withRow, withStepAfter, withStepBefore } from './check-context.ts';

const piece = pieceOf({
  name: 'Heron pin',
  steps: [
    { id: 'saw', name: 'Saw' },
    { id: 'solder', name: 'Solder' },
    { id: 'pickle', name: 'Pickle' },
  ],
});
const names = (of: typeof piece) => of.steps.map(({ name }) => name);

test('a remedy changes one row and leaves the others', () => {
  const changed = withRow('steps', 'solder', () => ({ station: 'torch' }))(piece);
  expect(changed.steps.map(({ station }) => station)).toEqual([
    piece.steps[0]!.station,
    'torch',
    piece.steps[2]!.station,
  ]);
  expect(changed.parts).toBe(piece.parts);
});

test('a step is added after another, or last when that one is gone', () => {
  expect(names(withStepAfter('saw', 'Anneal', {})(piece))).toEqual(['Saw', 'Anneal', 'Solder', 'Pickle']);
  expect(names(withStepAfter('gone', 'Anneal', {})(piece))).toEqual(['Saw', 'Solder', 'Pickle', 'Anneal']);
});

test('an added step has an id of its own, also the second time', () => {
  const add = withStepAfter('saw', 'Anneal', {});
  const twice = add(add(piece));
  expect(new Set(twice.steps.map(({ id }) => id)).size).toBe(5);
});

test('a step is moved to just before another; an unknown step moves nothing', () => {
  expect(names(withStepBefore('pickle', 'saw')(piece))).toEqual(['Pickle', 'Saw', 'Solder']);
  expect(withStepBefore('gone', 'saw')(piece)).toBe(piece);
});

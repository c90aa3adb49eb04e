// Common practice: hollow and hinged work is flushed and neutralised once, after the last pickle.
import { expect, test } from 'vitest';
import { afterRemedy, briefly, foundIn, sheet, straightBlank, wire } from '../fixtures/check.ts';
import { trappedPickle } from './trapped-pickle.ts';

const knuckles = {
  id: 'k',
  section: { form: 'tube', outside: '2 mm', wall: '0.4 mm' },
  blank: { rule: 'knuckles', width: '12 mm', knuckles: '3' },
} as const;

test('a hinge needs flushing after its last pickle', () => {
  expect(briefly(foundIn(trappedPickle, { parts: [knuckles], steps: ['Pickle'] }))).toEqual(['warn s1']);
  expect(foundIn(trappedPickle, { parts: [knuckles], steps: ['Pickle', 'Flush and neutralise'] })).toEqual([]);
  expect(foundIn(trappedPickle, { parts: [knuckles], steps: ['Pickle', 'Pickle again', 'Neutralise'] })).toEqual([]);
  expect(
    briefly(foundIn(trappedPickle, { parts: [knuckles], steps: ['Pickle', 'Neutralise', 'Pickle again'] })),
  ).toEqual(['warn s3']);
});

test('a vented form needs flushing after pickle, and solid work does not', () => {
  const half = {
    id: 'h',
    section: sheet(),
    blank: { rule: 'dome', across: '12 mm', height: '6 mm' },
    group: 'g',
  } as const;
  const groups = [{ id: 'g', name: 'Ball', count: '1', closed: true, vents: '1' }];
  expect(briefly(foundIn(trappedPickle, { parts: [half], groups, steps: ['Pickle'] }))).toEqual(['warn s1']);
  expect(
    foundIn(trappedPickle, { parts: [{ id: 'w', section: wire(), blank: straightBlank }], steps: ['Pickle'] }),
  ).toEqual([]);
});

test('a pickle of another part does not affect the hinge', () => {
  const rod = { id: 'w', section: wire(), blank: straightBlank };
  expect(foundIn(trappedPickle, { parts: [knuckles, rod], steps: [{ id: 's1', name: 'Pickle', of: 'w' }] })).toEqual(
    [],
  );
});

test('the remedy adds a flushing step after the pickle', () => {
  expect(afterRemedy(trappedPickle, { parts: [knuckles], steps: ['Pickle', 'Sand'] })).toEqual([]);
});

// Common practice: what is sold by the pair is made in even numbers, and matched.
import { expect, test } from 'vitest';
import { afterRemedy, briefly, foundIn, type Sketch, straightBlank, wire } from '../fixtures/check.ts';
import { pairs } from './pairs.ts';

const earrings = (count: string, more: Sketch = {}): Sketch => ({
  soldBy: 'pair',
  parts: [{ id: 'p', section: wire(), blank: straightBlank, count }],
  steps: ['Match the pairs'],
  ...more,
});

test('an odd count in a pair gives a warning, for parts and for findings', () => {
  expect(foundIn(pairs, earrings('2'))).toEqual([]);
  expect(briefly(foundIn(pairs, earrings('3')))).toEqual(['warn p']);
  expect(briefly(foundIn(pairs, earrings('2', { findings: [{ id: 'f', name: 'Ear wire' }] })))).toEqual(['warn f']);
  expect(foundIn(pairs, earrings('2', { findings: [{ id: 'f', name: 'Card' }] }))).toEqual([]);
});

test('a sub-assembly used twice makes an even count', () => {
  const groups = [{ id: 'g', name: 'Drop', count: '2', closed: false, vents: '' }];
  const parts = [{ id: 'p', section: wire(), blank: straightBlank, count: '1', group: 'g' }];
  expect(foundIn(pairs, earrings('1', { groups, parts }))).toEqual([]);
});

test('a pair of parts in a piece sold singly is still left and right', () => {
  const one = (count: string): Sketch => ({
    parts: [{ id: 'p', section: wire(), blank: straightBlank, count, paired: true }],
  });
  expect(foundIn(pairs, one('2'))).toEqual([]);
  expect(briefly(foundIn(pairs, one('1')))).toEqual(['warn p']);
});

test('a route without a matching step gives a warning, and the remedy adds the step', () => {
  expect(briefly(foundIn(pairs, earrings('2', { steps: ['Cut'] })))).toEqual(['warn']);
  expect(afterRemedy(pairs, earrings('2', { steps: ['Cut'] }))).toEqual([]);
});

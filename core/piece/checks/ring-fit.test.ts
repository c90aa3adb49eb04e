// Common practice: an aspect ratio of about 2.5 to 6; a drilled hole is larger than the wire that goes through it.
import { expect, test } from 'vitest';
import { afterRemedy, briefly, discBlank, foundIn, ring, sheet, type Sketch, wire } from '../fixtures/check.ts';
import { ringFit } from './ring-fit.ts';

const rings = (inside: string, passes = '') => ({ id: 'r', section: wire('1 mm'), blank: ring(inside, passes) });

test.each([
  ['2.4 mm', ['warn r']],
  ['2.5 mm', []],
  ['6 mm', []],
  ['6.1 mm', ['warn r']],
])('a ring of 1 mm wire, %s inside, gives %j', (inside, found) => {
  expect(briefly(foundIn(ringFit, { parts: [rings(inside)] }))).toEqual(found);
});

test('a large soldered ring is strong enough', () => {
  expect(foundIn(ringFit, { parts: [rings('16 mm')], joins: [{ id: 'j', parts: ['r'] }] })).toEqual([]);
});

test('a ring that its neighbour cannot pass gives a finding', () => {
  expect(briefly(foundIn(ringFit, { parts: [rings('4 mm', '4 mm')] }))).toEqual(['warn r']);
  expect(foundIn(ringFit, { parts: [rings('4 mm', '3.5 mm')] })).toEqual([]);
});

const hung = (hole: string): Sketch => ({
  parts: [rings('4 mm'), { id: 'd', section: sheet(), blank: discBlank, hole }],
  joins: [{ id: 'j', kind: 'link', parts: ['r', 'd'] }],
});

test('a ring in a hole no larger than its wire gives a finding', () => {
  expect(briefly(foundIn(ringFit, hung('1 mm')))).toEqual(['warn d']);
  expect(foundIn(ringFit, hung('1.1 mm'))).toEqual([]);
  expect(afterRemedy(ringFit, hung('0.8 mm'))).toEqual([]);
});

test('a ring around wire thicker than its inside gives a finding', () => {
  const linked = (diameter: string) =>
    foundIn(ringFit, {
      parts: [rings('4 mm'), { id: 'rod', section: wire(diameter), blank: { rule: 'straight', length: '90 mm' } }],
      joins: [{ id: 'j', kind: 'link', parts: ['r', 'rod'] }],
    });
  expect(linked('3.9 mm')).toEqual([]);
  expect(briefly(linked('4 mm'))).toEqual(['warn r']);
});

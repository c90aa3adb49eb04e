// Common practice: a ring that carries a load is soldered shut.
import { expect, test } from 'vitest';
import { briefly, foundIn, ring, type Sketch, wire } from '../fixtures/check.ts';
import { openRing } from './open-ring.ts';

const bail = (bearsLoad: boolean, shut: boolean): Sketch => ({
  parts: [{ id: 'r', section: wire(), blank: ring('4 mm') }],
  joins: [
    ...(shut ? [{ id: 'shut', parts: ['r'] }] : []),
    { id: 'hang', kind: 'link' as const, parts: ['r'], bearsLoad },
  ],
});

test('an open ring under a load gives a note; a soldered or unloaded one does not', () => {
  expect(briefly(foundIn(openRing, bail(true, false)))).toEqual(['note hang']);
  expect(foundIn(openRing, bail(true, true))).toEqual([]);
  expect(foundIn(openRing, bail(false, false))).toEqual([]);
});

// Common practice: a ring soldered on by its side is closed too, and one that bears a load gets a flat.
import { expect, test } from 'vitest';
import { afterRemedy, briefly, discBlank, foundIn, ring, sheet, type Sketch, wire } from '../fixtures/check.ts';
import { sideRing } from './side-ring.ts';

const pendant = (bearsLoad: boolean, isShut: boolean): Sketch => ({
  parts: [
    { id: 'ring', section: wire(), blank: ring('4 mm') },
    { id: 'disc', section: sheet(), blank: discBlank },
  ],
  joins: [...(isShut ? [{ id: 'shut', parts: ['ring'] }] : []), { id: 'on', parts: ['ring', 'disc'], bearsLoad }],
});

test('a ring left open at its own joint is named, and the remedy closes it', () => {
  expect(briefly(foundIn(sideRing, pendant(false, false)))).toEqual(['warn on']);
  expect(foundIn(sideRing, pendant(false, true))).toEqual([]);
  expect(afterRemedy(sideRing, pendant(false, false))).toEqual([]);
});

test('a load-bearing ring on a face wants a flat', () => {
  expect(briefly(foundIn(sideRing, pendant(true, true)))).toEqual(['warn on']);
  expect(foundIn(sideRing, pendant(true, true))[0]?.sentence).toContain('along a line only');
});

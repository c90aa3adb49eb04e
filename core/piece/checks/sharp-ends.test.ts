// Common practice: cut ends that touch the skin are rounded.
import { expect, test } from 'vitest';
import { afterRemedy, briefly, foundIn, type Sketch, straightBlank, wire } from '../fixtures/check.ts';
import { sharpEnds } from './sharp-ends.ts';

const hook = (steps: readonly string[], endsTouchSkin = true): Sketch => ({
  parts: [{ id: 'p', section: wire(), blank: straightBlank, endsTouchSkin }],
  steps,
});

test('sharp ends without a rounding step give a warning', () => {
  expect(briefly(foundIn(sharpEnds, hook(['Cut'])))).toEqual(['warn p']);
  expect(foundIn(sharpEnds, hook(['Cut', 'Round the ends']))).toEqual([]);
  expect(foundIn(sharpEnds, hook(['Cut'], false))).toEqual([]);
});

test('the remedy adds the step', () => {
  expect(afterRemedy(sharpEnds, hook(['Cut']))).toEqual([]);
});

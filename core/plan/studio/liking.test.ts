import { expect, test } from 'vitest';
import { likingOf } from './liking.ts';

test('a step is liked by its station or by its kind of work', () => {
  const likings = ['set stones', 'torch', 'polish'].map((name) => ({ name, hours: null }));
  expect(likingOf(likings, 'torch', 'solder')).toBe(1);
  expect(likingOf(likings, 'motor', 'polish')).toBe(2);
  expect(likingOf(likings, 'peg', 'set')).toBe(0);
  expect(likingOf(likings, 'peg', 'saw')).toBe(-1);
});

// π and square roots in sums.
import { expect, test } from 'vitest';
import { readLength } from './read-length.ts';
import { readGrams } from './read-number.ts';
import { withUnit } from './with-unit.ts';

test.each([
  ['pi*49 mm', Math.PI * 49],
  ['π*2', Math.PI * 2],
  ['sqrt(16) mm', 4],
  ['sqrt 9', 3],
  ['2*sqrt(2) mm', 2 * Math.SQRT2],
  ['sqrt(3 mm * 12 mm)', 6],
])('%s is a length', (text, mm) => {
  const reading = readLength(text, { what: 'length' });
  expect(reading.ok && reading.value).toBeCloseTo(mm, 9);
});

test('the root of a negative number is refused', () => {
  expect(readGrams('sqrt(2-5)').ok).toBe(false);
});

test('a sum with π gets the unit of its field', () => {
  expect(withUnit('pi*49', 'mm')).toBe('(pi*49) mm');
  expect(withUnit('1’200', 'mm')).toBe('1’200 mm');
});

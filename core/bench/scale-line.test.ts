import { expect, test } from 'vitest';
import { linesOf, readScaleLine, usualFormat } from './scale-line.ts';

test.each([
  ['S  +   12.34 g', 12.34, true],
  ['S  -    0.02 g', -0.02, true],
  ['US +   12.31 g', 12.31, false],
  ['   +   12,34 g', 12.34, false],
  ['S 0.5 G', 0.5, true],
])('“%s” is %d g', (line, grams, isSteady) => {
  const reading = readScaleLine(line, usualFormat);
  expect(reading).toMatchObject({ ok: true, isSteady });
  expect(reading.ok ? reading.grams : NaN).toBeCloseTo(grams, 9);
});

test('other units are converted where they are expected, and refused where they are not', () => {
  const troy = readScaleLine('S 1.000 ozt', { steady: 'S', unit: 'ozt' });
  expect(troy.ok ? troy.grams : NaN).toBeCloseTo(31.1034768, 7);
  expect(readScaleLine('S 5.00 ct', { steady: '', unit: 'ct' })).toMatchObject({ grams: 1 });
  expect(readScaleLine('S 1.000 ozt', usualFormat)).toMatchObject({ ok: false });
  expect(readScaleLine('S 1.000', usualFormat)).toMatchObject({ ok: false });
  expect(readScaleLine('ERR', usualFormat)).toMatchObject({ ok: false });
});

test('a scale without a mark sends only steady weights', () => {
  expect(readScaleLine('12.3 g', { steady: '', unit: 'g' })).toMatchObject({ grams: 12.3, isSteady: true });
});

test('lines arrive in pieces, with any end of line', () => {
  const first = linesOf('', 'S 1.0 g\r\nS 1.');
  expect(first).toEqual({ lines: ['S 1.0 g'], rest: 'S 1.' });
  expect(linesOf(first.rest, '1 g\n')).toEqual({ lines: ['S 1.1 g'], rest: '' });
});

import { describe, expect, test } from 'vitest';
import { readCount, readDensity, readFactor, readGrams, readMinutes, readShare } from './read-number.ts';
import type { Reading } from './reading.ts';

const value = (reading: Reading) => (reading.ok ? reading.value : reading.sentence);

describe('times', () => {
  test.each([
    ['12', 12],
    ['12 min', 12],
    ['90 s', 1.5],
    ['1h20', 80],
    ['4 min 30', 4.5],
    ['8 min 05 s', 8 + 5 / 60],
    ['1 h 20 min', 80],
    ['1:20', 80],
    ['2.5 h', 150],
    ['2h30', 150],
    ['3*4+2', 14],
    ['', 0],
  ])('%s is %f minutes', (text, minutes) => {
    expect(value(readMinutes(text))).toBeCloseTo(minutes, 9);
  });

  test('a negative time is refused', () => {
    expect(value(readMinutes('-5'))).toMatch(/cannot be negative/);
  });
});

test('metal is weighed in grams, pennyweight, troy ounces and grains, never in avoirdupois ounces', () => {
  expect(value(readGrams('2'))).toBe(2);
  expect(value(readGrams('2 dwt'))).toBeCloseTo(3.11034768, 8);
  // International troy ounce, 31.1034768 g exactly (1959 agreement).
  expect(value(readGrams('1 ozt'))).toBe(31.1034768);
  expect(value(readGrams('480 grain'))).toBeCloseTo(31.1034768, 8);
  expect(value(readGrams('1 oz'))).toMatch(/“oz” is not a unit/);
});

test('a count is a whole number of 1 or more', () => {
  expect(value(readCount('24'))).toBe(24);
  expect(value(readCount('2*12'))).toBe(24);
  expect(value(readCount('2.5'))).toMatch(/whole number/);
  expect(value(readCount('0'))).toMatch(/1 or more/);
  expect(value(readCount(''))).toMatch(/1 or more/);
  expect(value(readCount('1000000'))).toMatch(/more than any bench/);
});

test('a multiplier is above 0', () => {
  expect(value(readFactor('2.2', 'factor'))).toBe(2.2);
  expect(value(readFactor('0', 'factor'))).toMatch(/above 0/);
  expect(value(readFactor('', 'factor'))).toMatch(/above 0/);
});

test('a share is read in per cent', () => {
  expect(value(readShare('85 %', 'share'))).toBe(0.85);
  expect(value(readShare('85', 'share'))).toBe(0.85);
  expect(value(readShare('120', 'share'))).toMatch(/100 %/);
});

test('a density must be possible for a metal', () => {
  expect(value(readDensity('8.53'))).toBe(8.53);
  expect(value(readDensity('0'))).toMatch(/No metal/);
  expect(value(readDensity('85'))).toMatch(/No metal/);
  expect(value(readDensity(''))).toMatch(/Give its density/);
});

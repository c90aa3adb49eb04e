import { describe, expect, test } from 'vitest';
import { mmPer } from './length-units.ts';
import { GRAMS_PER_TROY_OUNCE, gramsPer } from './mass-units.ts';

describe('mass', () => {
  // International yard and pound agreement of 1959 by way of the grain, 64.79891 mg exactly; each equal in GNU units 2.22.
  test.each([
    ['grain', 0.06479891],
    ['dwt', 1.55517384],
    ['ozt', 31.1034768],
    ['mg', 0.001],
    ['g', 1],
    ['kg', 1000],
  ])('a %s is %f g', (unit, grams) => {
    expect(gramsPer(unit)).toBeCloseTo(grams, 12);
  });

  test('a troy ounce is 480 grains and 20 pennyweights', () => {
    expect(GRAMS_PER_TROY_OUNCE / (gramsPer('grain') ?? NaN)).toBeCloseTo(480, 9);
    expect(GRAMS_PER_TROY_OUNCE / (gramsPer('dwt') ?? NaN)).toBeCloseTo(20, 9);
  });

  test('avoirdupois ounces and pounds are no units of precious metal', () => {
    for (const unit of ['oz', 'lb', 'ounce', 'ct']) expect(gramsPer(unit)).toBeUndefined();
  });
});

describe('length', () => {
  test.each([
    ['mm', 1],
    ['cm', 10],
    ['m', 1000],
    ['in', 25.4],
    ['inches', 25.4],
    ['"', 25.4],
    ['″', 25.4],
    ['ft', 304.8],
    ["'", 304.8],
    ['Millimetres', 1],
    ['millimeter', 1],
  ])('a %s is %f mm', (unit, mm) => {
    expect(mmPer(unit)).toBeCloseTo(mm, 9);
  });

  test('a word that is no length is refused', () => {
    for (const unit of ['g', 'ga', 'yard', '']) expect(mmPer(unit)).toBeUndefined();
  });
});

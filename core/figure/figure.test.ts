// Figures keep their working through new names, and make it only when someone looks.
import { describe, expect, test } from 'vitest';
import { computed, given, inSum, minorDigits, renamed, sumTo, totalOf } from './figure.ts';

const length = given('length', 120, 'mm', 'as typed');
const twice = computed('both', 240, 'mm', () => `2 × ${inSum(length.value)}`, [length]);

describe('a renamed figure keeps its value and calculation', () => {
  test('a result keeps its sum and inputs, an input its source', () => {
    expect(renamed(twice, 'the pair')).toMatchObject({
      kind: 'reckoned',
      label: 'the pair',
      value: 240,
      unit: 'mm',
      how: '2 × 120',
      from: [length],
      source: '',
    });
    expect(renamed(length, 'reach')).toEqual({ ...length, label: 'reach' });
    expect(twice.label).toBe('both');
  });

  test('a sum of sums stays one sum, with negative lines in brackets', () => {
    const sum = totalOf('metal', 'GBP', [given('cut', 719, 'GBP', ''), given('scrap', -136, 'GBP', '')]);
    expect(renamed(sum, 'used up')).toMatchObject({ kind: 'sum', value: 583, how: '7.19 + (−1.36)' });
    expect(totalOf('nothing', 'g', [])).toMatchObject({ value: 0, how: '0', from: [] });
  });
});

test('the lines of a calculation are made once, when they are read', () => {
  let made = 0;
  const lines = () => {
    made += 1;
    return [length, length];
  };
  const sum = sumTo('both', 'mm', lines, 240);
  expect(sum.value).toBe(240);
  expect(made).toBe(0);
  expect(sum.how).toBe('120 + 120');
  expect(renamed(sum, 'again').from).toEqual([length, length]);
  expect(made).toBe(1);
});

// ISO 4217:2015, table A.1: minor units 2, 0 and 3.
test('minor units are those of ISO 4217', () => {
  expect(['GBP', 'JPY', 'KWD'].map(minorDigits)).toEqual([2, 0, 3]);
  expect(() => minorDigits('pounds')).toThrow(RangeError);
});

import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { evaluate, SumError } from './arithmetic.ts';

const inMm = (value: number, unit: string) =>
  ({ mm: value, cm: value * 10, in: value * 25.4, "'": value * 304.8, '"': value * 25.4 })[unit];
const result = (text: string) => evaluate(text, inMm);

interface Sum {
  readonly text: string;
  readonly value: number;
}

// Sums as people type them, with what they come to by the rules of arithmetic.
const sums = fc.letrec<{ sum: Sum }>((tie) => ({
  sum: fc.oneof(
    { depthSize: 'small' },
    fc.integer({ min: 0, max: 9999 }).map((hundredths): Sum => {
      return { text: (hundredths / 100).toFixed(2), value: hundredths / 100 };
    }),
    fc.tuple(tie('sum'), fc.constantFrom('+', '-', '*'), tie('sum')).map(([left, sign, right]): Sum => {
      const value = { '+': left.value + right.value, '-': left.value - right.value, '*': left.value * right.value };
      return { text: `(${left.text}) ${sign} (${right.text})`, value: value[sign] };
    }),
  ),
})).sum;

test('random sums have the value of arithmetic', () => {
  fc.assert(
    fc.property(sums, ({ text, value }) => {
      if ((text.match(/\(/g)?.length ?? 0) > 15) return true;
      return Math.abs(result(text).value - value) <= 1e-9 * Math.max(1, Math.abs(value));
    }),
  );
});

describe('precedence', () => {
  test.each([
    ['2+3*4', 14],
    ['2*3+4', 10],
    ['10-4-3', 3],
    ['100/5/2', 10],
    ['-(2+3)', -5],
    ['2--3', 5],
    ['2*-3', -6],
    ['10-4/2', 8],
    ['10-1/2', 9.5],
    ['10 1/2 - 1/2', 10],
    ['12/4/3*2', 2],
    ['2*3/4', 1.5],
  ])('%s is %d', (text, value) => {
    expect(result(text).value).toBe(value);
  });
});

test('a number with a unit has the dimension of the field, and division removes it', () => {
  expect(result('3 cm')).toEqual({ value: 30, power: 1 });
  expect(result('3 cm / 10 mm')).toEqual({ value: 3, power: 0 });
  expect(result('2 * 3 cm')).toEqual({ value: 60, power: 1 });
  expect(result('3 cm * 2 mm').power).toBe(2);
  expect(result('6 in / 3/4 in')).toEqual({ value: 8, power: 0 });
  expect(result('1-1/2 in').value).toBeCloseTo(38.1, 9);
  expect(result('2*3/4 in').value).toBeCloseTo(38.1, 9);
});

test.each(['1 cm + 2', '2 ** 3', '3 4', '5 kg', ')', '1/0', '2/(3-3)', '1e9999'])(
  '%s is refused in a sentence',
  (text) => {
    expect(() => result(text)).toThrow(SumError);
  },
);

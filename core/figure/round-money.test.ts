import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { computed, type Figure, given, totalOf } from './figure.ts';
import { roundHalfAwayFromZero, roundLinesToTotal, roundSum } from './round-money.ts';

const amounts = fc.array(fc.double({ min: -5000, max: 5000, noNaN: true }), { maxLength: 40 });
const sum = (lines: readonly number[]) => lines.reduce((total, line) => total + line, 0);

describe('rounding lines', () => {
  test('any lines add up to the rounded total', () => {
    fc.assert(fc.property(amounts, (lines) => sum(roundLinesToTotal(lines)) === roundHalfAwayFromZero(sum(lines))));
  });

  test('no line moves by a whole unit', () => {
    fc.assert(
      fc.property(amounts, (lines) =>
        roundLinesToTotal(lines).every((line, index) => Math.abs(line - (lines[index] ?? 0)) < 1 + 1e-9),
      ),
    );
  });

  test('of equal remainders the earlier line gets the unit', () => {
    expect(roundLinesToTotal([0.5, 0.5, 0.5, 0.5])).toEqual([1, 1, 0, 0]);
    expect(roundLinesToTotal([0.5, 0.3, 0.4])).toEqual([1, 0, 0]);
  });

  test('no lines give no lines', () => {
    expect(roundLinesToTotal([])).toEqual([]);
  });
});

test('a half goes away from zero, also where floating point falls just short of it', () => {
  expect([0.5, 1.5, 2.5, -0.5, -1.5].map(roundHalfAwayFromZero)).toEqual([1, 2, 3, -1, -2]);
  expect(roundHalfAwayFromZero(1.005 * 100)).toBe(101);
});

test('rounded sums add up at every depth, and only sums are distributed', () => {
  const grams = given('metal', 3, 'g', 'scale');
  const price = given('price', 33.5, 'GBP/g', 'fix');
  const dial = computed('dial', 100.5, 'GBP', '3 × 0.335', [grams, price]);
  const rim = given('rim', 20.3, 'GBP', 'typed');
  const settled = roundSum(
    totalOf('cost', 'GBP', [totalOf('metal', 'GBP', [dial, rim]), given('hands', 50.3, 'GBP', 'typed')]),
  );
  expect(settled.value).toBe(171);
  expect(settled.from.map(({ value }) => value)).toEqual([121, 50]);
  expect(settled.from[0]?.from.map(({ value }) => value)).toEqual([101, 20]);
  expect(settled.from[0]?.from[0]?.from[1]).toBe(price);
  expect(settled.how).toBe('1.21 + 0.50');
});

const tree: fc.Arbitrary<Figure> = fc.letrec<{ figure: Figure; line: Figure; sum: Figure }>((tie) => ({
  figure: fc.oneof({ depthSize: 'small', withCrossShrink: true }, tie('line'), tie('sum')),
  line: fc.double({ min: -900, max: 900, noNaN: true }).map((value) => given('line', value, 'GBP', 'typed')),
  sum: fc.array(tie('figure'), { minLength: 1, maxLength: 5 }).map((lines) => totalOf('sum', 'GBP', lines)),
})).sum;

test('at any depth each amount is whole and the sum of its lines, and no line moves by a minor unit', () => {
  const agrees = (settled: Figure, exact: Figure): void => {
    expect(Number.isInteger(settled.value)).toBe(true);
    if (settled.kind !== 'sum') return;
    expect(settled.from).toHaveLength(exact.from.length);
    expect(sum(settled.from.map(({ value }) => value))).toBe(settled.value);
    settled.from.forEach((line, index) => agrees(line, exact.from[index]!));
  };
  fc.assert(
    fc.property(tree, (exact) => {
      const settled = roundSum(exact);
      expect(settled.value).toBe(roundHalfAwayFromZero(exact.value));
      settled.from.forEach(({ value }, index) =>
        expect(Math.abs(value - (exact.from[index]?.value ?? NaN))).toBeLessThan(1 + 1e-9),
      );
      agrees(settled, exact);
    }),
    { numRuns: 300, seed: 2 },
  );
});

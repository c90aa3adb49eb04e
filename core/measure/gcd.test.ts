// Euclid's algorithm against its defining properties.
import fc from 'fast-check';
import { expect, test } from 'vitest';
import { greatestCommonDivisor } from './gcd.ts';

test('the divisor of 1071 and 462 is 21 (Euclid’s algorithm, textbook example, from memory)', () => {
  expect(greatestCommonDivisor([1071, 462])).toBe(21);
  expect(greatestCommonDivisor([])).toBe(0);
  expect(greatestCommonDivisor([0, 7])).toBe(7);
});

test('the divisor divides every number, and the quotients share none', () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 1, max: 1e6 }), { minLength: 1, maxLength: 6 }), (numbers) => {
      const divisor = greatestCommonDivisor(numbers);
      for (const number of numbers) expect(number % divisor).toBe(0);
      expect(greatestCommonDivisor(numbers.map((number) => number / divisor))).toBe(1);
    }),
  );
});

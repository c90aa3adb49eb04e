// Sizes of stock in both systems. 1 inch is 25.4 mm exactly (international yard and pound agreement, 1959).
import { expect, test } from 'vitest';
import { sizeInWords } from './size-words.ts';

test.each([
  [{ lengthMm: 1000 }, '1,000 mm', '39.37 in (1,000 mm)'],
  [{ lengthMm: 254 }, '254 mm', '10 in (254 mm)'],
  [{ widthMm: 76.2, heightMm: 152.4 }, '76.2 × 152.4 mm', '3 × 6 in (76.2 × 152.4 mm)'],
])('%j reads %s and %s', (size, metric, inches) => {
  expect(sizeInWords(size)).toBe(metric);
  expect(sizeInWords(size, 'inch')).toBe(inches);
});

import { expect, test } from 'vitest';
import { readMoney, readPricePerGram } from './read-money.ts';
import type { Reading } from './reading.ts';

const value = (reading: Reading) => (reading.ok ? reading.value : reading.sentence);

test.each([
  ['12.50', 'GBP', 1250],
  ['£12.50', 'GBP', 1250],
  ['12,50', 'EUR', 1250],
  ['1,200.50', 'GBP', 120050],
  ['410 + 62 + 85', 'GBP', 55700],
  ['(410 + 62) / 4', 'GBP', 11800],
  ['0.125', 'GBP', 12.5],
  ['1500', 'JPY', 1500],
  ['1.250', 'KWD', 1250],
  ['', 'GBP', 0],
])('%s in %s is %f minor units', (text, currency, minor) => {
  expect(value(readMoney(text, currency))).toBeCloseTo(minor, 9);
});

test('a negative price and an unbelievable one are refused', () => {
  expect(value(readMoney('-3', 'GBP'))).toMatch(/negative/);
  expect(value(readMoney('99999999999', 'GBP'))).toMatch(/too large/);
});

test('metal is priced per gram, troy ounce, pennyweight or kilogram', () => {
  expect(value(readPricePerGram('0.82', 'GBP'))).toBeCloseTo(82, 9);
  expect(value(readPricePerGram('0.82/g', 'GBP'))).toBeCloseTo(82, 9);
  expect(value(readPricePerGram('31.1034768 / ozt', 'GBP'))).toBeCloseTo(100, 9);
  expect(value(readPricePerGram('31.1034768 per ozt', 'GBP'))).toBeCloseTo(100, 9);
  expect(value(readPricePerGram('8 / kg', 'GBP'))).toBeCloseTo(0.8, 9);
  expect(value(readPricePerGram('8 / stone', 'GBP'))).toMatch(/“stone” is not a weight/);
});

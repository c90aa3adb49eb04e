import { expect, test } from 'vitest';
import { given, inSum, minorDigits } from './figure.ts';
import { showExactly, showFigure, showHours, showValue } from './show.ts';

test.each([
  [12.144, 'g', '12.14'],
  [-1.94, 'g', '−1.94'],
  [-0.001, 'g', '−0.0010'],
  [38, 'min', '38.0'],
  [0.8118, 'mm', '0.81'],
  [106.81, 'mm', '106.8'],
  [120450, 'GBP', '1,204.50'],
  [-136, 'GBP', '−1.36'],
  [1500, 'JPY', '1,500'],
  [1250, 'KWD', '1.250'],
  [87.342, 'GBP/g', '0.8734'],
  [2600, 'GBP/h', '26.00'],
  [24, '', '24'],
  [0.925, '', '0.925'],
])('%d %s shows as %s', (value, unit, text) => {
  expect(showValue(value, unit)).toBe(text);
});

test('a figure shows its unit once', () => {
  expect(showFigure(given('metal', 12.144, 'g', ''))).toBe('12.14 g');
  expect(showFigure(given('cost', 3526, 'GBP', ''))).toBe('GBP 35.26');
  expect(showFigure(given('rate', 2600, 'GBP/h', ''))).toBe('GBP 26.00 per h');
  expect(showFigure(given('count', 3, '', ''))).toBe('3');
});

test('numbers in a sum have five significant digits, money in major units', () => {
  expect(inSum(1.023567, 'mm')).toBe('1.0236');
  expect(inSum(33, 'mm')).toBe('33');
  expect(inSum(697.4, 'GBP')).toBe('6.974');
  expect(inSum(-2)).toBe('−2');
});

test('hours are shown in hours and minutes', () => {
  expect([48, 60, 185].map(showHours)).toEqual(['48 min', '1 h', '3 h 5 min']);
});

test('currencies have the minor digits of ISO 4217', () => {
  expect(['GBP', 'JPY', 'KWD', 'CHF'].map(minorDigits)).toEqual([2, 0, 3, 2]);
});

test('a degree of an angle follows its number without a space, other units with one', () => {
  expect(showExactly(given('angle', 133.7, '°', 'as asked'))).toBe('133.7°');
  expect(showFigure(given('angle', 90, '°', 'as asked'))).toBe('90°');
  expect(showExactly(given('flow point', 718, '°C', 'as asked'))).toBe('718 °C');
  expect(showExactly(given('links', 108, '', 'as asked'))).toBe('108');
});

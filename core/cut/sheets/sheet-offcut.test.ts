// The offcut of a sheet, and equality of costs.
import { expect, test } from 'vitest';
import { isSameCost } from '../same-cost.ts';
import { offcutBeside } from './sheet-offcut.ts';

const sheet = { width: 100, height: 60 };
const any = { short: 0, long: 0 };

test('the larger of the two rectangles beside the blanks is the offcut', () => {
  expect(offcutBeside(sheet, [{ x: 0, y: 0, width: 30, height: 50 }], 1, any)).toEqual({
    x: 31,
    y: 0,
    width: 69,
    height: 60,
  });
  expect(offcutBeside(sheet, [{ x: 0, y: 0, width: 90, height: 20 }], 1, any)).toEqual({
    x: 0,
    y: 21,
    width: 100,
    height: 39,
  });
});

test('an empty sheet is its own offcut, and a full one has none', () => {
  expect(offcutBeside(sheet, [], 1, any)).toEqual({ x: 0, y: 0, ...sheet });
  expect(offcutBeside(sheet, [{ x: 0, y: 0, ...sheet }], 0, any)).toBeNull();
});

test('a narrow strip is scrap, however long', () => {
  const boxes = [{ x: 0, y: 0, width: 96, height: 30 }];
  // Beside: 3 × 60 mm; above: 100 × 29 mm.
  expect(offcutBeside(sheet, boxes, 1, { short: 10, long: 30 })).toEqual({ x: 0, y: 31, width: 100, height: 29 });
  expect(offcutBeside(sheet, boxes, 1, { short: 40, long: 40 })).toBeNull();
  expect(offcutBeside(sheet, [{ x: 0, y: 0, width: 96, height: 58 }], 1, { short: 10, long: 30 })).toBeNull();
});

test('costs are the same within rounding errors only', () => {
  expect(isSameCost(0.1 + 0.2, 0.3)).toBe(true);
  expect(isSameCost(1e9, 1e9 + 0.5)).toBe(true);
  expect(isSameCost(100, 100.01)).toBe(false);
});

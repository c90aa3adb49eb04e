import fc from 'fast-check';
import { expect, test } from 'vitest';
import { upToPricePoint } from './price-points.ts';

const bands = [
  { belowMinor: 5000, stepMinor: 100 },
  { belowMinor: 20000, stepMinor: 200 },
  { belowMinor: Infinity, stepMinor: 500 },
];

test.each([
  [1, 100],
  [100, 100],
  [100.0000001, 100],
  [101, 200],
  [7348, 7400],
  [19999, 20000],
  [20001, 20500],
  [0, 0],
])('%d goes up to %d', (exact, point) => {
  expect(upToPricePoint(exact, { ladderMinor: [], bands, justBelowMinor: 0 })).toBe(point);
});

test('a price ending lies just below a point', () => {
  expect(upToPricePoint(1951, { ladderMinor: [], bands, justBelowMinor: 5 })).toBe(1995);
  expect(upToPricePoint(1996, { ladderMinor: [], bands, justBelowMinor: 5 })).toBe(2095);
});

test('a price without bands is rounded up to one unit', () => {
  expect(upToPricePoint(104.2, { ladderMinor: [], bands: [], justBelowMinor: 0 })).toBe(105);
});

test.each([
  [1401, 1500],
  [1500, 1500],
  [1501, 2500],
  [2501, 3500],
  // Above the ladder the bands rule again.
  [3501, 3600],
])('with points 15, 25, 35 the price %d goes up to %d', (exact, point) => {
  expect(upToPricePoint(exact, { ladderMinor: [1500, 2500, 3500], bands, justBelowMinor: 5 })).toBe(
    point === 3600 ? 3595 : point,
  );
});

test('a price point is never below the price, and less than a step above it', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 100_000 }), fc.integer({ min: 0, max: 99 }), (exact, less) => {
      const point = upToPricePoint(exact, { ladderMinor: [], bands, justBelowMinor: less });
      return point >= exact && point - exact < 500;
    }),
  );
});

import { describe, expect, test } from 'vitest';
import { gaugeMm, gaugeText, nearestGauge } from './gauge.ts';

// ASTM B258, standard nominal diameters in mils, as printed to 0.1 mil (from memory; the same values stand in any wire table).
const astmB258Mils: readonly [number, number][] = [
  [-3, 460.0],
  [0, 324.9],
  [10, 101.9],
  [12, 80.8],
  [14, 64.1],
  [18, 40.3],
  [20, 32.0],
  [24, 20.1],
  [30, 10.0],
  [36, 5.0],
  [40, 3.1],
];

describe('Brown & Sharpe gauge', () => {
  test.each(astmB258Mils)('gauge %i is the diameter that ASTM B258 prints', (gauge, mils) => {
    expect(Math.abs(gaugeMm('awg', gauge) / 0.0254 - mils)).toBeLessThan(0.06);
  });

  test('six gauges down nearly double the diameter, as the geometric series says', () => {
    expect(gaugeMm('awg', 12) / gaugeMm('awg', 18)).toBeCloseTo(92 ** (6 / 39), 12);
  });

  test('a fractional gauge lies between its neighbours', () => {
    expect(gaugeMm('awg', 18.5)).toBeLessThan(gaugeMm('awg', 18));
    expect(gaugeMm('awg', 18.5)).toBeGreaterThan(gaugeMm('awg', 19));
  });

  test('diameters fall as gauge numbers rise', () => {
    for (let gauge = -3; gauge < 40; gauge += 1)
      expect(gaugeMm('awg', gauge)).toBeGreaterThan(gaugeMm('awg', gauge + 1));
  });

  test.each([41, 99, -4, NaN])('gauge %d is refused, with the range that exists', (gauge) => {
    expect(() => gaugeMm('awg', gauge)).toThrow(/0000 to 40/);
  });
});

describe('steel sheet gauge', () => {
  // US Manufacturers' Standard Gauge, published inch table (values compared with GNU units 2.22 `stdgauge`).
  test.each([
    [10, 0.1345],
    [16, 0.0598],
    [18, 0.0478],
    [20, 0.0359],
    [24, 0.0239],
    [30, 0.012],
  ])('steel gauge %i is %f in', (gauge, inches) => {
    expect(gaugeMm('msg', gauge)).toBeCloseTo(inches * 25.4, 10);
  });

  test('16 gauge steel is not 16 gauge silver', () => {
    expect(gaugeMm('msg', 16)).toBeCloseTo(1.519, 3);
    expect(gaugeMm('awg', 16)).toBeCloseTo(1.291, 3);
  });

  test('16 gauge stainless sheet is a sixteenth of an inch, by ounces per square foot', () => {
    // US Standard Gauge of 1893: 40 oz/ft² at 480 lb/ft³.
    expect(gaugeMm('usg', 16)).toBeCloseTo(25.4 / 16, 10);
  });

  test.each([2, 39, 16.5])('steel gauge %d is refused', (gauge) => {
    expect(() => gaugeMm('msg', gauge)).toThrow(/whole gauges 3 to 38/);
  });
});

test('stock without a gauge system asks for mm or inches', () => {
  expect(() => gaugeMm('none', 18)).toThrow(/mm or inches/);
});

test('the nearest gauge to a size comes with its difference', () => {
  const near = nearestGauge('awg', 0.8);
  expect(near?.gauge).toBe(20);
  expect(near?.miss).toBeCloseTo(0.8 / gaugeMm('awg', 20) - 1, 10);
  expect(nearestGauge('awg', 50)).toBeNull();
  expect(nearestGauge('none', 1)).toBeNull();
});

test('gauges above 0 are written as rows of zeros', () => {
  expect([-3, -1, 0, 1, 18].map(gaugeText)).toEqual(['0000', '00', '0', '1', '18']);
});

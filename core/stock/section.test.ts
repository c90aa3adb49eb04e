import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { gaugeMm } from '../measure/gauge.ts';
import { areaMm2, massPerArea, massPerLength, twiceCentroidMm } from './section.ts';

const size = fc.double({ min: 0.05, max: 50, noNaN: true });

describe('mass per length', () => {
  test('of 1 mm round sterling is volume times density', () => {
    // π/4 × 1² × 1000 mm³ × 10.36 g/cm³ ÷ 1000
    expect(massPerLength({ form: 'round', diameterMm: 1 }, 10.36) * 1000).toBeCloseTo(8.1367, 4);
  });

  test('bare copper wire weighs what the ASTM B258 wire tables print per 1000 ft', () => {
    // Pounds per 1000 ft of solid copper at 8.89 g/cm³: 10 AWG 31.43, 18 AWG 4.917 (ASTM B258 and every handbook wire table, from memory).
    const poundsPer1000ft = (gauge: number) =>
      (massPerLength({ form: 'round', diameterMm: gaugeMm('awg', gauge) }, 8.89) * 304_800) / 453.59237;
    expect(poundsPer1000ft(10)).toBeCloseTo(31.43, 1);
    expect(poundsPer1000ft(18)).toBeCloseTo(4.917, 2);
  });

  test('a tube with a wall of half its diameter weighs as solid wire', () => {
    fc.assert(
      fc.property(
        size,
        (mm) =>
          Math.abs(
            areaMm2({ form: 'tube', outsideMm: mm, wallMm: mm / 2 }) - areaMm2({ form: 'round', diameterMm: mm }),
          ) <
          1e-9 * mm * mm,
      ),
    );
  });

  test('a tube is its outside circle less its bore', () => {
    fc.assert(
      fc.property(size, fc.double({ min: 0.01, max: 0.49, noNaN: true }), (outsideMm, share) => {
        const bore = outsideMm * (1 - 2 * share);
        const difference = (Math.PI / 4) * (outsideMm ** 2 - bore ** 2);
        return (
          Math.abs(areaMm2({ form: 'tube', outsideMm, wallMm: outsideMm * share }) - difference) < 1e-9 * outsideMm ** 2
        );
      }),
    );
  });

  test('square wire is a strip of equal sides, and contains the round wire of its width', () => {
    expect(areaMm2({ form: 'square', sideMm: 2 })).toBe(areaMm2({ form: 'strip', widthMm: 2, thicknessMm: 2 }));
    expect(areaMm2({ form: 'round', diameterMm: 2 }) / areaMm2({ form: 'square', sideMm: 2 })).toBeCloseTo(
      Math.PI / 4,
      12,
    );
  });

  test('a square foot of 16 gauge steel weighs the 2.5 lb that its gauge is made from', () => {
    // Manufacturers' Standard Gauge: 41.82 lb/ft² an inch; 0.0598 in is 2.5 lb/ft². At 7.87 g/cm³ within 3 %, since the
    // standard's own figure carries an allowance for oversize sheets.
    const pounds = (massPerArea(gaugeMm('msg', 16), 7.87) * 304.8 ** 2) / 453.59237;
    expect(pounds / 2.5).toBeGreaterThan(0.97);
    expect(pounds / 2.5).toBeLessThan(1.0);
  });

  test.each([0, -1, NaN])('a density of %d is refused', (density) => {
    expect(() => massPerLength({ form: 'round', diameterMm: 1 }, density)).toThrow(/Density must be above 0/);
    expect(() => massPerArea(1, density)).toThrow(RangeError);
  });
});

describe('twice the centroid height', () => {
  // Handbook: a triangle's centroid is at a third of its height, that of half a circle at 4r ÷ 3π (Roark’s Formulas for
  // Stress and Strain, table of sections; from memory).
  test('is two thirds of a triangle’s height, and 8r ÷ 3π of half a circle', () => {
    expect(twiceCentroidMm({ form: 'triangle', widthMm: 3, heightMm: 2 })).toBeCloseTo(4 / 3, 12);
    expect(twiceCentroidMm({ form: 'half-round', widthMm: 4, heightMm: 2 })).toBeCloseTo(16 / (3 * Math.PI), 9);
  });

  test('of a D between half-round and square lies between theirs, and of a strip is its thickness', () => {
    const d = twiceCentroidMm({ form: 'd', widthMm: 4, heightMm: 3 });
    // Rectangle 4 × 1 at 0.5, half circle 2π at 1 + 8 ÷ 3π.
    expect(d).toBeCloseTo((2 * (4 * 0.5 + 2 * Math.PI * (1 + 8 / (3 * Math.PI)))) / (4 + 2 * Math.PI), 9);
    expect(twiceCentroidMm({ form: 'strip', widthMm: 4, thicknessMm: 1.2 })).toBe(1.2);
  });
});

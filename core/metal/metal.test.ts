import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { densityOf } from './alloy.ts';
import { builtInAlloys } from './alloys.ts';
import { addToReach, finenessOfKarat } from './fineness.ts';
import { hydrostaticDensity, waterDensity } from './hydrostatic.ts';
import { mixtureDensity } from './mixture.ts';
import { readAlloyDensity } from './read-density.ts';
import { solders } from './solders.ts';

describe('the ideal mixture', () => {
  // Handbook densities (ASM Handbook vol. 2, from memory) and how far the ideal mixture is from each: brasses contract.
  test.each([
    ['silver-925', 10.36, 0.001],
    ['gold-14k-yellow', 13.07, 0.002],
    ['brass-c260', 8.53, 0.025],
    ['bronze-c220', 8.8, 0.01],
    ['stainless-304', 7.9, 0.025],
  ])('%s has the density of its mixture', (id, handbook, within) => {
    const alloy = builtInAlloys.find((each) => each.id === id);
    const mixture = mixtureDensity(alloy?.composition ?? {});
    expect(Math.abs(handbook / mixture.value - 1)).toBeLessThan(within);
    expect(mixture.how).toMatch(/^1 ÷ \(/);
  });

  test('of one metal is that metal; unknown metals and missing fractions are refused', () => {
    expect(mixtureDensity({ Ag: 1 }).value).toBeCloseTo(10.49, 12);
    expect(() => mixtureDensity({ Xx: 1 })).toThrow(/not a metal/);
    expect(() => mixtureDensity({ Ag: 0.9 })).toThrow(/not to 100/);
  });
});

describe('hydrostatic weighing', () => {
  // Density of air-free water, CRC Handbook table (from memory).
  test.each([
    [4, 0.999972],
    [20, 0.998203],
    [25, 0.997045],
    [30, 0.995646],
  ])('water at %d °C is %f', (celsius, density) => {
    expect(waterDensity(celsius)).toBeCloseTo(density, 5);
  });

  test('a sample of known density is found again', () => {
    const volume = 1.2;
    const [water, air] = [waterDensity(21), 0.0012];
    const [inAir, inWater] = [volume * (10.36 - air), volume * (10.36 - water)];
    expect(hydrostaticDensity(inAir, inWater, 21).value).toBeCloseTo(10.36, 9);
  });

  test.each([
    [10, 10, 20],
    [10, 0, 20],
    [10, 9, 60],
  ])('%d g in air and %d g in water at %d °C are refused', (air, water, celsius) => {
    expect(() => hydrostaticDensity(air, water, celsius)).toThrow(RangeError);
  });
});

describe('alloying', () => {
  test('fine metal is conserved', () => {
    const fine = fc.integer({ min: 300, max: 990 });
    fc.assert(
      fc.property(fc.double({ min: 1, max: 500, noNaN: true }), fine, fine, (mass, from, to) => {
        fc.pre(from !== to);
        const { add, total } = addToReach(mass, from, to);
        const fineIn = (mass * from + add.value * (to > from ? 1000 : 0)) / 1000;
        return add.value > 0 && Math.abs(fineIn / ((total.value * to) / 1000) - 1) < 1e-9;
      }),
    );
  });

  // Common practice: 8 g of copper to 100 g of fine silver of 999 for sterling.
  test('sterling is made from fine silver and copper', () => {
    expect(addToReach(100, 999, 925).add.value).toBeCloseTo(8, 12);
    expect(finenessOfKarat(18)).toBe(750);
    expect(() => addToReach(10, 925, 925)).toThrow(/already/);
    expect(() => addToReach(10, 750, 585, 700)).toThrow(/cannot bring/);
  });
});

describe('an own alloy’s density', () => {
  test.each([
    ['8.53', 8.53],
    ['Cu 70, Zn 30', 8.324],
    ['Cu 0.7 Zn 0.3', 8.324],
    ['92.5 % Ag 7.5 % Cu', 10.358],
    ['12.41 g in air, 11.22 in water at 21 C', 10.396],
  ])('%s is read as a density', (text, density) => {
    const reading = readAlloyDensity(text);
    expect(reading.ok && reading.density.value).toBeCloseTo(density, 2);
  });

  test.each(['Cu 70, Zn 10', 'Xx 100', '12.41 g in air', '11 g in air, 12 g in water', 'heavy', ''])(
    '“%s” is refused in a sentence',
    (text) => {
      const reading = readAlloyDensity(text);
      expect(reading.ok ? '' : reading.sentence).toMatch(/[.]$/);
    },
  );

  test('is shown with its calculation', () => {
    const reading = readAlloyDensity('Cu 70, Zn 30');
    if (!reading.ok) throw new Error(reading.sentence);
    const [silver] = builtInAlloys;
    const own = {
      ...silver,
      name: 'Bell metal',
      densityGPerCm3: reading.density.value,
      densityWorking: reading.density,
    };
    expect(densityOf(own)).toMatchObject({
      kind: 'reckoned',
      label: 'density of Bell metal, ideal mixture until it is weighed',
    });
  });
});

test('every solder flows above its solidus, and its fractions add up to 1', () => {
  for (const { solidusC, flowC, composition, cadmiumFree } of solders) {
    expect(solidusC).toBeLessThanOrEqual(flowC);
    expect(Object.values(composition).reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 9);
    expect(cadmiumFree).toBe(!('Cd' in composition));
  }
});

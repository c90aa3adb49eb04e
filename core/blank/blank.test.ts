import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { type Corner, ellipsePerimeterMm, outlineAreaMm2, perimeterMm } from '../geometry/outline.ts';
import { aspectRatio, coilLengthMm, mandrelMm, ringOfCoilMm, ringsFrom } from './jump-ring.ts';
import { balledEndMm } from './lengths/balled-end.ts';
import { bezelHeightMm } from './lengths/bezel-length.ts';
import { bezelLengthMm } from './lengths/bezel-length.ts';
import { chainLengthMm } from './lengths/chain-length.ts';
import { chainLinks } from './lengths/chain-length.ts';
import { cuffLengthMm } from './lengths/cuff-length.ts';
import { domeDiscMm } from './lengths/dome-disc.ts';
import { snippetMm } from './lengths/granule-size.ts';
import { granuleMm } from './lengths/granule-size.ts';
import { hingePinMm } from './lengths/hinge-pin-length.ts';
import { knuckleLengthsMm } from './lengths/knuckle-lengths.ts';
import { ringsAround } from './lengths/rings-around.ts';
import { pitchDiameterMm } from './lengths/twist-take-up.ts';
import { twistTakeUp } from './lengths/twist-take-up.ts';
import { wideBandSizes } from './lengths/wide-band.ts';
import { workedLengthMm } from './lengths/worked-length.ts';
import { wrapLengthMm } from './lengths/wrap-length.ts';
import { annealsBetween, reduction } from './reduction.ts';

const size = fc.double({ min: 0.2, max: 60, noNaN: true });

describe('outlines', () => {
  // The arc of an ellipse integrated numerically by the trapezoid rule, which converges fast on a closed smooth curve.
  const integrated = (length: number, width: number) => {
    const steps = 20_000;
    let sum = 0;
    for (let step = 0; step < steps; step += 1) {
      const angle = (2 * Math.PI * step) / steps;
      sum += Math.hypot((length / 2) * Math.sin(angle), (width / 2) * Math.cos(angle));
    }
    return (sum * 2 * Math.PI) / steps;
  };
  test.each([
    [12, 10],
    [20, 8],
    [30, 3],
  ])('an ellipse of %d × %d mm has the length of its integrated arc', (length, width) => {
    expect(ellipsePerimeterMm(length, width) / integrated(length, width)).toBeCloseTo(1, 4);
  });

  test('shapes with equal axes are circles and squares', () => {
    expect(perimeterMm({ shape: 'oval', lengthMm: 9, widthMm: 9 })).toBeCloseTo(
      perimeterMm({ shape: 'round', diameterMm: 9 }),
      10,
    );
    expect(perimeterMm({ shape: 'cushion', lengthMm: 9, widthMm: 9, cornerMm: 4.5 })).toBeCloseTo(Math.PI * 9, 10);
    expect(outlineAreaMm2({ shape: 'cushion', lengthMm: 9, widthMm: 9, cornerMm: 4.5 })).toBeCloseTo(
      (Math.PI / 4) * 81,
      10,
    );
    expect(outlineAreaMm2({ shape: 'cushion', lengthMm: 9, widthMm: 6, cornerMm: 0 })).toBe(54);
  });

  // A teardrop drawn as a polygon of many points, measured by the surveyor's formula.
  test('a teardrop has the length and area of its outline drawn point by point', () => {
    const radius = 5;
    const toPoint = 13;
    const half = Math.acos(radius / toPoint);
    const steps = 4000;
    const arc = Array.from({ length: steps + 1 }, (_, step): Corner => {
      const angle = half + ((2 * Math.PI - 2 * half) * step) / steps;
      return [radius * Math.cos(angle), radius * Math.sin(angle)];
    });
    const drawn = { shape: 'polygon', points: [...arc, [toPoint, 0] as Corner] } as const;
    const drop = { shape: 'teardrop', diameterMm: 10, lengthMm: 18 } as const;
    expect(perimeterMm(drop)).toBeCloseTo(perimeterMm(drawn), 4);
    expect(outlineAreaMm2(drop)).toBeCloseTo(outlineAreaMm2(drawn), 3);
  });

  test('a triangle of 3, 4 and 5 has its perimeter and area', () => {
    const points: Corner[] = [
      [0, 0],
      [4, 0],
      [0, 3],
    ];
    expect(perimeterMm({ shape: 'polygon', points })).toBe(12);
    expect(outlineAreaMm2({ shape: 'polygon', points })).toBe(6);
  });

  test.each([
    { shape: 'cushion', lengthMm: 9, widthMm: 6, cornerMm: 4 } as const,
    { shape: 'teardrop', lengthMm: 9, diameterMm: 10 } as const,
  ])('a $shape that cannot exist is refused', (outline) => {
    expect(() => perimeterMm(outline)).toThrow(RangeError);
  });
});

describe('bezels', () => {
  // Common practice: π × (stone + strip) for a round stone.
  test('a round bezel is π times stone and wall', () => {
    expect(bezelLengthMm(Math.PI * 10, 0.3, 0)).toBeCloseTo(Math.PI * 10.3, 10);
  });

  test('an oval bezel lies between the perimeter of the stone and that of its outside', () => {
    const stone = { shape: 'oval', lengthMm: 14, widthMm: 10 } as const;
    expect(bezelLengthMm(perimeterMm(stone), 0.3, 0)).toBeGreaterThan(perimeterMm(stone));
    expect(bezelLengthMm(perimeterMm(stone), 0.3, 0)).toBeLessThan(ellipsePerimeterMm(14.6, 10.6));
    expect(bezelHeightMm(2.3, 0.7)).toBeCloseTo(3, 12);
  });

  // Common practice: rings on a 6 mm mandrel of 0.7 mm wire, 7.4 mm outside, round a girth of 90 mm.
  test('blanks of rings', () => {
    expect(ringsAround(90, 7.4)).toBe(12);
  });
});

describe('jump rings', () => {
  test('one coil turn is its circle plus the pitch of one wire', () => {
    expect(ringOfCoilMm(5, 1)).toBeCloseTo(Math.sqrt((6 * Math.PI) ** 2 + 1), 12);
  });

  test('n rings from stock computed for n rings, with or without kerf', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 400 }),
        fc.double({ min: 2, max: 12, noNaN: true }),
        fc.constantFrom(0, 0.3, 0.5),
        (count, inside, kerf) => {
          const length = coilLengthMm(inside, 1, count, kerf);
          const rings = ringsFrom(length, inside, 1, kerf);
          return (
            rings === count ||
            (rings === count - 1 &&
              Math.abs(length - ((rings + 1) * Math.round((ringOfCoilMm(inside, 1) + kerf) * 1000)) / 1000) < 0.3)
          );
        },
      ),
    );
  });

  test('shaped and spring stock', () => {
    expect(aspectRatio(5, 1.25)).toBe(4);
    expect(mandrelMm(5.1, 0.02)).toBeCloseTo(5, 12);
    expect(mandrelMm(5, 0)).toBe(5);
  });
});

describe('ring bands and cuffs', () => {
  test('a cuff is a bangle without its opening', () => {
    expect(cuffLengthMm(160, 2, 0) - cuffLengthMm(160, 2, 25)).toBe(25);
    expect(cuffLengthMm(Math.PI * 60, 2, 0)).toBeCloseTo(Math.PI * 62, 12);
  });

  // Common practice: a quarter to a half size for bands over about 5 mm.
  test('a wide band gets a larger blank', () => {
    expect([3, 5, 6, 8, 12].map(wideBandSizes)).toEqual([0, 0, 0.25, 0.5, 0.5]);
  });
});

describe('conservation of volume', () => {
  const sphere = (diameter: number) => (Math.PI / 6) * diameter ** 3;
  const wire = (diameter: number, length: number) => (Math.PI / 4) * diameter ** 2 * length;

  test('a ball has the volume of its wire, and a granule that of its snippet', () => {
    fc.assert(
      fc.property(size, size, (diameter, length) => {
        const granule = granuleMm(diameter, length);
        return (
          Math.abs(sphere(granule) / wire(diameter, length) - 1) < 1e-9 &&
          Math.abs(sphere(length) / wire(diameter, balledEndMm(length, diameter)) - 1) < 1e-9 &&
          Math.abs(snippetMm(granule, diameter) / length - 1) < 1e-9
        );
      }),
    );
  });

  // A cap of a sphere has the area π (r² + h²), r the radius of its rim: school geometry.
  test('a dome has the area of its disc', () => {
    fc.assert(
      fc.property(size, fc.double({ min: 0.01, max: 0.5, noNaN: true }), (across, share) => {
        const height = across * share;
        const disc = (Math.PI / 4) * domeDiscMm(across, height) ** 2;
        return Math.abs(disc / (Math.PI * ((across / 2) ** 2 + height ** 2)) - 1) < 1e-9;
      }),
    );
    expect(() => domeDiscMm(20, 11)).toThrow(/half as high/);
  });

  test('forging keeps the volume', () => {
    fc.assert(
      fc.property(
        size,
        size,
        size,
        (length, from, to) => Math.abs((workedLengthMm(length, from, to) * to) / (length * from) - 1) < 1e-9,
      ),
    );
  });

  // Common practice: anneal about every 50 % of reduction; the first half needs none on the way.
  test('anneals come at each halving of the section', () => {
    expect([8, 4, 3.9, 2, 1.9, 9].map((area) => annealsBetween(8, area))).toEqual([0, 0, 1, 1, 2, 0]);
    expect(reduction(8, 2)).toBe(0.75);
  });

  test('an untwisted twist needs no extra length, and a tight one has touching strands', () => {
    expect(twistTakeUp(1, 0)).toBe(1);
    expect(pitchDiameterMm(2, 0.8)).toBeCloseTo(0.8, 12);
    // Three touching circles: centres on a circle of 2/√3 of their diameter.
    expect(pitchDiameterMm(3, 1)).toBeCloseTo(2 / Math.sqrt(3), 12);
  });
});

describe('chains and hinges', () => {
  test('a chain is never shorter than asked, and at most one link longer', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 30, max: 900, noNaN: true }),
        fc.double({ min: 2, max: 12, noNaN: true }),
        (length, inside) => {
          const links = chainLinks(length, inside, 1);
          return chainLengthMm(links, inside, 1) >= length - 1e-6 && chainLengthMm(links - 1, inside, 1) < length;
        },
      ),
    );
    expect(wrapLengthMm(12, 1.2, 0.4)).toBeCloseTo(12 * Math.PI * 1.6, 12);
  });

  // Common practice: 12 mm wide in three knuckles, the outer ones 1 mm long each to be filed back: 5, 4, 5.
  test('knuckles fill the width of the hinge', () => {
    expect(knuckleLengthsMm(12, 3)).toEqual([5, 4, 5]);
    expect(knuckleLengthsMm(20, 5, 0).reduce((sum, each) => sum + each, 0)).toBe(20);
    expect(hingePinMm(12, 1)).toBe(13);
    expect(() => knuckleLengthsMm(12, 4)).toThrow(/odd number/);
  });
});

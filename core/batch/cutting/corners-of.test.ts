// Outlines as corners, for the planner and the templates: all of the blank with its border is inside, and little more.
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { convexHull, distanceOutside, type Point, polygonArea } from '../../geometry/convex-polygon.ts';
import { type Outline, outlineAreaMm2, perimeterMm } from '../../geometry/outline.ts';
import { cornersOf } from './cut-problem.ts';

const pointsOf = (corners: readonly (readonly [number, number])[]): Point[] => corners.map(([x, y]) => ({ x, y }));

const mm = (min: number, max: number) => fc.integer({ min: min * 10, max: max * 10 }).map((tenths) => tenths / 10);
const curved: fc.Arbitrary<Outline> = fc.oneof(
  mm(2, 40).map((diameterMm): Outline => ({ shape: 'round', diameterMm })),
  // No longer than four times its width: tangents are few where a curve is tight.
  fc
    .tuple(mm(4, 40), fc.double({ min: 0.25, max: 1, noNaN: true }))
    .map(([lengthMm, share]): Outline => ({ shape: 'oval', lengthMm, widthMm: lengthMm * share })),
  fc
    .tuple(mm(4, 20), mm(1, 20))
    .map(([diameterMm, more]): Outline => ({ shape: 'teardrop', diameterMm, lengthMm: diameterMm + more })),
  fc
    .tuple(mm(4, 30), mm(4, 30), fc.double({ min: 0.1, max: 0.5, noNaN: true }))
    .map(([lengthMm, widthMm, share]): Outline => ({
      shape: 'cushion',
      lengthMm,
      widthMm,
      cornerMm: Math.min(lengthMm, widthMm) * share,
    })),
);

/** Points on the edge of a shape, with the direction out of it; round the middle that `cornersOf` has. */
function edgeOf(outline: Outline): { at: Point; out: Point }[] {
  const angles = Array.from({ length: 90 }, (_, index) => (index * Math.PI) / 45);
  return angles.map((angle) => {
    const [c, s] = [Math.cos(angle), Math.sin(angle)];
    switch (outline.shape) {
      case 'oval': {
        const [a, b] = [outline.lengthMm / 2, outline.widthMm / 2];
        const long = Math.hypot(b * c, a * s);
        return { at: { x: a * c, y: b * s }, out: { x: (b * c) / long, y: (a * s) / long } };
      }
      case 'cushion': {
        const [a, b] = [outline.lengthMm / 2 - outline.cornerMm, outline.widthMm / 2 - outline.cornerMm];
        const at = { x: Math.sign(c) * a + outline.cornerMm * c, y: Math.sign(s) * b + outline.cornerMm * s };
        return { at, out: { x: c, y: s } };
      }
      case 'teardrop': {
        // On the arc; the point is at the far end of the axis.
        const radius = outline.diameterMm / 2;
        const tangent = Math.acos(radius / (outline.lengthMm - radius));
        const isArc = Math.acos(c) >= tangent;
        const at = isArc ? { x: radius * c, y: radius * s } : { x: outline.lengthMm - radius, y: 0 };
        return { at, out: { x: c, y: s } };
      }
      case 'round':
        return { at: { x: (outline.diameterMm / 2) * c, y: (outline.diameterMm / 2) * s }, out: { x: c, y: s } };
      default:
        throw new Error('It has no curve.');
    }
  });
}

describe('curved outlines', () => {
  test('the polygon encloses every point of the edge and its border', () => {
    fc.assert(
      fc.property(curved, fc.constantFrom(0, 0.5, 2), (outline, border) => {
        const polygon = convexHull(pointsOf(cornersOf(outline, border)));
        for (const { at, out } of edgeOf(outline))
          expect(distanceOutside(polygon, at.x + out.x * border, at.y + out.y * border)).toBeLessThan(1e-9);
      }),
      { numRuns: 300, seed: 4 },
    );
  });

  test('the area is that of the blank and its border (Steiner), at most one per cent more', () => {
    fc.assert(
      fc.property(curved, fc.constantFrom(0, 1), (outline, border) => {
        const exact = outlineAreaMm2(outline) + perimeterMm(outline) * border + Math.PI * border ** 2;
        const area = polygonArea(pointsOf(cornersOf(outline, border)));
        expect(area).toBeGreaterThanOrEqual(exact * (1 - 1e-4));
        expect(area).toBeLessThanOrEqual(exact * 1.01);
      }),
      { numRuns: 300, seed: 4 },
    );
  });

  test('a teardrop keeps its point', () => {
    const corners = cornersOf({ shape: 'teardrop', diameterMm: 10, lengthMm: 18 }, 0);
    expect(Math.max(...corners.map(([x]) => x))).toBeCloseTo(13, 9);
    expect(Math.min(...corners.map(([x]) => x))).toBeCloseTo(-5, 9);
  });
});

test('a rectangle keeps its corners, and a free outline its notch', () => {
  expect(cornersOf({ shape: 'rectangle', lengthMm: 20, widthMm: 10 }, 1)).toEqual([
    [0, 0],
    [22, 0],
    [22, 12],
    [0, 12],
  ]);
  const notched = [[0, 0], [20, 0], [20, 12], [10, 6], [0, 12]] as const; // prettier-ignore
  expect(cornersOf({ shape: 'polygon', points: notched }, 0)).toEqual(notched.map((corner) => [...corner]));
  const area = polygonArea(pointsOf(cornersOf({ shape: 'polygon', points: notched }, 1)));
  // More than the outline, less than its hull grown as much.
  expect(area).toBeGreaterThan(180);
  expect(area).toBeLessThan(22 * 14);
});

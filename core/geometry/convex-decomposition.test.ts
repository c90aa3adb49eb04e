// Hollow outlines as convex parts, and outlines with a border to be trimmed.
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { convexDecomposition } from './convex-decomposition.ts';
import { convexHull, type Point, polygonArea } from './convex-polygon.ts';
import { offsetOutline } from './offset-outline.ts';

type Corner = [number, number];
const pointsOf = (corners: readonly Corner[]): Point[] => corners.map(([x, y]) => ({ x, y }));
const total = (parts: readonly Point[][]) => parts.reduce((sum, part) => sum + polygonArea(part), 0);

/** Seen from the middle every corner is one further round: it never crosses itself. */
const star = fc.array(fc.integer({ min: 3, max: 40 }), { minLength: 4, maxLength: 24 }).map((radii): Corner[] =>
  radii.map((radius, index): Corner => {
    const angle = (2 * Math.PI * index) / radii.length;
    return [radius * Math.cos(angle), radius * Math.sin(angle)];
  }),
);

describe('convex parts', () => {
  test('add up to the outline, are convex, and number at most four times the notches and one', () => {
    fc.assert(
      fc.property(star, (corners) => {
        const points = pointsOf(corners);
        const parts = convexDecomposition(points);
        expect(total(parts)).toBeCloseTo(polygonArea(points), 6);
        for (const part of parts) expect(polygonArea(convexHull(part))).toBeCloseTo(polygonArea(part), 6);
        const notches = points.length - convexHull(points).length;
        // Hertel and Mehlhorn: the least number of parts is at most one more than the notches.
        expect(parts.length).toBeLessThanOrEqual(4 * (notches + 1));
      }),
      { numRuns: 300, seed: 7 },
    );
  });

  test('do not depend on the orientation of the outline', () => {
    const l: Corner[] = [[0, 0], [20, 0], [20, 4], [4, 4], [4, 20], [0, 20]]; // prettier-ignore
    expect(total(convexDecomposition(pointsOf(l.toReversed())))).toBe(144);
    expect(convexDecomposition(pointsOf(l))).toHaveLength(2);
  });

  test('are the hull of an outline that crosses itself', () => {
    const bow: Corner[] = [[0, 0], [10, 10], [10, 0], [0, 10]]; // prettier-ignore
    expect(total(convexDecomposition(pointsOf(bow)))).toBe(100);
  });
});

describe('an offset outline', () => {
  test('of an L keeps its notch', () => {
    const l: Corner[] = [[0, 0], [20, 0], [20, 4], [4, 4], [4, 20], [0, 20]]; // prettier-ignore
    expect(polygonArea(pointsOf(offsetOutline(l, 1)))).toBeCloseTo(2 * 22 * 6 - 36, 9);
    expect(offsetOutline(l, 0)).toEqual(l);
  });

  test('is nowhere nearer to the outline than the offset', () => {
    fc.assert(
      fc.property(star, fc.constantFrom(0.5, 2), (corners, border) => {
        const grown = offsetOutline(corners, border);
        for (const [x, y] of corners)
          grown.forEach(([ax, ay], index) => {
            const [bx, by] = grown[(index + 1) % grown.length]!;
            const t = Math.max(
              0,
              Math.min(1, ((x - ax) * (bx - ax) + (y - ay) * (by - ay)) / ((bx - ax) ** 2 + (by - ay) ** 2)),
            );
            expect(Math.hypot(x - ax - t * (bx - ax), y - ay - t * (by - ay))).toBeGreaterThanOrEqual(border - 2e-6);
          });
      }),
      { numRuns: 200, seed: 3 },
    );
  });
});

// Polygons against theorems of plane geometry: Pick's, Cauchy's, Steiner's, and distances by dense sampling.
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { convexHull, distanceOutside, minkowskiSum, type Point, polygonArea } from './convex-polygon.ts';

const lattice = fc.record({ x: fc.integer({ min: -12, max: 12 }), y: fc.integer({ min: -12, max: 12 }) });
const cloud = fc.array(lattice, { minLength: 3, maxLength: 14 });

const next = (points: readonly Point[], index: number) => points[(index + 1) % points.length]!;
const perimeterOf = (points: readonly Point[]) =>
  points.reduce((sum, { x, y }, index) => sum + Math.hypot(next(points, index).x - x, next(points, index).y - y), 0);
const turn = (a: Point, b: Point, c: Point) => (b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x);
const gcd = (a: number, b: number): number => (b === 0 ? Math.abs(a) : gcd(b, a % b));

function isWithin(hull: readonly Point[], point: Point): boolean {
  return hull.every((from, index) => turn(from, next(hull, index), point) >= 0);
}

describe('a convex hull', () => {
  test('turns left at every corner, has corners among the points, and encloses every point', () => {
    fc.assert(
      fc.property(cloud, (points) => {
        const hull = convexHull(points);
        fc.pre(hull.length > 2);
        hull.forEach((a, index) => {
          const b = next(hull, index);
          expect(turn(a, b, next(hull, index + 1))).toBeGreaterThan(0);
          expect(points).toContainEqual(a);
        });
        expect(points.every((point) => isWithin(hull, point))).toBe(true);
      }),
      { numRuns: 500, seed: 1 },
    );
  });

  test('of collinear points is their ends, and of one point the point', () => {
    expect(convexHull([0, 3, 1, 2].map((x) => ({ x, y: 2 * x })))).toEqual([
      { x: 0, y: 0 },
      { x: 3, y: 6 },
    ]);
    expect(convexHull([{ x: 4, y: 4 }])).toEqual([{ x: 4, y: 4 }]);
  });
});

describe('areas', () => {
  // G. Pick, 1899: A = I + B/2 − 1 for corners on a lattice, I points inside and B on the edge.
  test('on a lattice equal the count of points (Pick)', () => {
    fc.assert(
      fc.property(cloud, (points) => {
        const hull = convexHull(points);
        fc.pre(hull.length > 2);
        const edge = hull.reduce((sum, { x, y }, index) => {
          const to = next(hull, index);
          return sum + gcd(to.x - x, to.y - y);
        }, 0);
        let all = 0;
        for (let x = -12; x <= 12; x += 1) for (let y = -12; y <= 12; y += 1) if (isWithin(hull, { x, y })) all += 1;
        expect(polygonArea(hull)).toBe(all - edge + edge / 2 - 1);
      }),
      { numRuns: 200, seed: 2 },
    );
  });

  test('of a nonconvex outline, an L of 16 × 13, exclude the notch', () => {
    const outline = [[0, 0], [16, 0], [16, 3], [3, 3], [3, 13], [0, 13]].map(([x = 0, y = 0]) => ({ x, y })); // prettier-ignore
    expect(polygonArea(outline)).toBe(16 * 13 - 13 * 10);
    expect(polygonArea(outline.toReversed())).toBe(78);
  });
});

describe('the Minkowski sum of two convex shapes', () => {
  // Cauchy: perimeters of convex shapes add up under Minkowski's sum. Brunn and Minkowski: the roots of areas at least do.
  test('has the sum of the perimeters, and a root of its area at least the sum of theirs (Brunn and Minkowski)', () => {
    fc.assert(
      fc.property(cloud, cloud, (one, other) => {
        const [a, b] = [convexHull(one), convexHull(other)];
        fc.pre(a.length > 2 && b.length > 2);
        const sum = minkowskiSum(a, b);
        expect(perimeterOf(sum)).toBeCloseTo(perimeterOf(a) + perimeterOf(b), 6);
        expect(Math.sqrt(polygonArea(sum))).toBeGreaterThanOrEqual(
          Math.sqrt(polygonArea(a)) + Math.sqrt(polygonArea(b)) - 1e-9,
        );
      }),
      { numRuns: 300, seed: 3 },
    );
  });

  test('with a square grows the area by the perimeter and the square (Steiner)', () => {
    const square = [0, 1, 2, 3].map((corner) => ({ x: corner === 1 || corner === 2 ? 2 : 0, y: corner > 1 ? 2 : 0 }));
    const triangle = [
      { x: 0, y: 0 },
      { x: 10, y: 0 },
      { x: 0, y: 6 },
    ];
    // 30 + 4 + the shadows 10 and 6 times the side of 2.
    expect(polygonArea(minkowskiSum(triangle, square))).toBeCloseTo(30 + 4 + 2 * (10 + 6), 9);
  });
});

describe('the distance of a point outside a polygon', () => {
  test('is that of small steps along the edge, and negative inside', () => {
    fc.assert(
      fc.property(cloud, lattice, (points, { x, y }) => {
        const hull = convexHull(points);
        fc.pre(hull.length > 2);
        let nearest = Infinity;
        hull.forEach((from, index) => {
          const to = next(hull, index);
          for (let step = 0; step <= 400; step += 1) {
            const share = step / 400;
            const [ex, ey] = [from.x + (to.x - from.x) * share, from.y + (to.y - from.y) * share];
            nearest = Math.min(nearest, Math.hypot(x - ex, y - ey));
          }
        });
        const by = distanceOutside(hull, x, y);
        expect(Math.abs(by)).toBeGreaterThan(nearest - 0.1);
        expect(Math.abs(by)).toBeLessThan(nearest + 1e-9);
        if (nearest > 0.2) expect(by > 0).toBe(!isWithin(hull, { x, y }));
      }),
      { numRuns: 200, seed: 4 },
    );
  });

  test('is the plain distance to a point or a line, and infinite to nothing', () => {
    expect(distanceOutside([{ x: 3, y: 0 }], 0, 4)).toBe(5);
    expect(distanceOutside([{ x: 0, y: 0 }, { x: 10, y: 0 }], 4, -3)).toBe(3); // prettier-ignore
    expect(distanceOutside([{ x: 0, y: 0 }, { x: 10, y: 0 }], 13, 4)).toBe(5); // prettier-ignore
    expect(distanceOutside([], 0, 0)).toBe(Infinity);
  });
});

test('corners of an upright side that differ by rounding errors only are not lost', () => {
  // A side at right angles to the axis once came in any order, and an outer corner fell out of the hull.
  const noise = [3e-15, -2e-15, 1e-15, -4e-15];
  for (const shift of [0, 1, 2, 3]) {
    const off = (at: number) => noise[(at + shift) % noise.length] ?? 0;
    const left = [0, 5, 10].map((y, at) => ({ x: off(at), y }));
    const right = [0, 5, 10].map((y, at) => ({ x: 8 + off(at + 1), y }));
    expect(polygonArea(convexHull([...left, ...right]))).toBeCloseTo(80, 9);
  }
});

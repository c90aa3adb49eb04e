// Places where a shape touches two others: each found place is just as far from both as it has to be, and triangles of
// known sides are found to the last digit.
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { distanceOutside } from './convex-polygon.ts';
import { intersections, intersectionsWithEdges, type PlacedNoFit, selfIntersections } from './no-fit-intersections.ts';
import { keepsGap, type NoFitPolygon, noFitPolygon, type Shape } from './no-fit-polygon.ts';

const disc = (diameter: number): Shape => {
  return { parts: [[{ x: 0, y: 0 }]], radius: diameter / 2, width: diameter, height: diameter };
};
const rect = (width: number, height: number): Shape => {
  const [x, y] = [width / 2, height / 2];
  const corners = [
    { x: -x, y: -y },
    { x, y: -y },
    { x, y },
    { x: -x, y },
  ];
  return { parts: [corners], radius: 0, width, height };
};
const laid = (region: NoFitPolygon, x: number, y: number): PlacedNoFit => ({ region, x, y });

/** How far a place is from the edge of a region; 0 on it. */
const offEdge = ({ region, x, y }: PlacedNoFit, px: number, py: number) =>
  Math.min(...region.parts.map(({ core, radius }) => Math.abs(distanceOutside(core, px - x, py - y) - radius)));

const found = (a: PlacedNoFit, b: PlacedNoFit) => {
  const places: [number, number][] = [];
  intersections(a, b, (x, y) => places.push([x, y]));
  return places;
};

describe('discs', () => {
  test('of 3, 4 and 5 touch at the corners of the triangle', () => {
    // Radii 1, 2 and a third of 3 make sides 3, 4 and 5: a right angle at the middle of the disc of 1.
    const [one, two, three] = [disc(2), disc(4), disc(6)];
    const places = found(laid(noFitPolygon(one, three, 0), 0, 0), laid(noFitPolygon(two, three, 0), 3, 0));
    expect(places).toHaveLength(2);
    for (const [x, y] of places) {
      expect(x).toBeCloseTo(0, 12);
      expect(Math.abs(y)).toBeCloseTo(4, 12);
    }
  });

  test('alike and touching put the third at √3/2, gap included', () => {
    const region = noFitPolygon(disc(10), disc(10), 0.5);
    const places = found(laid(region, 0, 0), laid(region, 10.5, 0));
    expect(places.map(([x]) => x)).toEqual([5.25, 5.25]);
    expect(places.map(([, y]) => Math.abs(y))[0]).toBeCloseTo((10.5 * Math.sqrt(3)) / 2, 12);
  });

  test('too far apart, or one within the other, have no common contact', () => {
    const region = noFitPolygon(disc(10), disc(10), 0);
    expect(found(laid(region, 0, 0), laid(region, 21, 0))).toEqual([]);
    expect(found(laid(region, 0, 0), laid(noFitPolygon(disc(2), disc(2), 0), 1, 0))).toEqual([]);
  });
});

const shape = fc.oneof(
  fc.integer({ min: 2, max: 20 }).map(disc),
  fc
    .tuple(fc.integer({ min: 2, max: 20 }), fc.integer({ min: 2, max: 20 }))
    .map(([width, height]) => rect(width, height)),
);

test('every place that keeps its gaps touches both shapes', () => {
  let count = 0;
  fc.assert(
    fc.property(
      shape,
      shape,
      shape,
      fc.constantFrom(0, 0.5),
      fc.integer({ min: -30, max: 30 }),
      fc.integer({ min: -30, max: 30 }),
      (first, second, moving, gap, x, y) => {
        fc.pre(x !== 0 || y !== 0);
        const [a, b] = [laid(noFitPolygon(first, moving, gap), 0, 0), laid(noFitPolygon(second, moving, gap), x, y)];
        for (const [px, py] of found(a, b)) {
          // What lies within one of them is offered too, and refused by whoever asks whether it keeps its gap.
          if (![a, b].every((one) => keepsGap(one.region, px - one.x, py - one.y))) continue;
          count += 1;
          // Between two blanks with corners the straight sides are drawn on to the corner that a gap would round.
          const isStraight = [first, second].some(({ radius }) => radius + moving.radius === 0);
          expect(Math.max(offEdge(a, px, py), offEdge(b, px, py))).toBeLessThan(isStraight ? gap + 1e-6 : 1e-6);
        }
      },
    ),
    { numRuns: 1500, seed: 6 },
  );
  expect(count).toBeGreaterThan(1000);
});

describe('contacts at an edge', () => {
  test('a disc on the lower edge beside another is as high as its radius, a chord away', () => {
    // Middles 10 apart, one 6 above the foot line of the other: 8 along.
    const places: [number, number][] = [];
    intersectionsWithEdges(laid(noFitPolygon(disc(10), disc(10), 0), 20, 11), [], [5], (x, y) => places.push([x, y]));
    expect(places.toSorted((a, b) => a[0] - b[0])).toEqual([
      [12, 5],
      [28, 5],
    ]);
  });

  test('a blank with corners touches another exactly on the edge', () => {
    const places: [number, number][] = [];
    intersectionsWithEdges(laid(noFitPolygon(rect(10, 4), rect(6, 2), 0.5), 20, 3), [], [3], (x, y) =>
      places.push([x, y]),
    );
    expect(places).toContainEqual([28.5, 3]);
    expect(places).toContainEqual([11.5, 3]);
  });
});

test('a blank in a notch touches both arms', () => {
  // An L of two bars; a square of 4 fits its inner corner, middle 2 from both arms.
  const arms: Shape = {
    parts: [
      rect(12, 2).parts[0]!.map(({ x, y }) => ({ x, y: y - 5 })),
      rect(2, 12).parts[0]!.map(({ x, y }) => ({ x: x - 5, y })),
    ],
    radius: 0,
    width: 12,
    height: 12,
  };
  const places: string[] = [];
  selfIntersections(laid(noFitPolygon(arms, rect(4, 4), 0), 0, 0), (x, y) => places.push(`${String(x)} ${String(y)}`));
  expect(places).toContain('-2 -2');
});

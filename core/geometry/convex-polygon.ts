// Convex polygons: hull, Minkowski sum and distance. Corners are counter-clockwise; a point and a line are polygons of
// one and two corners.

/** A point, mm. */
export interface Point {
  readonly x: number;
  readonly y: number;
}

const cross = (o: Point, a: Point, b: Point) => (a.x - o.x) * (b.y - o.y) - (a.y - o.y) * (b.x - o.x);

/** Twice the area of three corners in a line, within rounding, mm². */
const FLAT = 1e-10;

/** Points are sorted along this direction, to which no usual side is at right angles. */
const ALONG = { x: Math.cos(1), y: Math.sin(1) };

/**
 * The convex hull (Andrew, Information Processing Letters 9, 1979). Corners of a side at right angles to the sorting
 * direction would come in any order, by rounding errors, and an outer one could get lost.
 */
export function convexHull(points: readonly Point[]): Point[] {
  const along = ({ x, y }: Point) => x * ALONG.x + y * ALONG.y;
  const sorted = [...points].sort((a, b) => along(a) - along(b));
  const half = (ordered: readonly Point[]) => {
    const chain: Point[] = [];
    for (const point of ordered) {
      for (;;) {
        const [before, last] = chain.slice(-2);
        if (!before || !last || cross(before, last, point) > FLAT) break;
        chain.pop();
      }
      chain.push(point);
    }
    return chain.slice(0, -1);
  };
  const hull = [...half(sorted), ...half(sorted.toReversed())];
  return hull.length > 0 ? hull : sorted.slice(0, 1);
}

/** The Minkowski sum of two convex polygons: the hull of all sums of corners, since there are few. */
export function minkowskiSum(a: readonly Point[], b: readonly Point[]): Point[] {
  return convexHull(a.flatMap((p) => b.map((q) => ({ x: p.x + q.x, y: p.y + q.y }))));
}

/** The mean of some corners: it turns with them, as the middle of their bounding box does not. */
export function meanPoint(corners: readonly Point[]): Point {
  const sum = corners.reduce((all, { x, y }) => ({ x: all.x + x, y: all.y + y }), { x: 0, y: 0 });
  return { x: sum.x / corners.length, y: sum.y / corners.length };
}

/** Area of a polygon, convex or not, by the shoelace formula. */
export function polygonArea(points: readonly Point[]): number {
  let twice = 0;
  points.forEach((point, index) => {
    const next = points[(index + 1) % points.length] ?? point;
    twice += point.x * next.y - next.x * point.y;
  });
  return Math.abs(twice) / 2;
}

/** Distance of a point outside a convex polygon; below 0 inside it. */
export function distanceOutside(polygon: readonly Point[], x: number, y: number): number {
  const [first] = polygon;
  if (!first) return Infinity;
  if (polygon.length === 1) return Math.hypot(x - first.x, y - first.y);
  let isInside = polygon.length > 2;
  let nearest = Infinity;
  let deepest = -Infinity;
  let from = polygon[polygon.length - 1] ?? first;
  for (const to of polygon) {
    const [dx, dy] = [to.x - from.x, to.y - from.y];
    const [px, py] = [x - from.x, y - from.y];
    const length = Math.hypot(dx, dy);
    // The outside lies to the right of a counter-clockwise edge.
    const beyond = (px * dy - py * dx) / length;
    if (beyond > 0) isInside = false;
    if (beyond > deepest) deepest = beyond;
    const along = Math.max(0, Math.min(length, (px * dx + py * dy) / length));
    const [ex, ey] = [px - (dx / length) * along, py - (dy / length) * along];
    const away = ex * ex + ey * ey;
    if (away < nearest) nearest = away;
    from = to;
  }
  return isInside ? deepest : Math.sqrt(nearest);
}

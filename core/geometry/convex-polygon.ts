// Convex polygons: hulls, sums, and how far a point lies outside. Corners against the clock; a point and a line are
// polygons of one and of two corners.

export interface Point {
  readonly x: number;
  readonly y: number;
}

const cross = (o: Point, a: Point, b: Point) => (a.x - o.x) * (b.y - o.y) - (a.y - o.y) * (b.x - o.x);

/** mm², twice the area of three corners in a line, or in one place, but for the rounding of their sums. */
const FLAT = 1e-10;

/** The convex hull (Andrew, Information Processing Letters 9, 1979). */
export function convexHull(points: readonly Point[]): Point[] {
  const sorted = [...points].sort((a, b) => a.x - b.x || a.y - b.y);
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

/** Every corner of one added to every corner of the other (Minkowski), as a hull: the corners are few. */
export function minkowskiSum(a: readonly Point[], b: readonly Point[]): Point[] {
  return convexHull(a.flatMap((p) => b.map((q) => ({ x: p.x + q.x, y: p.y + q.y }))));
}

/** The area of a polygon, convex or not, by its corners in order (the shoelace formula). */
export function polygonArea(points: readonly Point[]): number {
  let twice = 0;
  points.forEach((point, index) => {
    const next = points[(index + 1) % points.length] ?? point;
    twice += point.x * next.y - next.x * point.y;
  });
  return Math.abs(twice) / 2;
}

/** How far a point lies outside a convex polygon; below 0 inside it. */
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
    // To the right of an edge that runs against the clock lies the outside.
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

// Convex decomposition of a polygon: ear clipping, then triangles joined while they stay convex (Hertel and Mehlhorn,
// FCT 1983: at most four times the least number of parts).
import earcut from 'earcut';
import { convexHull, type Point, polygonArea } from './convex-polygon.ts';

/** Areas within this share are equal. */
const SAME = 1e-9;

/**
 * @param points  corners in order, either way round; no holes
 * @returns the parts, corners counter-clockwise; for an outline that crosses itself its hull, which is on the safe side
 */
export function convexDecomposition(points: readonly Point[]): Point[][] {
  const hull = convexHull(points);
  const area = polygonArea(points);
  if (polygonArea(hull) - area <= SAME * area) return [hull];
  const flat = points.flatMap(({ x, y }) => [x, y]);
  const corners = earcut(flat);
  const triangles = Array.from({ length: corners.length / 3 }, (_, at) =>
    againstTheClock(corners.slice(3 * at, 3 * at + 3), points),
  ).filter((triangle) => polygonArea(at(triangle, points)) > SAME * area);
  const sum = triangles.reduce((total, triangle) => total + polygonArea(at(triangle, points)), 0);
  if (Math.abs(sum - area) > 1e-6 * area) return [hull];
  return joined(triangles, points).map((part) => at(part, points));
}

/** Corners of a part, by index of the outline's corners. */
type Part = readonly number[];

const at = (part: Part, points: readonly Point[]): Point[] => part.flatMap((index) => points[index] ?? []);

function againstTheClock(triangle: Part, points: readonly Point[]): Part {
  const [a, b, c] = at(triangle, points);
  if (!a || !b || !c) return triangle;
  return (b.x - a.x) * (c.y - a.y) - (c.x - a.x) * (b.y - a.y) > 0 ? triangle : triangle.toReversed();
}

function joined(triangles: readonly Part[], points: readonly Point[]): Part[] {
  const parts = [...triangles];
  for (let first = 0; first < parts.length; first += 1)
    for (let other = first + 1; other < parts.length; other += 1) {
      const both = join(parts[first] ?? [], parts[other] ?? []);
      if (!both || !isConvex(at(both, points))) continue;
      parts[first] = both;
      parts.splice(other, 1);
      // Joining makes new neighbours, so the search starts again.
      other = first;
    }
  return parts;
}

/** Two parts that share a side, joined; null where they share none. */
function join(a: Part, b: Part): Part | null {
  for (let i = 0; i < a.length; i += 1) {
    const [from, to] = [a[i], a[(i + 1) % a.length]];
    const j = b.findIndex((corner, index) => corner === to && b[(index + 1) % b.length] === from);
    if (j < 0) continue;
    // Round a from behind the side, then round b from behind it.
    const round = (part: Part, start: number) => part.map((_, index) => part[(start + index) % part.length] ?? 0);
    return [...round(a, i + 1), ...round(b, (j + 1) % b.length).slice(1, -1)];
  }
  return null;
}

function isConvex(corners: readonly Point[]): boolean {
  const area = polygonArea(corners);
  return polygonArea(convexHull(corners)) - area <= SAME * area;
}

// Intersections of no-fit polygons: there a shape touches two neighbours, or a neighbour and the edge of the sheet.
import type { Point } from './convex-polygon.ts';
import { onBoundary } from './no-fit-boundary.ts';
import type { NoFitPart, NoFitPolygon } from './no-fit-polygon.ts';

/** A no-fit polygon and the place of its middle. */
export interface PlacedNoFit {
  readonly region: NoFitPolygon;
  readonly x: number;
  readonly y: number;
}

/** Calls `found` for every intersection of the edges of two no-fit polygons. */
export function intersections(a: PlacedNoFit, b: PlacedNoFit, found: (x: number, y: number) => void): void {
  for (const part of boundaryOf(a.region))
    for (const other of boundaryOf(b.region)) partCrossings(a, part, b, other, found);
}

/** Calls `found` for every self-intersection: there a shape touches one neighbour twice, in its notch. */
export function selfIntersections(a: PlacedNoFit, found: (x: number, y: number) => void): void {
  const parts = boundaryOf(a.region);
  parts.forEach((part, index) => {
    // A place where the shape fits exactly.
    for (const { from, to } of part.lines) if (from.x === to.x && from.y === to.y) found(a.x + from.x, a.y + from.y);
    for (const other of parts.slice(index + 1)) partCrossings(a, part, a, other, found);
  });
}

const boundaries = new WeakMap<NoFitPolygon, readonly NoFitPart[]>();

function boundaryOf(region: NoFitPolygon): readonly NoFitPart[] {
  let parts = boundaries.get(region);
  // A part without lines and circles on the boundary touches nothing.
  if (!parts) boundaries.set(region, (parts = onBoundary(region.parts).filter(({ lines, circles }) => lines.length + circles.length > 0))); // prettier-ignore
  return parts;
}

function partCrossings(
  a: PlacedNoFit,
  part: NoFitPart,
  b: PlacedNoFit,
  other: NoFitPart,
  found: (x: number, y: number) => void,
): void {
  const [dx, dy] = [b.x - a.x, b.y - a.y];
  const isApart =
    part.right < other.left + dx ||
    other.right + dx < part.left ||
    part.top < other.bottom + dy ||
    other.top + dy < part.bottom;
  if (isApart) return;
  for (const line of part.lines) {
    for (const edge of other.lines)
      lineAndLine(at(a, line.from), at(a, line.to), at(b, edge.from), at(b, edge.to), found);
    for (const circle of other.circles)
      lineAndCircle(at(a, line.from), at(a, line.to), at(b, circle), other.radius, found);
  }
  for (const circle of part.circles) {
    for (const edge of other.lines) lineAndCircle(at(b, edge.from), at(b, edge.to), at(a, circle), part.radius, found);
    for (const round of other.circles) circleAndCircle(at(a, circle), part.radius, at(b, round), other.radius, found);
  }
}

/** Calls `found` for every intersection with a vertical and a horizontal line. */
export function intersectionsWithEdges(
  laid: PlacedNoFit,
  uprights: readonly number[],
  levels: readonly number[],
  found: (x: number, y: number) => void,
): void {
  const FAR = 1e6;
  const edges = [
    ...uprights.map((x): [Point, Point] => [
      { x, y: -FAR },
      { x, y: FAR },
    ]),
    ...levels.map((y): [Point, Point] => [
      { x: -FAR, y },
      { x: FAR, y },
    ]),
  ];
  for (const [from, to] of edges) {
    const isUpright = from.x === to.x;
    // The line's own coordinate is exact: only the other one is computed.
    const exact = (px: number, py: number) => (isUpright ? found(from.x, py) : found(px, from.y));
    for (const { lines, circles, radius } of boundaryOf(laid.region)) {
      for (const line of lines) lineAndLine(from, to, at(laid, line.from), at(laid, line.to), exact);
      for (const circle of circles) lineAndCircle(from, to, at(laid, circle), radius, exact);
    }
  }
}

const at = ({ x, y }: PlacedNoFit, point: Point): Point => ({ x: point.x + x, y: point.y + y });

function lineAndLine(a: Point, b: Point, c: Point, d: Point, found: (x: number, y: number) => void): void {
  const [abx, aby, cdx, cdy] = [b.x - a.x, b.y - a.y, d.x - c.x, d.y - c.y];
  const across = abx * cdy - aby * cdx;
  if (Math.abs(across) < 1e-12) return;
  const t = ((c.x - a.x) * cdy - (c.y - a.y) * cdx) / across;
  const u = ((c.x - a.x) * aby - (c.y - a.y) * abx) / across;
  if (t < -1e-9 || t > 1 + 1e-9 || u < -1e-9 || u > 1 + 1e-9) return;
  // A coordinate that both ends of a line share is that of the intersection, to the last digit.
  found(abx === 0 ? a.x : cdx === 0 ? c.x : a.x + t * abx, aby === 0 ? a.y : cdy === 0 ? c.y : a.y + t * aby);
}

function lineAndCircle(a: Point, b: Point, centre: Point, radius: number, found: (x: number, y: number) => void): void {
  const [dx, dy] = [b.x - a.x, b.y - a.y];
  const length = Math.hypot(dx, dy);
  if (length === 0) return;
  const along = ((centre.x - a.x) * dx + (centre.y - a.y) * dy) / length;
  const [fx, fy] = [a.x + (dx / length) * along, a.y + (dy / length) * along];
  const square = radius * radius - (centre.x - fx) ** 2 - (centre.y - fy) ** 2;
  if (square < -1e-9 * radius * radius) return;
  const half = Math.sqrt(Math.max(0, square));
  for (const step of [along - half, along + half])
    if (step >= -1e-9 && step <= length + 1e-9) found(a.x + (dx / length) * step, a.y + (dy / length) * step);
}

function circleAndCircle(a: Point, ra: number, b: Point, rb: number, found: (x: number, y: number) => void): void {
  const [dx, dy] = [b.x - a.x, b.y - a.y];
  const apart = Math.hypot(dx, dy);
  if (apart < 1e-12 || apart > ra + rb + 1e-9 || apart < Math.abs(ra - rb) - 1e-9) return;
  const along = (apart * apart + ra * ra - rb * rb) / (2 * apart);
  const half = Math.sqrt(Math.max(0, ra * ra - along * along));
  const [mx, my] = [a.x + (dx / apart) * along, a.y + (dy / apart) * along];
  found(mx - (dy / apart) * half, my + (dx / apart) * half);
  found(mx + (dy / apart) * half, my - (dx / apart) * half);
}

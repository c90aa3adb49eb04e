// Where the edges of two no-fit regions cross: there a shape touches both of its neighbours, or a neighbour and the edge.
import type { Point } from './convex.ts';
import type { NoFit } from './no-fit.ts';

/** A region and where its middle lies. */
export interface Laid {
  readonly region: NoFit;
  readonly x: number;
  readonly y: number;
}

/** Calls `found` for every crossing of the edges of two regions. */
export function crossings(a: Laid, b: Laid, found: (x: number, y: number) => void): void {
  for (const line of a.region.lines) {
    for (const other of b.region.lines)
      lineAndLine(at(a, line.from), at(a, line.to), at(b, other.from), at(b, other.to), found);
    for (const circle of b.region.circles)
      lineAndCircle(at(a, line.from), at(a, line.to), at(b, circle), b.region.radius, found);
  }
  for (const circle of a.region.circles) {
    for (const other of b.region.lines)
      lineAndCircle(at(b, other.from), at(b, other.to), at(a, circle), a.region.radius, found);
    for (const other of b.region.circles)
      circleAndCircle(at(a, circle), a.region.radius, at(b, other), b.region.radius, found);
  }
}

/** Calls `found` for every crossing of a region's edge with an upright and a level line. */
export function crossingsWithEdges(
  { region, x, y }: Laid,
  uprights: readonly number[],
  levels: readonly number[],
  found: (x: number, y: number) => void,
): void {
  const FAR = 1e6;
  const edges = [
    ...uprights.map((at): [Point, Point] => [
      { x: at, y: -FAR },
      { x: at, y: FAR },
    ]),
    ...levels.map((at): [Point, Point] => [
      { x: -FAR, y: at },
      { x: FAR, y: at },
    ]),
  ];
  for (const [from, to] of edges) {
    const isUpright = from.x === to.x;
    // The line itself is exact: only the other coordinate is reckoned.
    const exact = (px: number, py: number) => (isUpright ? found(from.x, py) : found(px, from.y));
    for (const line of region.lines)
      lineAndLine(from, to, { x: line.from.x + x, y: line.from.y + y }, { x: line.to.x + x, y: line.to.y + y }, exact);
    for (const circle of region.circles)
      lineAndCircle(from, to, { x: circle.x + x, y: circle.y + y }, region.radius, exact);
  }
}

const at = ({ x, y }: Laid, point: Point): Point => ({ x: point.x + x, y: point.y + y });

function lineAndLine(a: Point, b: Point, c: Point, d: Point, found: (x: number, y: number) => void): void {
  const [abx, aby, cdx, cdy] = [b.x - a.x, b.y - a.y, d.x - c.x, d.y - c.y];
  const across = abx * cdy - aby * cdx;
  if (Math.abs(across) < 1e-12) return;
  const t = ((c.x - a.x) * cdy - (c.y - a.y) * cdx) / across;
  const u = ((c.x - a.x) * aby - (c.y - a.y) * abx) / across;
  if (t < -1e-9 || t > 1 + 1e-9 || u < -1e-9 || u > 1 + 1e-9) return;
  // A coordinate that is the same at both ends of a line is that of the crossing, to the last digit.
  found(abx === 0 ? a.x : cdx === 0 ? c.x : a.x + t * abx, aby === 0 ? a.y : cdy === 0 ? c.y : a.y + t * aby);
}

function lineAndCircle(a: Point, b: Point, centre: Point, radius: number, found: (x: number, y: number) => void): void {
  const [dx, dy] = [b.x - a.x, b.y - a.y];
  const length = Math.hypot(dx, dy);
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

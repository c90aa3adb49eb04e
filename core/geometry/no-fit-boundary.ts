// The boundary of a no-fit polygon: what of the lines and circles of its parts lies inside no other part. Only there can a
// shape touch its neighbour, and parts of curved outlines are many.
import type { Point } from './convex-polygon.ts';
import type { NoFitPart } from './no-fit-polygon.ts';

/** Inside counts from here on, mm: places on an edge stay. */
const INSIDE = 1e-7;
/** Points of a circle that are looked at. */
const SPOTS = 24;

interface Line {
  readonly from: Point;
  readonly to: Point;
}

/** The same parts with what lies on the boundary. */
export function onBoundary(parts: readonly NoFitPart[]): readonly NoFitPart[] {
  if (parts.length === 1) return parts;
  const planes = parts.map(halfPlanesOf);
  return parts.map((part, own) => {
    const others = parts.flatMap((other, at) => (at === own || planes[at]?.length === 0 ? [] : [{ box: other, planes: planes[at] ?? [] }])); // prettier-ignore
    return {
      ...part,
      lines: part.lines.flatMap((line) => outsideOf(line, others)),
      circles: part.circles.filter((middle) => spotsOf(middle, part.radius).some((spot) => !others.some((other) => isIn(spot, other)))), // prettier-ignore
    };
  });
}

/** Outward normal of length 1 and distance from the origin of each side. */
type HalfPlane = readonly [nx: number, ny: number, distance: number];

interface Other {
  readonly box: Pick<NoFitPart, 'left' | 'right' | 'bottom' | 'top'>;
  readonly planes: readonly HalfPlane[];
}

/** The polygon through the ends of a part's lines lies in the part, also where its corners are rounded. */
function halfPlanesOf({ lines }: NoFitPart): HalfPlane[] {
  const corners = lines.flatMap(({ from, to }) => [from, to]);
  if (lines.length < 3) return [];
  return corners.flatMap((from, at): HalfPlane[] => {
    const to = corners[(at + 1) % corners.length] ?? from;
    const length = Math.hypot(to.x - from.x, to.y - from.y);
    if (length < INSIDE) return [];
    const [nx, ny] = [(to.y - from.y) / length, (from.x - to.x) / length];
    return [[nx, ny, nx * from.x + ny * from.y]];
  });
}

function outsideOf({ from, to }: Line, others: readonly Other[]): Line[] {
  const [dx, dy] = [to.x - from.x, to.y - from.y];
  const length = Math.hypot(dx, dy);
  const hidden: [start: number, end: number][] = [];
  for (const { box, planes } of others) {
    if (Math.max(from.x, to.x) <= box.left || Math.min(from.x, to.x) >= box.right) continue;
    if (Math.max(from.y, to.y) <= box.bottom || Math.min(from.y, to.y) >= box.top) continue;
    let [start, end] = [0, 1];
    for (const [nx, ny, distance] of planes) {
      const beyond = nx * from.x + ny * from.y - distance + INSIDE;
      const slope = nx * dx + ny * dy;
      if (slope > 0) end = Math.min(end, -beyond / slope);
      else if (slope < 0) start = Math.max(start, -beyond / slope);
      else if (beyond > 0) end = -1;
      if (start >= end) break;
    }
    if (start < end) hidden.push([start, end]);
  }
  if (hidden.length === 0) return [{ from, to }];
  hidden.sort((a, b) => a[0] - b[0]);
  const on = (share: number): Point => ({ x: from.x + share * dx, y: from.y + share * dy });
  const seen: Line[] = [];
  // Where two hidden parts only meet there is one place, such as the bottom of a notch that fits exactly.
  const hair = (4 * INSIDE) / Math.max(length, INSIDE);
  let at = 0;
  for (const [start, end] of [...hidden, [1, 1] as const]) {
    if (start > at + 2 * hair) seen.push({ from: on(at), to: on(start) });
    else if (start > at - hair && start > 0 && at > 0 && start < 1) seen.push({ from: on(start), to: on(start) });
    at = Math.max(at, end);
  }
  return seen;
}

function spotsOf({ x, y }: Point, radius: number): Point[] {
  return Array.from({ length: SPOTS }, (_, at) => {
    const angle = (2 * Math.PI * at) / SPOTS;
    return { x: x + radius * Math.cos(angle), y: y + radius * Math.sin(angle) };
  });
}

function isIn({ x, y }: Point, { box, planes }: Other): boolean {
  if (x <= box.left || x >= box.right || y <= box.bottom || y >= box.top) return false;
  return planes.every(([nx, ny, distance]) => nx * x + ny * y < distance - INSIDE);
}

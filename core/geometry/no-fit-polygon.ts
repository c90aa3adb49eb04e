// No-fit polygons: where the middle of a moving shape must not be, so that it keeps its gap from another shape.
import { distanceOutside, minkowskiSum, type Point } from './convex-polygon.ts';

/**
 * A shape: convex parts with a radius round them. A disc is a point with a radius; a blank with corners has radius 0.
 */
export interface Shape {
  /** Corners of each part, relative to the middle of the shape's bounding box. */
  readonly parts: readonly (readonly Point[])[];
  readonly radius: number;
  readonly width: number;
  readonly height: number;
}

/** The no-fit region of one part and another. */
export interface NoFitPart {
  readonly core: readonly Point[];
  readonly radius: number;
  /** Its bounding box. */
  readonly left: number;
  readonly right: number;
  readonly bottom: number;
  readonly top: number;
  readonly lines: readonly { readonly from: Point; readonly to: Point }[];
  readonly circles: readonly Point[];
}

/** The no-fit regions of two shapes, joined. */
export interface NoFitPolygon {
  readonly parts: readonly NoFitPart[];
  /** How far it extends from the middle. */
  readonly reachX: number;
  readonly reachY: number;
}

/**
 * @param still   the shape in the middle
 * @param moving  the shape to be placed
 */
export function noFitPolygon(still: Shape, moving: Shape, gap: number): NoFitPolygon {
  const radius = still.radius + moving.radius + gap;
  const isRound = still.radius > 0 || moving.radius > 0;
  const parts = still.parts.flatMap((part) => moving.parts.map((other) => partNoFit(part, other, radius, isRound)));
  return {
    parts,
    reachX: Math.max(...parts.map(({ left, right }) => Math.max(-left, right))),
    reachY: Math.max(...parts.map(({ bottom, top }) => Math.max(-bottom, top))),
  };
}

function partNoFit(still: readonly Point[], moving: readonly Point[], radius: number, isRound: boolean): NoFitPart {
  const core = minkowskiSum(
    still,
    moving.map(({ x, y }) => ({ x: -x, y: -y })),
  );
  const [xs, ys] = [core.map(({ x }) => x), core.map(({ y }) => y)];
  return {
    core,
    radius,
    left: Math.min(...xs) - radius,
    right: Math.max(...xs) + radius,
    bottom: Math.min(...ys) - radius,
    top: Math.max(...ys) + radius,
    lines: core.length > 1 ? linesRound(core, radius) : [],
    // Between shapes with corners, the rounded corners of the region are not used as places.
    circles: isRound ? core : [],
  };
}

function linesRound(core: readonly Point[], radius: number): NoFitPart['lines'] {
  return core.map((from, index) => {
    const to = core[(index + 1) % core.length] ?? from;
    const length = Math.hypot(to.x - from.x, to.y - from.y);
    const out = { x: ((to.y - from.y) / length) * radius, y: (-(to.x - from.x) / length) * radius };
    return { from: { x: from.x + out.x, y: from.y + out.y }, to: { x: to.x + out.x, y: to.y + out.y } };
  });
}

/** Smaller than a laser can cut, larger than rounding errors. */
const SLACK = 1e-9;

/** Whether a middle at (x, y) from the middle of the still shape keeps the gap. */
export function keepsGap({ parts, reachX, reachY }: NoFitPolygon, x: number, y: number): boolean {
  if (Math.abs(x) >= reachX || Math.abs(y) >= reachY) return true;
  for (const { core, radius, left, right, bottom, top } of parts) {
    if (x <= left || x >= right || y <= bottom || y >= top) continue;
    if (distanceOutside(core, x, y) < radius - SLACK) return false;
  }
  return true;
}

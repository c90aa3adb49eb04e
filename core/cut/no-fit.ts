// Where the middle of one shape must not be, so that it keeps its gap from another: the sum of their cores, rounded.
import { outsideBy, sumOf, type Point } from './convex.ts';

/** A shape is a convex core and a radius round it: a disc is a point and its radius, a blank with corners has none. */
export interface Shape {
  /** Round the middle of its bounding box. */
  readonly core: readonly Point[];
  readonly radius: number;
  readonly width: number;
  readonly height: number;
}

export interface NoFit {
  readonly core: readonly Point[];
  readonly radius: number;
  /** Half the sides of its bounding box. */
  readonly reachX: number;
  readonly reachY: number;
  readonly lines: readonly { readonly from: Point; readonly to: Point }[];
  readonly circles: readonly Point[];
}

/** @param still  the shape that lies there, in the middle; @param moving  the one to be laid */
export function noFit(still: Shape, moving: Shape, gap: number): NoFit {
  const core = sumOf(
    still.core,
    moving.core.map(({ x, y }) => ({ x: -x, y: -y })),
  );
  const radius = still.radius + moving.radius + gap;
  const isRound = still.radius > 0 || moving.radius > 0;
  return {
    core,
    radius,
    reachX: Math.max(...core.map(({ x }) => Math.abs(x))) + radius,
    reachY: Math.max(...core.map(({ y }) => Math.abs(y))) + radius,
    lines: core.length > 1 ? linesRound(core, radius) : [],
    // Between shapes with corners the rounding is no place to rest in.
    circles: isRound ? core : [],
  };
}

function linesRound(core: readonly Point[], radius: number): NoFit['lines'] {
  return core.map((from, index) => {
    const to = core[(index + 1) % core.length] ?? from;
    const length = Math.hypot(to.x - from.x, to.y - from.y);
    const out = { x: ((to.y - from.y) / length) * radius, y: (-(to.x - from.x) / length) * radius };
    return { from: { x: from.x + out.x, y: from.y + out.y }, to: { x: to.x + out.x, y: to.y + out.y } };
  });
}

/** Less than a laser sees, more than sums of numbers stray. */
const SLACK = 1e-9;

/** Whether a middle at (x, y) from the middle of the still shape keeps the gap. */
export function keepsGap({ core, radius, reachX, reachY }: NoFit, x: number, y: number): boolean {
  if (Math.abs(x) >= reachX || Math.abs(y) >= reachY) return true;
  return outsideBy(core, x, y) >= radius - SLACK;
}

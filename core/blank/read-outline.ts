// A free outline as typed, corner by corner: `0,0 24,0 12,18`.
import type { Corner } from '../geometry/outline.ts';

/** @returns the corners in mm, or the problem in a sentence */
export function readOutline(text: string): { readonly points: readonly Corner[] } | { readonly sentence: string } {
  const corners = text
    .trim()
    .split(/[\s;]+/)
    .filter(Boolean);
  const points = corners.map((corner): Corner | null => {
    const match = /^(-?\d+(?:\.\d+)?),(-?\d+(?:\.\d+)?)$/.exec(corner);
    return match && [Number(match[1]), Number(match[2])];
  });
  const bad = points.findIndex((point) => point === null);
  if (bad >= 0)
    return { sentence: `“${corners[bad] ?? ''}” is not a corner. Give each as x,y in mm, a space between.` };
  const whole = points.filter((point) => point !== null);
  if (whole.length < 3) return { sentence: 'An outline has three corners or more, for example 0,0 24,0 12,18.' };
  if (crosses(whole)) return { sentence: 'The outline crosses itself. Give its corners in order round it.' };
  return { points: whole };
}

// Two sides that share no corner must not meet.
function crosses(points: readonly Corner[]): boolean {
  const side = (index: number) => [points[index], points[(index + 1) % points.length]] as [Corner, Corner];
  for (let one = 0; one < points.length; one += 1) {
    for (let other = one + 2; other < points.length; other += 1) {
      if (one === 0 && other === points.length - 1) continue;
      if (meet(side(one), side(other))) return true;
    }
  }
  return false;
}

function meet([a, b]: [Corner, Corner], [c, d]: [Corner, Corner]): boolean {
  return turn(a, b, c) !== turn(a, b, d) && turn(c, d, a) !== turn(c, d, b);
}

function turn([ax, ay]: Corner, [bx, by]: Corner, [cx, cy]: Corner): number {
  return Math.sign((bx - ax) * (cy - ay) - (by - ay) * (cx - ax));
}

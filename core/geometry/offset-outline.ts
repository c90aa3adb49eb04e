// An outline with a border all round: what is cut larger than the blank and trimmed afterwards.
import { union } from 'polyclip-ts';
import { convexDecomposition } from './convex-decomposition.ts';
import { convexHull, type Point } from './convex-polygon.ts';

type Corner = readonly [number, number];

/**
 * The border has square corners: no point of the outline is nearer than `border` to the edge of the result. A notch
 * whose mouth closes is filled.
 * @param border  mm
 */
export function offsetOutline(points: readonly Corner[], border: number): [number, number][] {
  if (border === 0) return points.map(([x, y]) => [x, y]);
  const grown = convexDecomposition(points.map(([x, y]) => ({ x, y }))).map((part) => {
    const hull = convexHull(part.flatMap((corner) => around(corner, border)));
    return [hull.map(({ x, y }): [number, number] => [neat(x), neat(y)])];
  });
  const [first = [], ...more] = grown;
  const [outline] = union(first, ...more);
  // The ring ends with its first point.
  return (outline?.[0] ?? []).slice(0, -1);
}

/** To the nanometre: rounding errors make no sides of their own. */
const neat = (mm: number) => Math.round(mm * 1e6) / 1e6;

const around = ({ x, y }: Point, by: number): Point[] =>
  [-by, by].flatMap((dx) => [-by, by].map((dy) => ({ x: x + dx, y: y + dy })));

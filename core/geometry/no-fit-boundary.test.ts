// The boundary of no-fit polygons against all lines of all parts: no place at which shapes may touch is lost.
import { describe, expect, test } from 'vitest';
import { turnsAlongSides } from '../cut/sheets/blank-turns.ts';
import { shapeOf } from '../cut/sheets/indexed-sheets.ts';
import type { SheetPiece } from '../cut/sheets/sheet-problem.ts';
import { onBoundary } from './no-fit-boundary.ts';
import { keepsGap, noFitPolygon } from './no-fit-polygon.ts';

const shapes = {
  L: [[0, 0], [20, 0], [20, 6], [6, 6], [6, 20], [0, 20]],
  C: [[0, 0], [16, 0], [16, 3], [3, 3], [3, 10], [14, 10], [14, 13], [0, 13]],
  star: [[0, 6], [5, 5], [6, 0], [7, 5], [12, 6], [7, 7], [6, 12], [5, 7]],
} satisfies Record<string, [number, number][]>; // prettier-ignore
const piece = (points: [number, number][]): SheetPiece => ({ id: 'o', shape: 'outline', points, rotatable: true, count: 1 }); // prettier-ignore

describe.each(Object.entries(shapes))('%s', (_name, points) => {
  test.each(Object.entries(shapes))(
    'beside %s: every place along the lines is kept, and no other',
    (_other, others) => {
      let kept = 0;
      for (const gap of [0, 0.5])
        for (const turn of turnsAlongSides(piece(others)).slice(0, 6)) {
          const noFit = noFitPolygon(shapeOf(piece(points), 0), shapeOf(piece(others), turn), gap);
          const boundary = onBoundary(noFit.parts);
          noFit.parts.forEach(({ lines }, part) => {
            const seen = boundary[part]?.lines ?? [];
            for (const { from, to } of lines) {
              for (const share of [0.03, 0.21, 0.5, 0.77, 0.98]) {
                const [x, y] = [from.x + share * (to.x - from.x), from.y + share * (to.y - from.y)];
                if (!keepsGap(noFit, x, y)) continue;
                kept += 1;
                const away = seen.map((line) => distanceTo(line, x, y));
                expect(Math.min(...away)).toBeLessThan(1e-5);
              }
            }
            // Middles of what is left lie on the boundary; rounded corners of other parts are cut off straight.
            if (gap > 0) return;
            for (const { from, to } of seen) {
              const [x, y] = [(from.x + to.x) / 2, (from.y + to.y) / 2];
              expect(isDeepInside(noFit.parts, x, y)).toBe(false);
            }
          });
        }
      expect(kept).toBeGreaterThan(50);
    },
  );
});

type Line = (typeof onBoundary extends (parts: readonly (infer Part)[]) => unknown ? Part : never)['lines'][number];

function distanceTo({ from, to }: Line, x: number, y: number): number {
  const [dx, dy] = [to.x - from.x, to.y - from.y];
  const share = Math.max(0, Math.min(1, ((x - from.x) * dx + (y - from.y) * dy) / (dx * dx + dy * dy || 1)));
  return Math.hypot(x - from.x - share * dx, y - from.y - share * dy);
}

/** Inside by more than rounding: a step in each direction is inside, too. A place that fits exactly is not. */
function isDeepInside(parts: Parameters<typeof onBoundary>[0], x: number, y: number): boolean {
  const STEP = 1e-4;
  const around = [[STEP, 0], [-STEP, 0], [0, STEP], [0, -STEP]]; // prettier-ignore
  const noFit = { parts, reachX: 1e6, reachY: 1e6 };
  if (keepsGap(noFit, x, y)) return false;
  return around.every(([dx = 0, dy = 0]) => !keepsGap(noFit, x + dx, y + dy));
}

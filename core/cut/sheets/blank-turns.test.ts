// Angles of blanks: every long side comes to lie along an edge of the sheet.
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { rightTurns, turnsAlongSides, turnsAskew } from './blank-turns.ts';
import type { SheetPiece } from './sheet-problem.ts';

const outline = (points: [number, number][], rotatable = true): SheetPiece => ({
  id: 'o',
  shape: 'outline',
  points,
  rotatable,
  count: 1,
});

describe('outlines', () => {
  test('each side of a triangle drawn at any angle is level at one of the turns', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 360, noNaN: true }), (drawn) => {
        const angle = (drawn * Math.PI) / 180;
        const corners = [[0, 0], [30, 0], [11, 17]].map(([x = 0, y = 0]): [number, number] => [x * Math.cos(angle) - y * Math.sin(angle), x * Math.sin(angle) + y * Math.cos(angle)]); // prettier-ignore
        const turns = turnsAlongSides(outline(corners));
        corners.forEach(([x, y], at) => {
          const [nextX, nextY] = corners[(at + 1) % 3] ?? [0, 0];
          const side = (Math.atan2(nextY - y, nextX - x) * 180) / Math.PI;
          const off = turns.map((turn) => Math.abs(Math.sin(((side + turn) * Math.PI) / 180)));
          expect(Math.min(...off)).toBeLessThan(1e-9);
        });
      }),
      { numRuns: 50, seed: 6 },
    );
  });

  test('with a grain they are only turned upside down', () => {
    expect(turnsAlongSides(outline([[0, 0], [30, 4], [11, 17]], false))).toEqual([0, 180]); // prettier-ignore
    expect(turnsAskew(outline([[0, 0], [30, 4], [11, 17]], false), () => true)).toEqual([0, 180]); // prettier-ignore
  });

  test('one that fits askew only is tried at angles that fit', () => {
    const bar: [number, number][] = [[0, 0], [82, 0], [82, 4], [0, 4]]; // prettier-ignore
    const turns = turnsAskew(outline(bar), (turn) => turn >= 25 && turn <= 26);
    expect(turns).toEqual([25, 25.25, 25.5, 25.75, 26]);
  });

  test('a round one lies at multiples of 15°', () => {
    const round = Array.from({ length: 60 }, (_, at): [number, number] => [Math.cos((at * Math.PI) / 30), Math.sin((at * Math.PI) / 30)]); // prettier-ignore
    expect(turnsAlongSides(outline(round))).toHaveLength(24);
  });
});

test('a square and a disc lie in one way, a rectangle in two', () => {
  const rect = { id: 'r', shape: 'rect', width: 8, height: 8, rotatable: true, count: 1 } as const;
  expect(rightTurns(rect)).toEqual([0]);
  expect(rightTurns({ ...rect, height: 5 })).toEqual([0, 90]);
  expect(rightTurns({ id: 'd', shape: 'disc', diameter: 5, count: 1 })).toEqual([0]);
});

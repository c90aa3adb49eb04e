// Pairs of outlines: two right triangles make a rectangle, two L shapes a square with a hole, and the plan knows it.
import { describe, expect, test } from 'vitest';
import { turnsAlongSides } from './blank-turns.ts';
import { sheetFaultsOf } from './fixtures/check-sheets.ts';
import { indexSheets, plateOf } from './indexed-sheets.ts';
import { laySheet, NoFits } from './lay-sheet.ts';
import { layInPairs, type Pairing } from './outline-pairs.ts';
import { planOf } from './sheet-plan.ts';
import { sheetProblemSchema } from './sheet-problem.ts';

/** Blanks laid on one sheet, in pairs or alone. */
function laid(width: number, height: number, points: [number, number][], count: number, pairing: Pairing | null) {
  const pieces = [{ id: 'o', shape: 'outline', points, count }];
  const sheets = [{ id: 's', width, height, count: 1, cost: 1 }];
  const problem = sheetProblemSchema.parse({ gap: 0.3, margin: 0.15, sheets, pieces });
  const kinds = indexSheets(problem.pieces, problem.gap, turnsAlongSides);
  const noFits = new NoFits(problem.gap);
  const laying = { order: [0], towards: 'bottom', lying: 'free' } as const;
  const blanks = pairing
    ? layInPairs(plateOf(problem, 0), kinds.kinds, laying, { noFits, pairing, isOver: () => false })
    : laySheet(plateOf(problem, 0), kinds.kinds, laying, noFits);
  const plan = planOf(problem, kinds, [{ sheet: 0, laid: blanks }]);
  const faults = sheetFaultsOf(problem, plan).filter((fault) => !fault.endsWith(' of o'));
  expect(faults).toEqual([]);
  return blanks.length;
}

describe('right triangles of 30 × 18 mm, drawn askew', () => {
  const angle = 0.4;
  const corners = [[0, 0], [30, 0], [0, 18]].map(([x = 0, y = 0]): [number, number] => [x * Math.cos(angle) - y * Math.sin(angle), x * Math.sin(angle) + y * Math.cos(angle)]); // prettier-ignore

  test('in pairs by their box they fill three rows of four rectangles', () => {
    expect(laid(4 * 31, 3 * 19, corners, 24, 'box')).toBe(24);
  });

  test('alone they do not', () => {
    expect(laid(4 * 31, 3 * 19, corners, 24, null)).toBeLessThan(24);
  });
});

test('an odd blank is laid beside the pairs', () => {
  expect(laid(100, 60, [[0, 0], [30, 0], [0, 18]], 5, 'hull')).toBe(5); // prettier-ignore
});

test('rectangles drawn as outlines are not paired: alone they fill as well', () => {
  const rectangle: [number, number][] = [[0, 0], [20, 0], [20, 10], [0, 10]]; // prettier-ignore
  expect(laid(62, 42, rectangle, 12, 'box')).toBe(laid(62, 42, rectangle, 12, null));
});

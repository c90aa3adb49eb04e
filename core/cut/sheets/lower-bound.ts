// Lower bound of the cost of sheets: by area, for equal discs by how many a sheet can hold.
import type { Point } from '../../geometry/convex-polygon.ts';
import type { Shape } from '../../geometry/no-fit-polygon.ts';
import { minCostCover } from '../min-cost-cover.ts';
import type { IndexedSheets } from './indexed-sheets.ts';
import type { SheetProblem } from './sheet-problem.ts';

/**
 * Grown by half the gap, every shape lies apart from the others within the sheet less its margin plus half the gap, so
 * the areas add up. Equal discs cover at most π/√12 of a plane. On a sheet they are limited by Oler's inequality (Oler,
 * Acta Mathematica 105, 1961): N ≤ 2A/(√3 D²) + P/(2D) + 1, where their middles lie in area A with perimeter P, D
 * apart.
 * @param known  cost of a known plan; Infinity for none
 */
export function sheetLowerBound(problem: SheetProblem, { kinds }: IndexedSheets, known: number): number {
  const { gap } = problem;
  const areas = kinds.map(({ ways, areaMm2, count }) => {
    const [way] = ways;
    if (!way || count === 0) return 0;
    return count * withBorder(way, areaMm2, gap / 2);
  });
  const byArea = least(
    problem,
    areas.reduce((sum, area) => sum + area, 0),
    (sheet) =>
      Math.max(0, sheet.width - 2 * problem.margin + gap) * Math.max(0, sheet.height - 2 * problem.margin + gap),
    known,
  );
  const byDiscs = kinds.map(({ ways, count }) => {
    const [way] = ways;
    if (!way || way.radius === 0 || count === 0) return 0;
    return least(problem, count, (sheet) => mostDiscs(sheet, problem, way.width), known);
  });
  return Math.max(byArea, ...byDiscs);
}

type Sheet = SheetProblem['sheets'][number];

/** Most discs of one size that a sheet holds. */
export function mostDiscs(
  { width, height }: Pick<Sheet, 'width' | 'height'>,
  { gap, margin }: SheetProblem,
  diameter: number,
): number {
  const [w, h] = [width - 2 * margin - diameter, height - 2 * margin - diameter];
  if (w < -1e-9 || h < -1e-9) return 0;
  const apart = diameter + gap;
  const [across, up] = [Math.max(0, w), Math.max(0, h)];
  return Math.floor((2 * across * up) / (Math.sqrt(3) * apart ** 2) + (across + up) / apart + 1 + 1e-9);
}

// Sheets in fractions, the cheapest for what they hold first; whole sheets where a plan is known.
function least({ sheets }: SheetProblem, need: number, holds: (sheet: Sheet) => number, known: number): number {
  let left = need;
  let cost = 0;
  const able = sheets.filter((sheet) => holds(sheet) > 0);
  for (const sheet of able.sort((a, b) => a.cost / holds(a) - b.cost / holds(b))) {
    const used = Math.min(sheet.count ?? Infinity, left / holds(sheet));
    cost += used * sheet.cost;
    left -= used * holds(sheet);
    if (left <= 0) break;
  }
  if (known === Infinity) return cost;
  const holding = sheets.map((sheet) => ({ cost: sheet.cost, count: sheet.count ?? Infinity, holds: holds(sheet) }));
  return minCostCover(holding, need, cost, known);
}

/**
 * The least area of a blank with a border round it. A convex one: its area, the border along its edge, and the rounded
 * corners of the border (Steiner). Any other: at least that of a disc of its area (Brunn and Minkowski).
 */
function withBorder({ parts, radius }: Shape, areaMm2: number, border: number): number {
  const [core] = parts;
  const hasCorners = radius === 0 && parts.length === 1 && core !== undefined;
  const perimeter = hasCorners ? perimeterOf(core) : 2 * Math.sqrt(Math.PI * areaMm2);
  return areaMm2 + perimeter * border + Math.PI * border ** 2;
}

function perimeterOf(core: readonly Point[]): number {
  return core.reduce((sum, point, index) => {
    const next = core[(index + 1) % core.length] ?? point;
    return sum + Math.hypot(next.x - point.x, next.y - point.y);
  }, 0);
}

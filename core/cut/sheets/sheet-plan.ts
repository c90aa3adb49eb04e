// The plan of filled sheets, and which of two plans is better.
import { isSameCost } from '../same-cost.ts';
import type { Filled } from './denser-sheets.ts';
import { type IndexedSheets, plateOf } from './indexed-sheets.ts';
import type { LaidBlank } from './lay-sheet.ts';
import { sheetLowerBound } from './lower-bound.ts';
import { offcutBeside } from './sheet-offcut.ts';
import type { Placement, PlannedSheet, Rectangle, SheetPlan, SheetProblem } from './sheet-problem.ts';

/** The plan of filled sheets. @param boundBefore  a bound that is known already */
export function planOf(
  problem: SheetProblem,
  kinds: IndexedSheets,
  filled: readonly Filled[],
  boundBefore = 0,
): SheetPlan {
  const cost = filled.reduce((sum, { sheet }) => sum + (problem.sheets[sheet]?.cost ?? 0), 0);
  const bound = Math.max(boundBefore, sheetLowerBound(problem, kinds, cost));
  const isCheapest = bound > cost || isSameCost(cost, bound);
  const waiting = kinds.nested.map((nested) => ({ ...nested }));
  const sheets = filled.map(({ sheet, laid }): PlannedSheet => ({
    sheet: problem.sheets[sheet]?.id ?? '',
    placements: laid.flatMap((blank) => placementsOf(problem, kinds, blank, waiting)),
    offcut: offcutOf(problem, kinds, { sheet, laid }),
  }));
  const area = filled.reduce((sum, { sheet }) => sum + areaOf(plateOf(problem, sheet)), 0);
  return {
    cost,
    bound: isCheapest ? cost : bound,
    proved: isCheapest,
    consumed: area - sheets.reduce((sum, { offcut }) => sum + (offcut ? areaOf(offcut) : 0), 0),
    consumedBound: kinds.kinds.reduce((sum, { areaMm2, count }) => sum + areaMm2 * count, 0),
    sheets,
  };
}

const areaOf = ({ width, height }: Pick<Rectangle, 'width' | 'height'>) => width * height;

/** The offcut of a filled sheet. */
export function offcutOf(problem: SheetProblem, kinds: IndexedSheets, { sheet, laid }: Filled): Rectangle | null {
  const boxes = laid.map((blank) => boxOf(blank, kinds));
  return offcutBeside(plateOf(problem, sheet), boxes, problem.gap, problem.keepFrom);
}

/** Bounding box of a blank as it lies. */
export function boxOf({ kind, way, x, y }: LaidBlank, { kinds }: IndexedSheets): Rectangle {
  const { width = 0, height = 0 } = kinds[kind]?.ways[way] ?? {};
  return { x: x - width / 2, y: y - height / 2, width, height };
}

/** The cheaper plan is better; of one cost, the one that takes less metal. */
export function isBetterPlan(a: SheetPlan, b: SheetPlan): boolean {
  return isSameCost(a.cost, b.cost) ? a.consumed < b.consumed - 1e-6 : a.cost < b.cost;
}

/** The blank, and what is cut from its middle. */
function placementsOf(
  { pieces }: SheetProblem,
  { kinds }: IndexedSheets,
  { kind, way, x, y }: LaidBlank,
  waiting: { washer: number; disc: number; count: number }[],
): Placement[] {
  const piece = pieces[kind];
  const shape = kinds[kind]?.ways[way];
  if (!piece || !shape) return [];
  const turn = kinds[kind]?.turns[way] ?? 0;
  const own: Placement = {
    piece: piece.id,
    x: neat(x - shape.width / 2),
    y: neat(y - shape.height / 2),
    rotated: turn === 90 || turn === 270,
    ...(piece.shape === 'outline' && { turn }),
  };
  const nested = waiting.find(({ washer, count }) => washer === kind && count > 0);
  const inner = nested && pieces[nested.disc];
  if (!nested || inner?.shape !== 'disc') return [own];
  nested.count -= 1;
  const half = inner.diameter / 2;
  return [own, { piece: inner.id, x: neat(x - half), y: neat(y - half), rotated: false }];
}

const neat = (mm: number) => Math.round(mm * 1e9) / 1e9;

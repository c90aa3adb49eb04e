// Moves a blank of a sheet plan by hand: to another place on its own sheet or another.
import { keepsGap, noFitPolygon, type Shape } from '../../geometry/no-fit-polygon.ts';
import type { NoPlan } from '../no-plan.ts';
import { shapeOf } from './indexed-sheets.ts';
import { offcutBeside } from './sheet-offcut.ts';
import type { Placement, SheetPiece, SheetPlan, SheetProblem } from './sheet-problem.ts';

/** A move of one blank. */
export interface LaidMove {
  /** Index of its sheet in the plan, and of the blank among the placements. */
  readonly from: number;
  readonly index: number;
  /** Index of the other sheet. */
  readonly to: number;
  /** Lower left corner of the new place, mm. */
  readonly x: number;
  readonly y: number;
}

interface Lying {
  readonly piece: SheetPiece;
  readonly placement: Placement;
  readonly shape: Shape;
}

/** @returns the plan with its figures, or why the blank does not fit there */
export function moveBlankOnSheet(problem: SheetProblem, plan: SheetPlan, move: LaidMove): SheetPlan | NoPlan {
  const lyingOf = shapesOf(problem);
  const moved = plan.sheets[move.from]?.placements[move.index];
  const target = plan.sheets[move.to];
  const plate = problem.sheets.find(({ id }) => id === target?.sheet);
  if (!moved || !target || !plate) return { sentence: 'There is no such blank on this sheet.' };
  // A blank nested in the hole of a washer moves with it.
  const middle = middleOf(lyingOf(moved));
  const goes = plan.sheets[move.from]?.placements.filter(
    (placement) => placement === moved || liesInside(lyingOf(moved), lyingOf(placement), middle),
  );
  const at = (goes ?? []).map((placement): Placement => ({
    ...placement,
    x: neat(placement.x + move.x - moved.x),
    y: neat(placement.y + move.y - moved.y),
  }));
  const stay = target.placements.filter((placement) => !goes?.includes(placement));
  const { margin, gap } = problem;
  for (const placement of at) {
    const { shape, piece } = lyingOf(placement);
    const isInside =
      placement.x >= margin - SLACK &&
      placement.y >= margin - SLACK &&
      placement.x + shape.width <= plate.width - margin + SLACK &&
      placement.y + shape.height <= plate.height - margin + SLACK;
    if (!isInside) return { sentence: 'It does not fit there with its margin.' };
    if (!stay.every((other) => areApart({ shape, piece, placement }, lyingOf(other), gap)))
      return { sentence: 'It would come nearer to another blank than the gap between blanks.' };
  }
  const sheets = plan.sheets
    .map((sheet, index) => {
      const kept = sheet.placements.filter((placement) => !goes?.includes(placement));
      return { ...sheet, placements: index === move.to ? [...kept, ...at] : kept };
    })
    .filter(({ placements }) => placements.length > 0)
    .map((sheet) => {
      const size = problem.sheets.find(({ id }) => id === sheet.sheet) ?? plate;
      const boxes = sheet.placements.map((placement) => ({ ...placement, ...sizeOf(lyingOf(placement).shape) }));
      return { ...sheet, offcut: offcutBeside(size, boxes, gap, problem.keepFrom) };
    });
  const cost = sheets.reduce((sum, { sheet }) => sum + (problem.sheets.find(({ id }) => id === sheet)?.cost ?? 0), 0);
  const areaOf = (of: { width: number; height: number } | null | undefined) => (of ? of.width * of.height : 0);
  const consumed = sheets.reduce(
    (sum, { sheet, offcut }) => sum + areaOf(problem.sheets.find(({ id }) => id === sheet)) - areaOf(offcut),
    0,
  );
  return {
    ...plan,
    cost,
    bound: Math.min(plan.bound, cost),
    proved: plan.proved && cost <= plan.cost,
    consumed,
    sheets,
  };
}

const SLACK = 1e-9;
const neat = (mm: number) => Math.round(mm * 1000) / 1000;
const sizeOf = ({ width, height }: Shape) => ({ width, height });

function shapesOf(problem: SheetProblem): (placement: Placement) => Lying {
  return (placement) => {
    const piece = problem.pieces.find(({ id }) => id === placement.piece);
    if (!piece) throw new RangeError(`The plan lays “${placement.piece}”, which the problem does not have.`);
    return { piece, placement, shape: shapeOf(piece, placement.turn ?? (placement.rotated ? 90 : 0)) };
  };
}

function middleOf({ placement, shape }: Lying): { x: number; y: number } {
  return { x: placement.x + shape.width / 2, y: placement.y + shape.height / 2 };
}

function liesInside({ piece, placement }: Lying, other: Lying, middle: { x: number; y: number }): boolean {
  if (piece.shape !== 'washer' || other.placement === placement) return false;
  const { x, y } = middleOf(other);
  return Math.hypot(x - middle.x, y - middle.y) < piece.inside / 2;
}

function areApart(a: Lying, b: Lying, gap: number): boolean {
  const [from, to] = [middleOf(b), middleOf(a)];
  if (keepsGap(noFitPolygon(b.shape, a.shape, gap), to.x - from.x, to.y - from.y)) return true;
  return fitsMiddle(a, b, gap) || fitsMiddle(b, a, gap);
}

/** Whether a disc lies in the hole of a washer with its gap. */
function fitsMiddle(washer: Lying, disc: Lying, gap: number): boolean {
  if (washer.piece.shape !== 'washer' || disc.piece.shape !== 'disc') return false;
  const [outer, inner] = [middleOf(washer), middleOf(disc)];
  const away = Math.hypot(outer.x - inner.x, outer.y - inner.y);
  return away + disc.piece.diameter / 2 + gap <= washer.piece.inside / 2 + SLACK;
}

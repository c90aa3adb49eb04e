// The angles at which a blank may lie.
import { convexHull } from '../../geometry/convex-polygon.ts';
import type { SheetPiece } from './sheet-problem.ts';

/** Sides that may lie along an edge of the sheet: so long a share of the outline's girth, and so many at most. */
const LONG_SIDE = 0.06;
const MOST_SIDES = 5;
/** Angles nearer than this are one, degrees. */
const SAME_ANGLE = 1e-6;
/** Steps of an outline without long sides, and of one that fits a sheet only askew, degrees; the most of the latter. */
const STEP = 15;
const FINE_STEP = 0.25;
const MOST_ASKEW = 16;

/** Degrees a piece is turned by, right angles only: as drawn, and as it may lie by its grain. */
export function rightTurns(piece: SheetPiece): readonly number[] {
  if (piece.shape === 'disc' || piece.shape === 'washer') return [0];
  if (piece.shape === 'outline') return piece.rotatable ? [0, 90, 180, 270] : [0, 180];
  return piece.rotatable && piece.width !== piece.height ? [0, 90] : [0];
}

/** The same, and an outline without a grain at all angles at which a long side lies along an edge of the sheet. */
export function turnsAlongSides(piece: SheetPiece): readonly number[] {
  if (piece.shape !== 'outline' || !piece.rotatable) return rightTurns(piece);
  const hull = convexHull(piece.points.map(([x, y]) => ({ x, y })));
  const sides = hull.map(({ x, y }, at) => {
    const next = hull[(at + 1) % hull.length] ?? { x, y };
    const degrees = (Math.atan2(next.y - y, next.x - x) * 180) / Math.PI;
    // Less than a quarter turn: the other three follow from it.
    return { length: Math.hypot(next.x - x, next.y - y), turn: ((-degrees % 90) + 90) % 90 };
  });
  const girth = sides.reduce((sum, { length }) => sum + length, 0);
  const long = sides.filter(({ length }) => length >= LONG_SIDE * girth).sort((a, b) => b.length - a.length);
  if (long.length === 0) return everyTurn(STEP);
  const turns = [0];
  for (const { turn } of long) {
    const isNew = turns.every((other) => Math.min(Math.abs(turn - other), 90 - Math.abs(turn - other)) > SAME_ANGLE);
    if (isNew && turns.length <= MOST_SIDES) turns.push(turn);
  }
  return turns.flatMap((turn) => [turn, turn + 90, turn + 180, turn + 270]);
}

/** Angles at which an outline fits that is longer than every sheet, evenly spread. */
export function turnsAskew(piece: SheetPiece, fits: (turn: number) => boolean): readonly number[] {
  if (piece.shape !== 'outline' || !piece.rotatable) return rightTurns(piece);
  const all = everyTurn(FINE_STEP).filter(fits);
  const step = Math.max(1, all.length / MOST_ASKEW);
  return Array.from({ length: Math.min(all.length, MOST_ASKEW) }, (_, at) => all[Math.floor((at + 0.5) * step)] ?? 0);
}

const everyTurn = (step: number) => Array.from({ length: 360 / step }, (_, at) => at * step);

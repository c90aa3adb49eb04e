// Outlines on a fixed set of sheets, turned by any angle: overlaps are taken down in place and angle.
import { meanPoint } from '../../geometry/convex-polygon.ts';
import { type IndexedSheets, shapeOf } from './indexed-sheets.ts';
import type { BlankKind, LaidBlank } from './lay-sheet.ts';
import { type OverlapTerms, placeByOverlap, type SoftPlate } from './overlap-search.ts';
import type { SheetProblem } from './sheet-problem.ts';
import { type TurnedBlank, type TurningKind, turningModel } from './turning-relaxation.ts';

/** Blanks where a search starts: by sheet, and those without a place. */
export interface OutlineStart {
  readonly laid: readonly (readonly LaidBlank[])[];
  readonly rest: readonly LaidBlank[];
}

/** Blanks by sheet, and the kinds with the new angles behind those that were known. */
export interface TurnedOutlines {
  readonly laid: readonly (readonly LaidBlank[])[];
  readonly kinds: IndexedSheets;
}

/** Whether an outline of the problem may turn by any angle. */
export function canTurnFreely({ pieces }: SheetProblem): boolean {
  return pieces.some((piece) => piece.shape === 'outline' && piece.rotatable && piece.count > 0);
}

/**
 * @param half    half the gap and a hair, mm
 * @param plates  insides of the sheets, less what the outermost blanks do not need
 * @returns null where some overlap was left
 */
export function placeTurned(
  { pieces }: SheetProblem,
  kinds: IndexedSheets,
  half: number,
  plates: readonly SoftPlate[],
  start: OutlineStart,
  terms: OverlapTerms,
): TurnedOutlines | null {
  const turning = kinds.kinds.map((kind, index) => {
    const piece = pieces[index];
    return turningKind(kind, piece?.shape === 'outline' && piece.rotatable);
  });
  const turned = ({ kind, way, x, y }: LaidBlank): TurnedBlank => {
    const angle = ((kinds.kinds[kind]?.turns[way] ?? 0) * Math.PI) / 180;
    const middle = boxMiddle(turning[kind], angle);
    return { kind, angle, x: x - middle.x, y: y - middle.y };
  };
  const model = turningModel(turning, half);
  const soft = { laid: start.laid.map((own) => own.map(turned)), rest: start.rest.map(turned) };
  const found = placeByOverlap(model, plates, soft, terms);
  if (!found) return null;
  const grown = kinds.kinds.map(({ turns, ways }) => ({ turns: [...turns], ways: [...ways] }));
  const laid = found.map((own) =>
    own.map(({ kind, angle, x, y }): LaidBlank => {
      const middle = boxMiddle(turning[kind], angle);
      return { kind, way: wayAt(kind, angle), x: x + middle.x, y: y + middle.y };
    }),
  );
  return {
    laid,
    kinds: { ...kinds, kinds: kinds.kinds.map((kind, index) => ({ ...kind, ...grown[index] })) },
  };

  /** The way of an angle; a new one is added. */
  function wayAt(kind: number, angle: number): number {
    const { turns, ways } = grown[kind] ?? { turns: [], ways: [] };
    const degrees = ((((angle * 180) / Math.PI) % 360) + 360) % 360;
    const known = turns.findIndex((turn) => turn === degrees || Math.abs(turn - degrees) < SAME_ANGLE);
    const piece = pieces[kind];
    if (known >= 0 || !piece) return Math.max(0, known);
    turns.push(degrees);
    ways.push(shapeOf(piece, degrees));
    return turns.length - 1;
  }
}

/** Angles that rounding errors keep apart, degrees. */
const SAME_ANGLE = 1e-11;

function turningKind(
  { ways, turns }: BlankKind & { readonly turns: readonly number[] },
  canTurn: boolean,
): TurningKind {
  const [shape] = ways;
  const corners = shape?.parts.flat() ?? [];
  const mean = meanPoint(corners);
  const first = turns[0] ?? 0;
  const radius = shape?.radius ?? 0;
  const own = (shape?.parts ?? []).map((part) =>
    Float64Array.from(part.flatMap(({ x, y }) => [x - mean.x, y - mean.y])),
  );
  const reach = Math.max(...corners.map(({ x, y }) => Math.hypot(x - mean.x, y - mean.y))) + radius;
  return { parts: own, radius, reach, canTurn, angles: turns.map((turn) => ((turn - first) * Math.PI) / 180) };
}

/** Middle of the bounding box at an angle, from the middle that the blank turns about. */
function boxMiddle(kind: TurningKind | undefined, angle: number): { readonly x: number; readonly y: number } {
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
  const [xs, ys]: [number[], number[]] = [[], []];
  for (const part of kind?.parts ?? [])
    for (let at = 0; at < part.length; at += 2) {
      const [x = 0, y = 0] = [part[at], part[at + 1]];
      xs.push(x * cos - y * sin);
      ys.push(x * sin + y * cos);
    }
  return { x: (Math.min(...xs) + Math.max(...xs)) / 2, y: (Math.min(...ys) + Math.max(...ys)) / 2 };
}

// The pieces of a sheet problem as shapes, with small blanks nested in the holes of washers.
import { convexDecomposition } from '../../geometry/convex-decomposition.ts';
import { convexHull, type Point, polygonArea } from '../../geometry/convex-polygon.ts';
import type { Shape } from '../../geometry/no-fit-polygon.ts';
import { rightTurns } from './blank-turns.ts';
import type { BlankKind, Plate } from './lay-sheet.ts';
import type { SheetPiece, SheetProblem } from './sheet-problem.ts';

/** A blank that is cut from the middle of another. */
interface Nested {
  /** Indices of pieces. */
  readonly washer: number;
  readonly disc: number;
  readonly count: number;
}

/** The kinds of blanks of a problem. */
export interface IndexedSheets {
  /** One for each piece, in their order; nested pieces count only as far as they are not nested. */
  readonly kinds: readonly (BlankKind & {
    readonly areaMm2: number;
    /** Degrees of each way it may lie. */
    readonly turns: readonly number[];
  })[];
  readonly nested: readonly Nested[];
}

/**
 * Indexes the pieces of a problem.
 * @param gap     between blanks, mm
 * @param turnsOf  degrees a piece is turned by in each orientation
 */
export function indexSheets(
  pieces: readonly SheetPiece[],
  gap: number,
  turnsOf: (piece: SheetPiece) => readonly number[] = rightTurns,
): IndexedSheets {
  const nested = nestedIn(pieces, gap);
  return {
    kinds: pieces.map((piece, index) => {
      const turns = turnsOf(piece);
      return {
        turns,
        ways: turns.map((degrees) => shapeOf(piece, degrees)),
        areaMm2: areaMm2Of(piece),
        count: piece.count - nested.reduce((sum, { disc, count }) => sum + (disc === index ? count : 0), 0),
      };
    }),
    nested,
  };
}

/** The sheet of an index as it is filled. */
export function plateOf({ sheets, gap, margin }: SheetProblem, index: number): Plate {
  const { width = 0, height = 0 } = sheets[index] ?? {};
  return { width, height, gap, margin };
}

/** The shape of a piece as it lies. */
export function shapeOf(piece: SheetPiece, degrees: number): Shape {
  if (piece.shape === 'disc') return roundShape(piece.diameter);
  if (piece.shape === 'washer') return roundShape(piece.outside);
  const corners =
    piece.shape === 'rect'
      ? [
          { x: 0, y: 0 },
          { x: piece.width, y: 0 },
          { x: piece.width, y: piece.height },
          { x: 0, y: piece.height },
        ]
      : piece.points.map(([x, y]) => ({ x, y }));
  const parts = convexDecomposition(corners);
  return cornered(parts.map((part) => part.map((corner) => turned(corner, degrees))));
}

function roundShape(diameter: number): Shape {
  return { parts: [[{ x: 0, y: 0 }]], radius: diameter / 2, width: diameter, height: diameter };
}

function cornered(parts: readonly (readonly Point[])[]): Shape {
  const [xs, ys] = [parts.flat().map(({ x }) => x), parts.flat().map(({ y }) => y)];
  const [left, right, bottom, top] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  const middle = { x: (left + right) / 2, y: (bottom + top) / 2 };
  return {
    parts: parts.map((part) => convexHull(part.map(({ x, y }) => ({ x: x - middle.x, y: y - middle.y })))),
    radius: 0,
    width: right - left,
    height: top - bottom,
  };
}

// Right angles exactly, so that nothing is rounded.
function turned({ x, y }: Point, degrees: number): Point {
  if (degrees === 90) return { x: -y, y: x };
  if (degrees === 180) return { x: -x, y: -y };
  if (degrees === 270) return { x: y, y: -x };
  const angle = (degrees * Math.PI) / 180;
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
  return degrees === 0 ? { x, y } : { x: x * cos - y * sin, y: x * sin + y * cos };
}

/** Area of the blank itself; a washer is cut as its disc. */
function areaMm2Of(piece: SheetPiece): number {
  if (piece.shape === 'rect') return piece.width * piece.height;
  if (piece.shape === 'outline') return polygonArea(piece.points.map(([x, y]) => ({ x, y })));
  return (Math.PI / 4) * (piece.shape === 'disc' ? piece.diameter : piece.outside) ** 2;
}

// Each hole takes the largest disc that fits and is still wanted: a larger one saves more of the sheet.
function nestedIn(pieces: readonly SheetPiece[], gap: number): Nested[] {
  const left = pieces.map(({ count }) => count);
  const bySize = (of: (piece: SheetPiece) => number) =>
    pieces.map((_piece, index) => index).sort((a, b) => sizeAt(pieces, b, of) - sizeAt(pieces, a, of) || a - b);
  const washers = bySize((piece) => (piece.shape === 'washer' ? piece.inside : 0));
  const discs = bySize((piece) => (piece.shape === 'disc' ? piece.diameter : 0));
  return washers.flatMap((washer): Nested[] => {
    const ring = pieces[washer];
    if (ring?.shape !== 'washer') return [];
    let middles = ring.count;
    return discs.flatMap((disc): Nested[] => {
      const piece = pieces[disc];
      if (piece?.shape !== 'disc' || piece.diameter + 2 * gap > ring.inside + 1e-9) return [];
      const count = Math.min(middles, left[disc] ?? 0);
      middles -= count;
      left[disc] = (left[disc] ?? 0) - count;
      return count > 0 ? [{ washer, disc, count }] : [];
    });
  });
}

function sizeAt(pieces: readonly SheetPiece[], index: number, of: (piece: SheetPiece) => number): number {
  const piece = pieces[index];
  return piece ? of(piece) : 0;
}

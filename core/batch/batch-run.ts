// The lines of a batch with their pieces, and one piece in one size as it is made.
import type { Figure } from '../figure/figure.ts';
import { sizesOf } from '../piece/all-sizes.ts';
import type { Piece } from '../piece/piece.ts';
import type { PieceCount } from '../price/piece/count-piece.ts';
import type { BatchLine, BatchUnit } from './batch.ts';

/** A line of the batch with the revision of the piece it is made from. */
export interface MadeLine {
  readonly line: BatchLine;
  readonly piece: Piece;
}

/** A line with its piece; where its units are measured one by one, they are the sizes of the piece. */
export function madeLine(line: BatchLine, piece: Piece): MadeLine {
  return { line, piece: line.units.length > 0 ? pieceInUnits(piece, line.units) : piece };
}

/** `Barometer brooch`; of several pieces the first and the number of the others. */
export function nameOfLines(made: readonly MadeLine[]): string {
  const [first, ...more] = made;
  const name = first?.piece.name.trim() || 'Unnamed piece';
  return more.length > 0 ? `${name} and ${String(more.length)} more` : name;
}

const known = new WeakMap<readonly BatchUnit[], { readonly of: Piece; readonly made: Piece }>();

function pieceInUnits(piece: Piece, units: readonly BatchUnit[]): Piece {
  const before = known.get(units);
  if (before?.of === piece) return before.made;
  const usual = sizesOf(piece)[0]?.values ?? {};
  const rows = units.map(({ id, name, values }, index) => {
    const typed = Object.entries(values).filter(([, text]) => text.trim() !== '');
    return {
      id,
      name: [`no. ${String(index + 1)}`, name.trim()].filter(Boolean).join(' '),
      values: { ...usual, ...Object.fromEntries(typed) },
    };
  });
  const made = { ...piece, sizes: { ...piece.sizes, rows, patterns: [] } };
  known.set(units, { of: piece, made });
  return made;
}

/** One piece in one size. */
export interface BatchRun {
  readonly line: BatchLine;
  readonly piece: Piece;
  /** Id of the size; '' for a piece without sizes. */
  readonly size: string;
  /** The piece's name, with the size where the piece has several. */
  readonly name: string;
  /** Good pieces wanted. */
  readonly quantity: number;
  readonly start: Figure;
  readonly count: PieceCount;
}

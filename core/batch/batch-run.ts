// The lines of a batch with their pieces, and one piece in one size as it is made.
import type { Figure } from '../figure/figure.ts';
import type { Piece } from '../piece/piece.ts';
import type { PieceCount } from '../price/piece/count-piece.ts';
import type { BatchLine } from './batch.ts';

/** A line of the batch with the revision of the piece it is made from. */
export interface MadeLine {
  readonly line: BatchLine;
  readonly piece: Piece;
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

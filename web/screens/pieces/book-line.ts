// One line of the book: a piece with its count, and how its price stands.
import type { PieceDocument } from '../../../contract/pieces.ts';
import type { PieceCount } from '../../../core/price/count.ts';
import type { PriceStanding } from '../../../core/price/standing.ts';

export interface BookLine {
  readonly piece: PieceDocument;
  /** Of the draft where there is one. */
  readonly count: PieceCount;
  readonly accepted: PieceCount;
  readonly standing: PriceStanding | null;
}

export function titleOf({ body }: Pick<PieceDocument, 'body'>): string {
  return body.name.trim() || 'Unnamed piece';
}

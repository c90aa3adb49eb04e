// One line of the list of pieces: a piece with its count, and the state of its price.
import type { PieceDocument } from '../../contract/pieces.ts';
import type { Figure } from '../../core/figure/figure.ts';
import type { PieceCount } from '../../core/price/piece/count-piece.ts';
import type { PriceStanding } from '../../core/price/piece/standing.ts';

export interface BookLine {
  readonly piece: PieceDocument;
  /** Of the draft, where there is one. */
  readonly count: PieceCount;
  readonly accepted: PieceCount;
  /** The selling price: as set last, otherwise by the price rule. */
  readonly sells: { readonly wholesale: Figure; readonly retail: Figure };
  readonly standing: PriceStanding | null;
}

export function titleOf({ body }: Pick<PieceDocument, 'body'>): string {
  return body.name.trim() || 'Unnamed piece';
}

// Accepts a piece as its next revision, with its prices.
import type { DocumentOf } from '../../contract/document.ts';
import { blocks } from '../../core/measure/issue.ts';
import type { Piece } from '../../core/piece/piece.ts';
import { followsRule } from '../../core/price/book/repricing.ts';
import { countPiece } from '../../core/price/piece/count-piece.ts';
import type { Priced } from '../../core/price/piece/standing.ts';
import type { Stores } from '../store/stores.ts';
import { currentBasis } from './basis.ts';
import { refuseIssues, refuseStops } from './refuse.ts';

/** @throws NotAcceptable when anything in the piece cannot be computed */
export function acceptPiece(stores: Stores, id: string, version: number): DocumentOf<Piece> {
  return stores.inTransaction(() => {
    const before = stores.pieces.get(id).revision;
    const worth: Priced[] = [];
    const { revision } = stores.pieces.accept(id, version, (piece) => {
      const priced = pricedPiece(stores, piece);
      worth.push(priced);
      return priced;
    });
    const [priced] = worth;
    if (priced && revision > before && followsRule(stores.prices.last(id)))
      stores.prices.add({ ...priced, pieceId: id, how: 'accepted', why: `version ${String(revision)} saved` });
    return stores.pieces.get(id);
  });
}

/** Cost and prices of a piece by the rule. @throws NotAcceptable when anything in the piece cannot be computed */
export function pricedPiece(stores: Stores, piece: Piece): Priced {
  const { rates, fix } = currentBasis(stores);
  const { problems, column, prices } = countPiece(piece, rates, fix);
  const named = piece.name.trim() ? [] : [{ path: 'name', sentence: 'Give the piece a name before accepting it.' }];
  refuseIssues([...named, ...problems.filter(blocks)], 'This version can’t be saved yet.');
  refuseStops(piece, rates);
  return {
    currency: rates.currency,
    fixOn: fix?.on ?? null,
    costMinor: column.cost.value,
    wholesaleMinor: prices.wholesale.value,
    retailMinor: prices.retail.value,
    how: 'accepted',
    sizes: {},
  };
}

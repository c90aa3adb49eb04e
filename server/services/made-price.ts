// The price of a finished piece.
import { roundHalfAwayFromZero } from '../../core/figure/round-money.ts';
import type { MadeItem } from '../../core/made/made-item.ts';
import { sizesOf } from '../../core/piece/all-sizes.ts';
import { countPiece } from '../../core/price/piece/count-piece.ts';
import { retailInSize } from '../../core/price/piece/standing.ts';
import type { Stores } from '../store/stores.ts';
import { currentBasis } from './basis.ts';

/** The set price of a finished piece, minor units; null where none is set. */
export function setPrice(stores: Stores, { pieceId, size: typed }: MadeItem, isWholesale: boolean): number | null {
  const piece = stores.pieces.list().find(({ id }) => id === pieceId);
  if (!piece) return null;
  const { rates, fix } = currentBasis(stores);
  const { accepted, body, priced } = piece;
  const made = accepted ?? body;
  const sizes = sizesOf(made);
  // A size that the design has no more is priced as the first.
  const size = sizes.some(({ id }) => id === typed) ? typed : (sizes[0]?.id ?? '');
  const { prices } = countPiece(made, rates, fix, { size });
  if (isWholesale)
    return priced?.currency === rates.currency ? priced.wholesaleMinor : roundHalfAwayFromZero(prices.wholesale.value);
  return roundHalfAwayFromZero(retailInSize(priced, made, size, prices).value);
}

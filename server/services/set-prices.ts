// Sets prices of pieces.
import type { NewPrices, PriceEntry } from '../../contract/prices.ts';
import { belowCostIssue, isBelowCost } from '../../core/price/book/below-cost.ts';
import { countPiece } from '../../core/price/piece/count-piece.ts';
import type { Stores } from '../store/stores.ts';
import { currentBasis } from './basis.ts';
import { refuseIssues } from './refuse.ts';

/**
 * Sets prices, all of them or none.
 * @throws NotAcceptable when a price lies below its cost and has no reason; NotThere
 */
export function setPrices(stores: Stores, { how, why, prices }: NewPrices): PriceEntry[] {
  const { rates, fix } = currentBasis(stores);
  return stores.inTransaction(() =>
    prices.map(({ pieceId, ...asked }, index) => {
      const { accepted, body: draft } = stores.pieces.get(pieceId);
      const body = accepted ?? draft;
      const costOf = (size?: string) => countPiece(body, rates, fix, { size }).column.cost.value;
      if (isBelowCost(asked, costOf) && !why.trim() && how !== 'undone')
        refuseIssues(
          [belowCostIssue(body.name, `prices.${String(index)}.wholesaleMinor`)],
          'These prices were not saved.',
        );
      return stores.prices.add({
        pieceId,
        currency: rates.currency,
        wholesaleMinor: asked.wholesaleMinor,
        retailMinor: asked.retailMinor,
        costMinor: costOf(),
        fixOn: fix?.on ?? null,
        how,
        why,
        sizes: asked.sizes ?? stores.prices.last(pieceId)?.sizes ?? {},
      });
    }),
  );
}

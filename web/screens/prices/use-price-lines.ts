// The lines of the price book at moved metal prices.
import { useMemo } from 'react';
import type { PieceDocument } from '../../../contract/pieces.ts';
import type { FixMetal } from '../../../core/metal/fine-price.ts';
import { type PriceLine, priceLine } from '../../../core/price/book/price-book.ts';
import { finePrices, type Valuation } from '../../../core/price/book/valuation.ts';
import { useBasis } from '../../hooks/use-basis.ts';

export interface BookPrice {
  readonly piece: PieceDocument;
  readonly title: string;
  readonly line: PriceLine;
  /** Why it cannot be computed in full; null when it can. */
  readonly problem: string | null;
}

/** How far the metal prices are moved: a share, of one metal or of all. */
export interface MetalMove {
  readonly metal: FixMetal | 'all';
  readonly share: number;
}

export const noMove: MetalMove = { metal: 'all', share: 0 };

/** @param valuations  in the order of the pieces, as many as are computed; a piece without one is left out */
export function usePriceLines(
  pieces: readonly PieceDocument[],
  valuations: readonly (Valuation | null)[],
  { metal, share }: MetalMove,
  channelId: string,
): readonly BookPrice[] {
  const { rates, fix } = useBasis();
  return useMemo(() => {
    if (!fix) return [];
    const channel = rates.selling.channels.find(({ id }) => id === channelId) ?? null;
    const prices = Object.fromEntries(
      Object.entries(finePrices(fix)).map(([of, price]) => [
        of,
        metal === 'all' || metal === of ? price * (1 + share) : price,
      ]),
    );
    return pieces.flatMap((piece, index): BookPrice[] => {
      const valuation = valuations[index];
      if (!valuation) return [];
      const title = (piece.accepted ?? piece.body).name.trim() || 'Unnamed piece';
      return [
        { piece, title, problem: valuation.problem, line: priceLine(valuation, piece.priced, rates, prices, channel) },
      ];
    });
  }, [pieces, valuations, metal, share, channelId, rates, fix]);
}

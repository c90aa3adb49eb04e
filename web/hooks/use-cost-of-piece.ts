// Cost, price and name of a piece by its id.
import { useCallback, useMemo } from 'react';
import type { PieceDocument } from '../../contract/pieces.ts';
import type { Figure } from '../../core/figure/figure.ts';
import { retailInSize } from '../../core/price/piece/standing.ts';
import { useGetPiecesQuery } from '../state/endpoints/pieces.ts';
import { pieceCount } from '../state/piece-count.ts';
import { useBasis } from './use-basis.ts';

const NO_PIECES: readonly PieceDocument[] = [];

function usePiecesById(): ReadonlyMap<string, PieceDocument> {
  const { data = NO_PIECES } = useGetPiecesQuery();
  return useMemo(() => new Map(data.map((piece) => [piece.id, piece])), [data]);
}

/** @returns the cost of a piece in its usual batch, minor units; null for an unknown piece */
export function useCostOfPiece(): (piece: string) => Figure | null {
  const pieces = usePiecesById();
  const basis = useBasis();
  return useCallback(
    (id) => {
      const piece = pieces.get(id);
      return piece ? pieceCount(piece.accepted ?? piece.body, basis).column.cost : null;
    },
    [pieces, basis],
  );
}

/**
 * @returns the retail price of a piece in a size, minor units: the set price, otherwise by the price rule; null for an
 *   unknown piece
 */
export function useRetailOfPiece(): (piece: string, size: string) => Figure | null {
  const pieces = usePiecesById();
  const basis = useBasis();
  return useCallback(
    (id, size) => {
      const piece = pieces.get(id);
      if (!piece) return null;
      const body = piece.accepted ?? piece.body;
      return retailInSize(piece.priced, body, size, pieceCount(body, basis, size).prices);
    },
    [pieces, basis],
  );
}

/** Pieces to choose from, by name. */
export function usePieceOptions(blank: string): { readonly value: string; readonly label: string }[] {
  const { data = NO_PIECES } = useGetPiecesQuery();
  return useMemo(
    () => [
      { value: '', label: blank },
      ...data
        .filter(({ archivedAt }) => archivedAt === null)
        .map(({ id, body }) => ({ value: id, label: body.name.trim() || 'Unnamed piece' })),
    ],
    [data, blank],
  );
}

// What is known of each design before saying what to make.
import { useMemo } from 'react';
import { isDone } from '../../core/batch/batch.ts';
import { designStanding } from '../../core/made/design-standing.ts';
import type { DesignStanding } from '../../core/made/make-next.ts';
import { readCount } from '../../core/measure/read/read-number.ts';
import { useGetBatchesQuery } from '../state/endpoints/batches.ts';
import { useGetPiecesQuery } from '../state/endpoints/pieces.ts';
import { pieceCount } from '../state/piece-count.ts';
import { useBasis } from './use-basis.ts';
import { useFairDays } from './use-fair-days.ts';
import type { Made } from './use-made.ts';
import { useNow } from './use-now.ts';

/** Designs that were made or sold, one by one: singles are not planned. */
export function useStandings({ items, entries, outlets }: Made): readonly DesignStanding[] {
  const { data: pieces } = useGetPiecesQuery();
  const { data: batches } = useGetBatchesQuery();
  const basis = useBasis();
  const fairs = useFairDays();
  const { day } = useNow();
  return useMemo(() => {
    const { rates } = basis;
    const places = { channels: rates.selling.channels, outlets, fairs };
    const known = new Set(items.filter(({ isSingle }) => !isSingle).map(({ pieceId }) => pieceId));
    return (pieces ?? [])
      .filter(({ id, archivedAt }) => known.has(id) && !archivedAt)
      .map(({ id, accepted, body }) => {
        const piece = accepted ?? body;
        const onTheWay = new Map<string, number>();
        for (const { batch } of batches ?? []) {
          if (isDone(batch.body) || !['stock', 'fair'].includes(batch.body.kind)) continue;
          for (const { pieceId, quantities } of batch.body.lines)
            if (pieceId === id)
              for (const [size, typed] of Object.entries(quantities)) {
                const quantity = readCount(typed, 0);
                onTheWay.set(size, (onTheWay.get(size) ?? 0) + (quantity.ok ? quantity.value : 0));
              }
        }
        const count = pieceCount(piece, basis);
        return designStanding({ pieceId: id, piece, count, rates, items, entries, places, onTheWay, day });
      });
  }, [items, entries, outlets, fairs, pieces, batches, basis, day]);
}

// Which finished pieces at a place answer a list of wanted designs and sizes.
import type { MadeBalance } from './made-balance.ts';
import type { MadeItem } from './made-item.ts';
import type { MadePlace } from './made-place.ts';

/** Pieces of a design in a size that are wanted. */
export interface WantedPieces {
  readonly pieceId: string;
  /** Id of the size; '' without sizes. */
  readonly size: string;
  readonly count: number;
}

/** Good pieces at a place that answer the list, the oldest version first; fewer where fewer are there. */
export function picksFor(
  wanted: readonly WantedPieces[],
  held: readonly MadeBalance[],
  itemOf: ReadonlyMap<string, MadeItem>,
  place: MadePlace,
): MadeBalance[] {
  const left = new Map(
    held.filter((one) => one.place === place && one.grade === 'good').map((one) => [one.item, one.count]),
  );
  const picked = new Map<string, number>();
  for (const { pieceId, size, count } of wanted) {
    let open = count;
    const fitting = [...left.keys()]
      .flatMap((id) => itemOf.get(id) ?? [])
      .filter((item) => item.pieceId === pieceId && item.size === size)
      .sort((a, b) => a.number - b.number);
    for (const { id } of fitting) {
      const own = Math.min(open, left.get(id) ?? 0);
      if (own <= 0) continue;
      open -= own;
      left.set(id, (left.get(id) ?? 0) - own);
      picked.set(id, (picked.get(id) ?? 0) + own);
    }
  }
  return [...picked].map(([item, count]) => ({ item, count, place, grade: 'good' }));
}

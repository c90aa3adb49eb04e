// Enumerates every cutting pattern of a small problem.
import { type IndexedBars, type Pattern, takenBy } from './indexed-bars.ts';

/**
 * All sets of pieces that fit a bar; bars of equal room share them.
 * @returns null when there are more than `most`
 */
export function allPatterns(bars: IndexedBars, most: number): Pattern[] | null {
  const rooms = [...new Set(bars.stock.map(({ room }) => room))];
  const longest = Math.max(...rooms);
  const sets: { cuts: readonly number[]; taken: number }[] = [];
  const cuts = bars.pieces.map(() => 0);
  // Depth first, piece by piece; false once there are too many.
  const go = (index: number, free: number): boolean => {
    const piece = bars.pieces[index];
    if (!piece) {
      if (cuts.some((count) => count > 0)) sets.push({ cuts: [...cuts], taken: takenBy(bars, cuts) });
      return sets.length <= most;
    }
    const fits = Math.min(piece.count, Math.floor(free / piece.takes));
    for (let count = 0; count <= fits; count += 1) {
      cuts[index] = count;
      if (!go(index + 1, free - count * piece.takes)) return false;
    }
    cuts[index] = 0;
    return true;
  };
  if (!go(0, longest)) return null;
  const patterns = bars.stock.flatMap(({ room, count }, stock) =>
    count > 0 ? sets.filter(({ taken }) => taken <= room).map((set): Pattern => ({ stock, cuts: set.cuts })) : [],
  );
  return patterns.length <= most ? patterns : null;
}

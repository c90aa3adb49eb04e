// Trims patterns that make more than is wanted.
import { downsized } from './first-fit-decreasing.ts';
import { consumedBy, type IndexedBars, type Pattern, takenBy } from './indexed-bars.ts';

/** @returns the same bars without the surplus: none is empty, and each is the cheapest that will do */
export function trimPatterns(bars: IndexedBars, patterns: readonly Pattern[]): readonly Pattern[] {
  const rows = patterns.map(({ stock, cuts }) => ({ stock, cuts: [...cuts] }));
  bars.pieces.forEach(({ count }, piece) => {
    let surplus = rows.reduce((sum, { cuts }) => sum + (cuts[piece] ?? 0), 0) - count;
    for (; surplus > 0; surplus -= 1) {
      const holders = rows.filter(({ cuts }) => (cuts[piece] ?? 0) > 0);
      const best = holders.map((row) => ({ row, rank: rankOfRemoval(bars, row, piece) })).sort(byRank)[0];
      if (best) best.row.cuts[piece] = (best.row.cuts[piece] ?? 0) - 1;
    }
  });
  return downsized(
    bars,
    rows.filter(({ cuts }) => cuts.some((count) => count > 0)),
  );
}

interface Rank {
  /** µm saved. */
  readonly saves: number;
  /** µm used in the bar: the emptier it is, the sooner it is not needed. */
  readonly left: number;
}

function rankOfRemoval(bars: IndexedBars, { stock, cuts }: Pattern, piece: number): Rank {
  const without = cuts.map((count, index) => (index === piece ? count - 1 : count));
  const isEmpty = without.every((count) => count === 0);
  const after = isEmpty ? 0 : consumedBy(bars, { stock, cuts: without });
  return { saves: consumedBy(bars, { stock, cuts }) - after, left: takenBy(bars, without) };
}

function byRank(a: { readonly rank: Rank }, b: { readonly rank: Rank }): number {
  return b.rank.saves - a.rank.saves || a.rank.left - b.rank.left;
}

// The most valuable pieces that fit a room, for every room at once: it prices new cutting patterns.

import { greatestCommonDivisor } from '../../measure/gcd.ts';

/** Most cells of the table. Finer problems use a coarser grid, rounded to the safe side. */
export const FINE_CELLS = 30_000;
/** A quick grid, fine enough to find most patterns. */
export const COARSE_CELLS = 4000;

/** The solution for every room. */
export interface Knapsack {
  /** The most that a room can hold; on the coarse grid of a bound never less than that. */
  readonly worth: (room: number) => number;
  /** Number of each item in it. */
  readonly chosen: (room: number) => number[];
}

interface Item {
  /** µm */
  readonly takes: number;
  /** Most of this item. */
  readonly count: number;
}

/** The grid of the table. */
export interface Grid {
  /** Width of a cell, µm. */
  readonly step: number;
  /** Whether every length is a whole number of cells. */
  readonly isExact: boolean;
}

/** @param lengths  of all pieces, µm */
export function gridFor(lengths: readonly number[], mostRoom: number, mostCells: number): Grid {
  const common = greatestCommonDivisor(lengths);
  if (mostRoom / common <= mostCells) return { step: common, isExact: true };
  return { step: Math.ceil(mostRoom / mostCells), isExact: false };
}

/**
 * Bounded knapsack by dynamic programming; counts are split into powers of two.
 * @param worths  of one of each item; items without value are left out
 * @param rounds  `up`: the chosen pieces fit; `down`: no pieces that fit are worth more, for a bound
 */
export function knapsack(
  items: readonly Item[],
  worths: readonly number[],
  mostRoom: number,
  { step }: Grid,
  rounds: 'up' | 'down',
): Knapsack {
  const cells = rounds === 'up' ? Math.floor(mostRoom / step) : Math.ceil(mostRoom / step);
  const best = new Float64Array(cells + 1);
  const always = items.map(() => 0);
  const layers: { item: number; times: number; size: number; taken: Uint8Array }[] = [];
  items.forEach(({ takes, count }, item) => {
    const worth = worths[item] ?? 0;
    if (!(worth > 1e-12)) return;
    const size = rounds === 'up' ? Math.ceil(takes / step) : Math.floor(takes / step);
    if (size === 0) {
      // Shorter than a cell: for a bound it takes no room.
      always[item] = count;
      best.forEach((sum, cell) => (best[cell] = sum + count * worth));
      return;
    }
    let left = Math.min(count, Math.floor(cells / size));
    for (let times = 1; left > 0; times *= 2) {
      const many = Math.min(times, left);
      left -= many;
      const taken = new Uint8Array(cells + 1);
      const [room, gain] = [many * size, many * worth];
      for (let cell = cells; cell >= room; cell -= 1) {
        const with_ = (best[cell - room] ?? 0) + gain;
        if (with_ > (best[cell] ?? 0) + 1e-12) {
          best[cell] = with_;
          taken[cell] = 1;
        }
      }
      layers.push({ item, times: many, size, taken });
    }
  });
  const cellOf = (room: number) =>
    Math.max(0, Math.min(cells, rounds === 'up' ? Math.floor(room / step) : Math.ceil(room / step)));
  return {
    worth: (room) => (room < 0 ? 0 : (best[cellOf(room)] ?? 0)),
    chosen: (room) => {
      const counts = [...always];
      let cell = cellOf(room);
      for (const { item, times, size, taken } of layers.toReversed()) {
        if (taken[cell] !== 1) continue;
        counts[item] = (counts[item] ?? 0) + times;
        cell -= times * size;
      }
      return counts;
    },
  };
}

// The bar problem in cells of a grid: pieces rounded up, rooms rounded down, so that what fits in cells fits.
import type { IndexedBars } from './indexed-bars.ts';
import { gridFor } from './knapsack.ts';

/** Lengths in cells. */
export interface BarCells {
  /** µm of a cell. */
  readonly step: number;
  /** Whether all lengths are whole cells. */
  readonly isExact: boolean;
  /** By piece. */
  readonly sizes: readonly number[];
  /** By stock. */
  readonly rooms: readonly number[];
}

/** Finer grids make bits slow. */
const MOST_CELLS = 60_000;

/** @returns the grid of a problem: exact where its lengths have a common step that is not too fine */
export function barCells({ pieces, stock }: IndexedBars): BarCells {
  const rooms = stock.map(({ room }) => room);
  const lengths = [...pieces.map(({ takes }) => takes), ...rooms, ...stock.map(({ length }) => length)];
  const { step, isExact } = gridFor(lengths, Math.max(...rooms), MOST_CELLS);
  return {
    step,
    isExact,
    sizes: pieces.map(({ takes }) => Math.ceil(takes / step)),
    rooms: rooms.map((room) => Math.floor(room / step)),
  };
}

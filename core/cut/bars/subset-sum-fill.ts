// Fills a choice of whole bars by bounded subset sums: each bar takes the pieces that come nearest to its length. With
// many sizes most bars come out full, so only the total has to fit.
import type { IndexedBars, Pattern } from './indexed-bars.ts';
import { FINE_CELLS, gridFor } from './knapsack.ts';

/** Random factor of a length in the order in which pieces are tried. */
const STRAY = 0.5;

/**
 * @param chosen  number of bars of each stock
 * @param random  uniform in [0, 1); null: the longest pieces and the shortest bars first
 * @returns whole bars that make exactly what is wanted; null when they do not hold it in this order
 */
export function subsetSumFill(
  bars: IndexedBars,
  chosen: readonly number[],
  random: (() => number) | null,
): readonly Pattern[] | null {
  const rank = () => (random ? 1 + STRAY * (2 * random() - 1) : 1);
  const sorted = <T>(rows: readonly T[], size: (row: T) => number) =>
    rows
      .map((row) => ({ row, size: size(row) * rank() }))
      .sort((a, b) => a.size - b.size)
      .map(({ row }) => row);
  const pieces = sorted([...bars.pieces.keys()], (piece) => -(bars.pieces[piece]?.takes ?? 0));
  const each = chosen.flatMap((count, stock) => Array<number>(count).fill(stock));
  const longest = [...each].sort((a, b) => roomOf(bars, b) - roomOf(bars, a))[0];
  if (longest === undefined) return null;
  each.splice(each.indexOf(longest), 1);
  const { step } = gridOf(bars);
  const left = bars.pieces.map(({ count }) => count);
  const patterns: Pattern[] = [];
  for (const stock of [...sorted(each, (stock) => roomOf(bars, stock)), longest]) {
    const cuts = nearest(bars, roomOf(bars, stock), left, pieces, step);
    if (cuts.every((count) => count === 0)) continue;
    cuts.forEach((count, piece) => (left[piece] = (left[piece] ?? 0) - count));
    patterns.push({ stock, cuts });
  }
  return left.every((count) => count === 0) ? patterns : null;
}

/** By room, the most that pieces can fill; the room itself where the lengths are too fine for a table. */
export function longestFill(bars: IndexedBars): (room: number) => number {
  const grid = gridOf(bars);
  const longest = Math.max(...bars.stock.map(({ room }) => room));
  if (!grid.isExact) return (room) => room;
  const counts = bars.pieces.map(({ count }) => count);
  const { reached } = reach(bars, longest, counts, [...bars.pieces.keys()], grid.step, 'every room');
  return (room) => {
    let cell = Math.floor(room / grid.step);
    while ((reached[cell] ?? START) === NOT_YET) cell -= 1;
    return cell * grid.step;
  };
}

const NOT_YET = -1;
const START = -2;

/** Number of each piece that leaves the least of the room. */
function nearest(
  bars: IndexedBars,
  room: number,
  left: readonly number[],
  order: readonly number[],
  step: number,
): number[] {
  const { reached, sizes } = reach(bars, room, left, order, step, 'this room');
  const cuts = bars.pieces.map(() => 0);
  let cell = reached.length - 1;
  while (reached[cell] === NOT_YET) cell -= 1;
  while (cell > 0) {
    const piece = reached[cell] ?? 0;
    cuts[piece] = (cuts[piece] ?? 0) + 1;
    cell -= sizes[piece] ?? cell;
  }
  return cuts;
}

// Bounded subset sums by dynamic programming: a cell keeps the piece it was first reached with, so that pieces early in
// the order are used first.
function reach(
  bars: IndexedBars,
  room: number,
  left: readonly number[],
  order: readonly number[],
  step: number,
  sought: 'this room' | 'every room',
) {
  const cells = Math.floor(room / step);
  const reached = new Int16Array(cells + 1).fill(NOT_YET);
  reached[0] = START;
  const used = new Uint32Array(cells + 1);
  const sizes = bars.pieces.map(({ takes }) => Math.ceil(takes / step));
  for (const piece of order) {
    const size = sizes[piece] ?? 0;
    const most = left[piece] ?? 0;
    if (most === 0) continue;
    for (let cell = size; cell <= cells; cell += 1) {
      const before = reached[cell - size] ?? NOT_YET;
      if (reached[cell] !== NOT_YET || before === NOT_YET) continue;
      const times = before === piece ? (used[cell - size] ?? 0) + 1 : 1;
      if (times > most) continue;
      reached[cell] = piece;
      used[cell] = times;
    }
    if (sought === 'this room' && reached[cells] !== NOT_YET) break;
  }
  return { reached, sizes };
}

const roomOf = ({ stock }: IndexedBars, index: number) => stock[index]?.room ?? 0;

function gridOf({ pieces, stock }: IndexedBars) {
  const rooms = stock.map(({ room }) => room);
  return gridFor([...pieces.map(({ takes }) => takes), ...rooms], Math.max(...rooms), FINE_CELLS);
}

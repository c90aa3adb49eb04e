// Exact fill: all pieces into a choice of bars that has hardly any length to spare. Only patterns that waste no more than
// what is spare in all count; where they are few, a search over them finds the fill or proves that there is none.
import type { BarCells } from './bar-cells.ts';
import type { IndexedBars, Pattern } from './indexed-bars.ts';

/** `none`: proved; `many`: too many patterns, or out of time. */
export type Covered =
  { readonly status: 'found'; readonly patterns: readonly Pattern[] } | { readonly status: 'none' | 'many' };

/** A pattern with the cells it leaves. */
interface Fill {
  readonly stock: number;
  readonly cuts: readonly number[];
  readonly waste: number;
}

const MOST_FILLS = 20_000;
const LOOK_EVERY = 64;

/** @param chosen  number of bars of each stock; @param isOver  whether the time is up */
export function exactCover(
  { pieces }: IndexedBars,
  cells: BarCells,
  chosen: readonly number[],
  isOver: () => boolean,
): Covered {
  const wanted = pieces.map(({ count }) => count);
  const need = wanted.reduce((sum, count, piece) => sum + count * (cells.sizes[piece] ?? 0), 0);
  const holds = chosen.reduce((sum, count, stock) => sum + count * (cells.rooms[stock] ?? 0), 0);
  // In coarse cells a piece is longer than it is: then nothing is proved.
  if (holds < need) return { status: cells.isExact ? 'none' : 'many' };
  const fills: Fill[] = [];
  for (const [stock, count] of chosen.entries())
    if (count > 0 && !listFills(stock, cells, wanted, holds - need, fills, isOver)) return { status: 'many' };
  fills.sort((a, b) => a.waste - b.waste);
  const search = new CoverSearch(wanted, [...chosen], isOver);
  const found = search.cover(fills, holds - need);
  if (found) return { status: 'found', patterns: search.taken.map(({ stock, cuts }) => ({ stock, cuts })) };
  return { status: search.isStopped || !cells.isExact ? 'many' : 'none' };
}

/** Adds the patterns of a bar that waste little enough. @returns false where there are too many */
function listFills(
  stock: number,
  { sizes, rooms }: BarCells,
  wanted: readonly number[],
  spare: number,
  fills: Fill[],
  isOver: () => boolean,
): boolean {
  const room = rooms[stock] ?? 0;
  // The longest first: few of them fit, and the short ones fill up.
  const order = [...sizes.keys()].sort((a, b) => (sizes[b] ?? 0) - (sizes[a] ?? 0));
  const isNear = nearlyFilled(order, sizes, wanted, room, spare);
  const cuts = sizes.map(() => 0);
  let looked = 0;
  const go = (at: number, left: number): boolean => {
    if (isNear[at]?.[left] !== 1) return true;
    looked += 1;
    if (looked % LOOK_EVERY === 0 && isOver()) return false;
    const piece = order[at];
    if (piece === undefined) {
      if (left < room) fills.push({ stock, cuts: [...cuts], waste: left });
      return fills.length <= MOST_FILLS;
    }
    const size = sizes[piece] ?? 1;
    for (let count = Math.min(wanted[piece] ?? 0, Math.floor(left / size)); count >= 0; count -= 1) {
      cuts[piece] = count;
      if (!go(at + 1, left - count * size)) return false;
    }
    cuts[piece] = 0;
    return true;
  };
  return go(0, room);
}

/** By place in the order and cells left: whether the pieces still to come can leave no more than what is spare. */
function nearlyFilled(
  order: readonly number[],
  sizes: readonly number[],
  wanted: readonly number[],
  room: number,
  spare: number,
): Uint8Array[] {
  const near: Uint8Array[] = [];
  let reached = new Uint8Array(room + 1);
  reached[0] = 1;
  near[order.length] = within(reached, spare);
  for (let at = order.length - 1; at >= 0; at -= 1) {
    const piece = order[at] ?? 0;
    reached = withPiece(reached, sizes[piece] ?? 1, wanted[piece] ?? 0);
    near[at] = within(reached, spare);
  }
  return near;
}

function withPiece(before: Uint8Array<ArrayBuffer>, size: number, count: number): Uint8Array<ArrayBuffer> {
  const reached = before.slice();
  const used = new Uint16Array(before.length);
  for (let cell = size; cell < reached.length; cell += 1) {
    if (reached[cell] === 1 || reached[cell - size] !== 1 || (used[cell - size] ?? 0) >= count) continue;
    reached[cell] = 1;
    used[cell] = (used[cell - size] ?? 0) + 1;
  }
  return reached;
}

function within(reached: Uint8Array, spare: number): Uint8Array {
  let last = -Infinity;
  return reached.map((is, cell) => {
    if (is === 1) last = cell;
    return cell - last <= spare ? 1 : 0;
  });
}

class CoverSearch {
  readonly taken: Fill[] = [];
  isStopped = false;
  readonly #left: number[];
  readonly #bars: number[];
  readonly #isOver: () => boolean;
  #nodes = 0;

  constructor(wanted: readonly number[], bars: number[], isOver: () => boolean) {
    this.#left = [...wanted];
    this.#bars = bars;
    this.#isOver = isOver;
  }

  /** Branches on the piece with the fewest patterns for each one wanted; patterns that waste least come first. */
  cover(fills: readonly Fill[], spare: number): boolean {
    this.#nodes += 1;
    if (this.#stops()) return false;
    if (this.#left.every((count) => count === 0)) return true;
    const able = fills.filter(
      ({ stock, cuts, waste }) =>
        waste <= spare &&
        (this.#bars[stock] ?? 0) > 0 &&
        cuts.every((count, piece) => count <= (this.#left[piece] ?? 0)),
    );
    const piece = this.#scarcest(able);
    if (piece === null) return false;
    for (const [at, fill] of able.entries()) {
      if ((fill.cuts[piece] ?? 0) === 0) continue;
      this.#take(fill, -1);
      // Patterns of this piece that were tried before need not be tried again below.
      const rest = able.filter((other, place) => place >= at || (other.cuts[piece] ?? 0) === 0);
      if (this.cover(rest, spare - fill.waste)) return true;
      this.#take(fill, 1);
      if (this.#stops()) return false;
    }
    return false;
  }

  #stops(): boolean {
    this.isStopped ||= this.#nodes % LOOK_EVERY === 0 && this.#isOver();
    return this.isStopped;
  }

  /** @returns null where a piece has no pattern left */
  #scarcest(able: readonly Fill[]): number | null {
    let [scarcest, least] = [-1, Infinity];
    for (const [piece, left] of this.#left.entries()) {
      if (left === 0) continue;
      const made = able.reduce((sum, { cuts }) => sum + (cuts[piece] ?? 0), 0);
      if (made === 0) return null;
      if (made / left < least) [scarcest, least] = [piece, made / left];
    }
    return scarcest;
  }

  #take(fill: Fill, by: 1 | -1): void {
    fill.cuts.forEach((count, piece) => (this.#left[piece] = (this.#left[piece] ?? 0) + by * count));
    this.#bars[fill.stock] = (this.#bars[fill.stock] ?? 0) + by;
    if (by < 0) this.taken.push(fill);
    else this.taken.pop();
  }
}

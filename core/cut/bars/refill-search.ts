// Refill search: a few bars are emptied and filled again to the brim, thousands of times a second; worse refills are
// taken as in annealing. First all pieces have to find room in a choice of bars; then as little metal as possible is used.
import type { BarCells } from './bar-cells.ts';
import type { IndexedBars, Pattern } from './indexed-bars.ts';
import { SubsetSums } from './subset-sums.ts';

/* eslint-disable @typescript-eslint/no-non-null-assertion -- indices below their lengths, in the innermost loop there is */

/** Terms of a run. */
export interface RefillTerms {
  /** Share of the time of the run that has passed, 0 to 1; the run ends at 1. */
  readonly passed: () => number;
  /** A result this good ends the run: cells without room, or cells of metal. */
  readonly target: number;
  /** Weight of the uneven rest of the bars, while pieces still lack room. */
  readonly unevenness?: number;
}

/** Most bars refilled at once; the least. */
const [LEAST_BARS, MORE_BARS] = [2, 4];
/** Share of refills with a bar that has waste, and that fill the shortest bars first; in which pieces are mixed singly. */
const WITH_WASTE = 0.7;
const SHORT_FIRST = 0.5;
const MIXED = 0.6;
/** A bar left with more cells than this waits until the others are filled. */
const waits = [0, 1, 3, 10, Infinity] as const;
/** First temperature: as a share of the metal, and of the longest bar; it falls so many times to the last of it. */
const HOT_METAL = 2e-4;
const HOT_ROOM = 0.02;
const TIMES_COOLED = 3;
const COLD = 0.01;
/** The last temperature, cells: a cell too many is hardly ever taken then. */
const COLDEST_CELLS = 0.2;
const LOOK_EVERY = 16;

interface Filled {
  readonly bar: number;
  readonly cuts: Int32Array;
  readonly taken: number;
}

/** Refills of the bars of one choice. */
export class RefillSearch {
  readonly #bars: IndexedBars;
  readonly #cells: BarCells;
  /** By bar: its stock. */
  readonly #stock: readonly number[];
  readonly #random: () => number;
  readonly #sums: SubsetSums;
  readonly #rooms: readonly number[];
  readonly #lengths: readonly number[];
  readonly #keepFrom: number;
  #cuts: Int32Array[];
  readonly #taken: Float64Array;
  #unplaced: Int32Array;
  /** Preference for long pieces, and whether equal pieces are tried apart. */
  #bias = 2;
  #isMixed = false;

  /** @param stock  of each bar that may be used */
  constructor(bars: IndexedBars, cells: BarCells, stock: readonly number[], random: () => number) {
    this.#bars = bars;
    this.#cells = cells;
    this.#stock = stock;
    this.#random = random;
    this.#rooms = stock.map((one) => cells.rooms[one]!);
    this.#lengths = stock.map((one) => Math.floor(bars.stock[one]!.length / cells.step));
    this.#keepFrom = bars.keepFrom / cells.step;
    this.#sums = new SubsetSums(Math.max(0, ...this.#rooms));
    this.#cuts = stock.map(() => new Int32Array(bars.pieces.length));
    this.#taken = new Float64Array(stock.length);
    this.#unplaced = Int32Array.from(bars.pieces, ({ count }) => count);
  }

  /** Puts the patterns of a plan into the bars. @returns false where there is no bar for one */
  load(patterns: readonly Pattern[]): boolean {
    const used = new Set<number>();
    return patterns.every(({ stock, cuts }) => {
      const bar = this.#stock.findIndex((one, at) => one === stock && !used.has(at));
      if (bar < 0) return false;
      used.add(bar);
      this.#put({ bar, cuts: Int32Array.from(cuts), taken: this.#sizeOf(cuts) });
      cuts.forEach((count, piece) => (this.#unplaced[piece]! -= count));
      return true;
    });
  }

  /** Fills all bars, the shortest first. */
  fill(): void {
    const inTurn = [...this.#stock.keys()].sort((a, b) => this.#rooms[a]! - this.#rooms[b]!);
    const pool = this.#unplaced.slice();
    for (const filled of this.#refill(inTurn, pool, Infinity)) this.#put(filled);
    this.#unplaced = pool;
  }

  /** Whether all pieces have room. */
  get isComplete(): boolean {
    return this.#unplaced.every((count) => count === 0);
  }

  /** The bars that are used. */
  patterns(): Pattern[] {
    return this.#cuts
      .map((cuts, bar) => ({ stock: this.#stock[bar]!, cuts: [...cuts] }))
      .filter(({ cuts }) => cuts.some((count) => count > 0));
  }

  /** Looks for room for all pieces. @returns cells of pieces without room in the best try */
  place(terms: RefillTerms): number {
    const { unevenness = 0 } = terms;
    const longest = Math.max(0, ...this.#rooms);
    const rest = (bar: number, taken: number) => (this.#rooms[bar]! - taken) ** 2;
    const slack = this.#rooms.reduce((sum, room, bar) => sum + room - this.#taken[bar]!, 0);
    let current = this.#sizeOf(this.#unplaced);
    return this.#anneal(current, longest * HOT_ROOM, terms, {
      isFree: false,
      change: (refilled, pool) => {
        const after = this.#sizeOf(pool);
        let change = after - current;
        if (unevenness > 0 && slack > 0)
          for (const { bar, taken } of refilled)
            change -= (unevenness * (rest(bar, taken) - rest(bar, this.#taken[bar]!))) / slack;
        return { change, value: after };
      },
      accepted: (value) => (current = value),
    });
  }

  /** Looks for less metal, with all pieces placed. @returns cells of metal in the best try */
  saveMetal(terms: RefillTerms): number {
    let current = this.#stock.reduce((sum, _stock, bar) => sum + this.#consumed(bar, this.#taken[bar]!), 0);
    return this.#anneal(current, Math.max(1, current * HOT_METAL), terms, {
      isFree: true,
      change: (refilled, pool) => {
        if (pool.some((count) => count > 0)) return null;
        let change = 0;
        for (const { bar, taken } of refilled)
          change += this.#consumed(bar, taken) - this.#consumed(bar, this.#taken[bar]!);
        return { change, value: current + change };
      },
      accepted: (value) => (current = value),
    });
  }

  #anneal(
    start: number,
    hot: number,
    { passed, target }: RefillTerms,
    aim: {
      /** Whether bars may wait for last. */
      readonly isFree: boolean;
      readonly change: (refilled: readonly Filled[], pool: Int32Array) => { change: number; value: number } | null;
      readonly accepted: (value: number) => void;
    },
  ): number {
    const random = this.#random;
    let [best, bestCuts] = [start, this.#cuts.map((cuts) => cuts.slice())];
    let temperature = hot;
    for (let tries = 0; best > target && this.#stock.length > 0; tries += 1) {
      if (tries % LOOK_EVERY === 0) {
        const share = passed();
        if (share >= 1) break;
        temperature = hot * Math.pow(Math.min(COLD, COLDEST_CELLS / hot), (share * TIMES_COOLED) % 1);
      }
      const chosen = this.#chooseBars();
      const pool = this.#unplaced.slice();
      for (const bar of chosen) this.#cuts[bar]!.forEach((count, piece) => (pool[piece]! += count));
      this.#bias = random() < 0.3 ? 0 : 3 * random();
      this.#isMixed = random() < MIXED;
      const most = aim.isFree ? waits[Math.floor(random() * waits.length)]! : Infinity;
      const refilled = this.#refill(chosen, pool, most);
      const made = aim.change(refilled, pool);
      if (!made || (made.change > 0 && random() >= Math.exp(-made.change / temperature))) continue;
      for (const filled of refilled) this.#put(filled);
      this.#unplaced = pool;
      aim.accepted(made.value);
      if (made.value < best) [best, bestCuts] = [made.value, this.#cuts.map((cuts) => cuts.slice())];
    }
    this.#goTo(bestCuts);
    return best;
  }

  #chooseBars(): number[] {
    const random = this.#random;
    const count = this.#stock.length;
    const most = Math.min(count, LEAST_BARS + Math.floor(random() * random() * MORE_BARS));
    const chosen = new Set<number>();
    if (random() < WITH_WASTE) {
      let [bar, waste] = [0, -1];
      for (let look = 0; look < 3; look += 1) {
        const other = Math.floor(random() * count);
        const left = this.#rooms[other]! - this.#taken[other]!;
        if (left > waste) [bar, waste] = [other, left];
      }
      chosen.add(bar);
    }
    for (let look = 0; look < 50 && chosen.size < most; look += 1) chosen.add(Math.floor(random() * count));
    const inTurn = [...chosen];
    shuffle(inTurn, random);
    if (random() < SHORT_FIRST) inTurn.sort((a, b) => this.#rooms[a]! - this.#rooms[b]!);
    return inTurn;
  }

  /** Fills bars from a pool of pieces, which loses them. */
  #refill(inTurn: readonly number[], pool: Int32Array, mostWaste: number): Filled[] {
    const filled: Filled[] = [];
    const later: number[] = [];
    inTurn.forEach((bar, at) => {
      const one = this.#fullest(bar, pool);
      if (at < inTurn.length - 1 && this.#lengths[bar]! - one.taken > mostWaste) later.push(bar);
      else filled.push(this.#takeFrom(pool, one));
    });
    later.sort((a, b) => this.#rooms[b]! - this.#rooms[a]!);
    for (const bar of later) filled.push(this.#takeFrom(pool, this.#fullest(bar, pool)));
    return filled;
  }

  #takeFrom(pool: Int32Array, filled: Filled): Filled {
    filled.cuts.forEach((count, piece) => (pool[piece]! -= count));
    return filled;
  }

  #fullest(bar: number, pool: Int32Array): Filled {
    const { sizes } = this.#cells;
    const room = this.#rooms[bar]!;
    const order: { piece: number; rank: number }[] = [];
    for (let piece = 0; piece < pool.length; piece += 1)
      if (pool[piece]! > 0 && sizes[piece]! <= room)
        order.push({ piece, rank: this.#random() * (1 + (sizes[piece]! / room) * this.#bias) });
    order.sort((a, b) => b.rank - a.rank);
    const units: number[] = [];
    for (const { piece } of order)
      for (let count = Math.min(pool[piece]!, Math.floor(room / sizes[piece]!)); count > 0; count -= 1)
        units.push(piece);
    if (this.#isMixed) shuffle(units, this.#random);
    const cuts = new Int32Array(pool.length);
    if (units.length === 0) return { bar, cuts, taken: 0 };
    const { filled, taken } = this.#sums.fullest(
      units.map((piece) => sizes[piece]!),
      room,
    );
    for (const unit of taken) cuts[units[unit]!]! += 1;
    return { bar, cuts, taken: filled };
  }

  #put({ bar, cuts, taken }: Filled): void {
    this.#cuts[bar] = cuts;
    this.#taken[bar] = taken;
  }

  #goTo(all: Int32Array[]): void {
    this.#cuts = all;
    this.#unplaced = Int32Array.from(this.#bars.pieces, ({ count }) => count);
    all.forEach((cuts, bar) => {
      this.#taken[bar] = this.#sizeOf(cuts);
      cuts.forEach((count, piece) => (this.#unplaced[piece]! -= count));
    });
  }

  #sizeOf(counts: ArrayLike<number>): number {
    let size = 0;
    for (let piece = 0; piece < counts.length; piece += 1) size += counts[piece]! * this.#cells.sizes[piece]!;
    return size;
  }

  /** Cells of a bar that are used: all of it, or all but the kept remainder. */
  #consumed(bar: number, taken: number): number {
    if (taken === 0) return 0;
    const remainder = Math.max(0, this.#lengths[bar]! - taken);
    return this.#lengths[bar]! - (remainder >= this.#keepFrom ? remainder : 0);
  }
}

function shuffle(list: number[], random: () => number): void {
  for (let at = list.length - 1; at > 0; at -= 1) {
    const other = Math.floor(random() * (at + 1));
    [list[at], list[other]] = [list[other]!, list[at]!];
  }
}

// Reachable lengths: how much of a length rectangles side by side can take, by subset sums on bits. What they cannot take
// is waste on every line across it.
import { seeded } from '../../measure/random.ts';

/* eslint-disable @typescript-eslint/no-non-null-assertion -- indices below their lengths, in the innermost loop there is */

/** Sides of a rectangle in cells. */
export interface CellKind {
  readonly width: number;
  readonly height: number;
  readonly canTurn: boolean;
}

/** By length in cells, the part of it that nothing can take at best. */
export interface UnreachableRests {
  readonly across: Int32Array;
  readonly up: Int32Array;
}

/** Most multisets that are kept. */
const MOST_KEPT = 3000;

/** The lengths that rectangles can make, by how many of each kind are left. */
export class ReachableLengths {
  readonly #kinds: readonly CellKind[];
  readonly #cells: number;
  readonly #words: number;
  readonly #canAllTurn: boolean;
  readonly #before: Uint32Array;
  readonly #kept = new Map<number, UnreachableRests>();

  /** @param cells  longest length asked for */
  constructor(kinds: readonly CellKind[], cells: number) {
    this.#kinds = kinds;
    this.#cells = cells;
    this.#words = (cells >> 5) + 1;
    this.#before = new Uint32Array(this.#words);
    this.#canAllTurn = kinds.every(({ width, height, canTurn }) => canTurn || width === height);
  }

  /** @param left  how many of each kind; @param key  of the same, from `countKeys` */
  restsOf(left: Int16Array, key: number): UnreachableRests {
    let rests = this.#kept.get(key);
    if (rests) return rests;
    const across = this.#rests(left, ({ width }) => width);
    rests = { across, up: this.#canAllTurn ? across : this.#rests(left, ({ height }) => height) };
    if (this.#kept.size >= MOST_KEPT) this.#kept.clear();
    this.#kept.set(key, rests);
    return rests;
  }

  #rests(left: Int16Array, sideOf: (kind: CellKind) => number): Int32Array {
    const bits = new Uint32Array(this.#words);
    bits[0] = 1;
    this.#kinds.forEach((kind, index) => {
      for (let count = left[index]!; count > 0; count -= 1) {
        const isChanged = kind.canTurn ? this.#add(bits, kind.width, kind.height) : this.#add(bits, sideOf(kind), 0);
        if (!isChanged) break;
      }
    });
    const rests = new Int32Array(this.#cells + 1);
    for (let cell = 0, reached = 0; cell <= this.#cells; cell += 1) {
      if ((bits[cell >> 5]! >>> (cell & 31)) & 1) reached = cell;
      rests[cell] = cell - reached;
    }
    return rests;
  }

  /** One more rectangle by either side: @returns whether it makes a new length */
  #add(bits: Uint32Array, one: number, other: number): boolean {
    const before = this.#before;
    before.set(bits);
    shiftInto(bits, before, one);
    if (other > 0 && other !== one) shiftInto(bits, before, other);
    for (let word = 0; word < bits.length; word += 1) if (bits[word] !== before[word]) return true;
    return false;
  }
}

function shiftInto(bits: Uint32Array, from: Uint32Array, by: number): void {
  const [words, shift] = [by >> 5, by & 31];
  for (let word = bits.length - 1; word >= words; word -= 1) {
    const carried = shift > 0 && word > words ? from[word - words - 1]! >>> (32 - shift) : 0;
    bits[word] = bits[word]! | (from[word - words]! << shift) | carried;
  }
}

/** A number for each kind: counts times these add up to a key of the counts, exact up to 8,000 blanks. */
export function countKeys(kinds: number): Float64Array {
  const random = seeded(KEY_SEED);
  return Float64Array.from({ length: kinds }, () => Math.floor(random() * KEY_HALF) * KEY_HALF + Math.floor(random() * KEY_HALF)); // prettier-ignore
}

const KEY_SEED = 7;
const KEY_HALF = 2 ** 20;

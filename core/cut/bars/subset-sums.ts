// Bounded subset sums on bits: which totals some pieces can make, one row of words for each piece tried. Thousands a
// second, with the pieces in any order.

/* eslint-disable @typescript-eslint/no-non-null-assertion -- indices below their lengths, in the innermost loop there is */

/** The pieces that fill a room best. */
export interface Fullest {
  /** Cells filled. */
  readonly filled: number;
  /** Which of the pieces tried are in it. */
  readonly taken: readonly number[];
}

/** Subset sums up to a number of cells. */
export class SubsetSums {
  #rows: Uint32Array;

  /** @param cells  most there will be; @param pieces  tried at once, usually */
  constructor(cells: number, pieces = 64) {
    this.#rows = new Uint32Array(((cells >> 5) + 1) * (pieces + 1));
  }

  /**
   * @param sizes  of the pieces in the order in which they are tried: early ones are preferred
   * @param cells  of the room
   */
  fullest(sizes: readonly number[], cells: number): Fullest {
    const words = (cells >> 5) + 1;
    if (this.#rows.length < words * (sizes.length + 1)) this.#rows = new Uint32Array(words * (sizes.length + 1) * 2);
    const rows = this.#rows;
    rows.fill(0, 0, words);
    rows[0] = 1;
    const lastBits = (cells & 31) === 31 ? 0xffffffff : ((1 << ((cells & 31) + 1)) - 1) >>> 0;
    let tried = 0;
    while (tried < sizes.length) {
      this.#addRow(tried, sizes[tried]!, words);
      tried += 1;
      const end = tried * words + words - 1;
      rows[end] = rows[end]! & lastBits;
      // Full: more pieces cannot do better.
      if ((rows[end] >>> (cells & 31)) & 1) break;
    }
    return this.#readBack(sizes, tried, words);
  }

  // The totals without the piece, and those with it: a shift by its size.
  #addRow(piece: number, size: number, words: number): void {
    const rows = this.#rows;
    const [from, to] = [piece * words, (piece + 1) * words];
    const [shift, bits] = [size >> 5, size & 31];
    for (let word = 0; word < words; word += 1) {
      let moved = 0;
      if (word >= shift) {
        moved = rows[from + word - shift]! << bits;
        if (bits > 0 && word > shift) moved |= rows[from + word - shift - 1]! >>> (32 - bits);
      }
      rows[to + word] = rows[from + word]! | moved;
    }
  }

  #readBack(sizes: readonly number[], tried: number, words: number): Fullest {
    const rows = this.#rows;
    let filled = 0;
    for (let word = words - 1; word >= 0; word -= 1) {
      const bits = rows[tried * words + word]!;
      if (bits === 0) continue;
      filled = (word << 5) + 31 - Math.clz32(bits);
      break;
    }
    const taken: number[] = [];
    for (let piece = tried - 1, cell = filled; piece >= 0 && cell > 0; piece -= 1) {
      if ((rows[piece * words + (cell >> 5)]! >>> (cell & 31)) & 1) continue;
      taken.push(piece);
      cell -= sizes[piece]!;
    }
    return { filled, taken };
  }
}

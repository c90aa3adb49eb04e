// Candidates of a beam search by their guide, the least first. They are sorted in lots, since mostly the first lot will do.

/* eslint-disable @typescript-eslint/no-non-null-assertion -- indices below their lengths, in the innermost loop there is */

const FIRST_ROOM = 1024;

/** Candidates, each a whole number with its guide. */
export class Candidates {
  #guides = new Float64Array(FIRST_ROOM);
  #codes = new Float64Array(FIRST_ROOM);
  #count = 0;

  add(guide: number, code: number): void {
    if (this.#count === this.#guides.length) {
      this.#guides = grown(this.#guides);
      this.#codes = grown(this.#codes);
    }
    this.#guides[this.#count] = guide;
    this.#codes[this.#count] = code;
    this.#count += 1;
  }

  /** @param lot  how many are sorted at once; @yields codes, those with the least guide first */
  *bestFirst(lot: number): Generator<number> {
    const guides = this.#guides.subarray(0, this.#count);
    const sorted = guides.slice().sort();
    for (let [from, above] = [0, -Infinity]; from < sorted.length; from += lot) {
      const upTo = sorted[Math.min(sorted.length, from + lot) - 1]!;
      if (upTo <= above) continue;
      const chosen: number[] = [];
      for (let at = 0; at < guides.length; at += 1) if (guides[at]! > above && guides[at]! <= upTo) chosen.push(at);
      for (const at of chosen.sort((a, b) => guides[a]! - guides[b]!)) yield this.#codes[at]!;
      above = upTo;
    }
  }
}

function grown(array: Float64Array): Float64Array<ArrayBuffer> {
  const larger = new Float64Array(array.length * 2);
  larger.set(array);
  return larger;
}

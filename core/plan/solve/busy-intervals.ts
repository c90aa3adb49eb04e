// Busy intervals of a maker or a station, in the order of their start.

/* eslint-disable @typescript-eslint/no-non-null-assertion -- indices below their lengths, in the innermost loop there is */
/** Minutes are fractions: a rounding error is not late and does not collide. */
export const HAIR = 1e-6;

/** Busy intervals of a maker or a station, in the order of their start. */
export class BusyIntervals {
  readonly from: Float64Array;
  readonly to: Float64Array;
  /** The step of each interval. */
  readonly step: Int32Array;
  size = 0;
  /** Number of intervals at the start without a gap between them, other than the gaps between shifts. */
  solid = 0;
  readonly #shifts: Float64Array | null;
  #shift = 0;
  #longest = 0;

  /** @param shifts  of a maker; null for a station, whose gaps are not kept */
  constructor(capacity: number, shifts: Float64Array | null) {
    this.from = new Float64Array(capacity);
    this.to = new Float64Array(capacity);
    this.step = new Int32Array(capacity);
    this.#shifts = shifts;
  }

  clear(): void {
    this.size = 0;
    this.solid = 0;
    this.#shift = 0;
    this.#longest = 0;
  }

  /** Index of the first interval that may reach beyond a time: those before it are too short. */
  firstReaching(time: number): number {
    const least = time - this.#longest;
    let [low, high] = [0, this.size];
    while (low < high) {
      const middle = (low + high) >> 1;
      if (this.from[middle]! >= least) high = middle;
      else low = middle + 1;
    }
    return low;
  }

  /** Nothing fits before this time: most late steps look here first. */
  get solidTo(): number {
    return this.solid > 0 ? this.to[this.solid - 1]! : 0;
  }

  #grow(): void {
    const shifts = this.#shifts;
    if (!shifts) return;
    while (this.solid < this.size) {
      const end = this.solidTo;
      while (this.#shift < shifts.length && shifts[this.#shift + 1]! <= end + HAIR) this.#shift += 2;
      if (this.#shift >= shifts.length || this.from[this.solid]! > Math.max(end, shifts[this.#shift]!) + HAIR) return;
      this.solid += 1;
    }
  }

  add(step: number, from: number, to: number): void {
    let at = this.size;
    while (at > 0 && this.from[at - 1]! > from) {
      this.from[at] = this.from[at - 1]!;
      this.to[at] = this.to[at - 1]!;
      this.step[at] = this.step[at - 1]!;
      at -= 1;
    }
    this.from[at] = from;
    this.to[at] = to;
    this.step[at] = step;
    this.size += 1;
    if (to - from > this.#longest) this.#longest = to - from;
    if (at <= this.solid) this.#grow();
  }

  /** Takes the interval of a step out again. */
  remove(step: number): void {
    let at = this.size - 1;
    while (at >= 0 && this.step[at] !== step) at -= 1;
    if (at < 0) return;
    for (let next = at + 1; next < this.size; next += 1) {
      this.from[next - 1] = this.from[next]!;
      this.to[next - 1] = this.to[next]!;
      this.step[next - 1] = this.step[next]!;
    }
    this.size -= 1;
    if (at >= this.solid) return;
    this.solid = at;
    this.#shift = 0;
  }

  /** Index of the first interval that ends after a time; intervals do not overlap. */
  after(time: number): number {
    let [low, high] = [this.solid, this.size];
    if (low > 0 && time < this.to[low - 1]!) [low, high] = [0, low];
    while (low < high) {
      const middle = (low + high) >> 1;
      if (this.to[middle]! > time + HAIR) high = middle;
      else low = middle + 1;
    }
    return low;
  }
}

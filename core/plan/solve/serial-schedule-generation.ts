// Serial schedule generation scheme (SGS): turns an order of steps into a schedule. Each step in turn gets the earliest
// place, gaps left by earlier steps included. It runs thousands of times in a search, and while a bar is dragged.
import type { IndexedProblem } from '../model/indexed-problem.ts';

/* eslint-disable @typescript-eslint/no-non-null-assertion -- indices below their lengths, in the innermost loop there is */
/** Minutes are fractions: a rounding error is not late and does not collide. */
const HAIR = 1e-6;

/** Busy intervals of a maker or a station, in the order of their start. */
class BusyIntervals {
  readonly from: Float64Array;
  readonly to: Float64Array;
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

  add(from: number, to: number): void {
    let at = this.size;
    while (at > 0 && (this.from[at - 1] ?? 0) > from) {
      this.from[at] = this.from[at - 1] ?? 0;
      this.to[at] = this.to[at - 1] ?? 0;
      at -= 1;
    }
    this.from[at] = from;
    this.to[at] = to;
    this.size += 1;
    if (to - from > this.#longest) this.#longest = to - from;
    if (at <= this.solid) this.#grow();
  }

  /** Index of the first interval that ends after a time; intervals do not overlap. */
  after(time: number): number {
    let [low, high] = [this.solid, this.size];
    if (low > 0 && time < this.to[low - 1]!) [low, high] = [0, low];
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((this.to[middle] ?? 0) > time + HAIR) high = middle;
      else low = middle + 1;
    }
    return low;
  }
}

/** A serial schedule generation scheme over one problem, with its current schedule. */
export class SerialScheduleGeneration {
  readonly indexed: IndexedProblem;
  readonly start: Float64Array;
  readonly attendedEnd: Float64Array;
  readonly end: Float64Array;
  /** Index of the maker; −1 where none is needed. */
  readonly maker: Int32Array;
  /** By step, the maker that has to do it; −1: whoever finishes first. */
  readonly chosen: Int32Array;
  tardiness = 0;
  makespan = 0;
  /** The job that ends last. */
  lastJob = 0;
  readonly #hands: readonly BusyIntervals[];
  readonly #held: readonly BusyIntervals[];
  readonly #jobEnd: Float64Array;
  /** The schedule that was kept last. */
  readonly kept: { start: Float64Array; attendedEnd: Float64Array; end: Float64Array; maker: Int32Array };
  // End of the attended work in the last place that was found.
  #attendedEnd = 0;

  constructor(indexed: IndexedProblem) {
    this.indexed = indexed;
    this.start = new Float64Array(indexed.size);
    this.attendedEnd = new Float64Array(indexed.size);
    this.end = new Float64Array(indexed.size);
    this.maker = new Int32Array(indexed.size).fill(-1);
    this.chosen = new Int32Array(indexed.size).fill(-1);
    this.#hands = indexed.shifts.map((shifts) => new BusyIntervals(indexed.size + 1, shifts));
    this.#held = indexed.stations.map(() => new BusyIntervals(indexed.size + 1, null));
    this.#jobEnd = new Float64Array(indexed.due.length);
    this.kept = {
      start: new Float64Array(indexed.size),
      attendedEnd: new Float64Array(indexed.size),
      end: new Float64Array(indexed.size),
      maker: new Int32Array(indexed.size),
    };
  }

  /**
   * Generates the schedule of an order.
   * @param order  every step once, none before one it waits for; the place of fixed steps in it does not matter
   * @param same   number of steps at the start that are, with their makers, as in the kept schedule
   * @returns false when a step has no place: no maker is there any more
   */
  generate(order: ArrayLike<number>, same = 0): boolean {
    const { indexed } = this;
    for (const taken of this.#hands) taken.clear();
    for (const taken of this.#held) taken.clear();
    for (let index = 0; index < indexed.size; index += 1) {
      const fixed = indexed.fixed[index];
      if (fixed) this.#put(index, fixed.maker, fixed.start, fixed.attendedEnd, fixed.end);
    }
    const { start, attendedEnd, end, maker } = this.kept;
    for (let at = 0; at < same; at += 1) {
      const index = order[at]!;
      if (!indexed.fixed[index]) this.#put(index, maker[index]!, start[index]!, attendedEnd[index]!, end[index]!);
    }
    for (let at = same; at < order.length; at += 1) {
      const index = order[at]!;
      if (!indexed.fixed[index] && !this.#place(index)) return false;
    }
    this.#reckon();
    return true;
  }

  /** Keeps the schedule, so that an order that starts alike is generated faster. */
  keep(): void {
    this.kept.start.set(this.start);
    this.kept.attendedEnd.set(this.attendedEnd);
    this.kept.end.set(this.end);
    this.kept.maker.set(this.maker);
  }

  /** Whether a job of the current schedule is late. */
  isLate(job: number): boolean {
    return (this.#jobEnd[job] ?? 0) > (this.indexed.due[job] ?? Infinity) + HAIR;
  }

  /** The earliest start and end of a step from a time on, by any able maker, with nothing else scheduled. */
  soonest(index: number, ready: number): { readonly start: number; readonly end: number } {
    for (const taken of this.#hands) taken.clear();
    for (const taken of this.#held) taken.clear();
    let [start, end] = [Infinity, Infinity];
    const able = this.indexed.able[index] ?? [];
    for (const maker of able.length > 0 ? able : [-1]) {
      const from = this.#earliest(index, maker, ready, Infinity);
      if (from === Infinity) continue;
      start = Math.min(start, from);
      end = Math.min(end, this.#attendedEnd + (this.indexed.unattended[index] ?? 0));
    }
    return { start, end };
  }

  #reckon(): void {
    const { job, due, weight, size } = this.indexed;
    this.#jobEnd.fill(0);
    for (let index = 0; index < size; index += 1) {
      const of = job[index] ?? 0;
      if ((this.end[index] ?? 0) > (this.#jobEnd[of] ?? 0)) this.#jobEnd[of] = this.end[index] ?? 0;
    }
    this.tardiness = 0;
    this.makespan = 0;
    for (let of = 0; of < due.length; of += 1) {
      const end = this.#jobEnd[of] ?? 0;
      if (end > this.makespan) {
        this.makespan = end;
        this.lastJob = of;
      }
      const late = end - (due[of] ?? 0);
      if (late > HAIR) this.tardiness += late * (weight[of] ?? 0);
    }
  }

  #place(index: number): boolean {
    const { indexed } = this;
    let ready = indexed.release[index] ?? 0;
    for (const other of indexed.before[index] ?? []) {
      const end = this.end[other] ?? 0;
      if (end > ready) ready = end;
    }
    const able = indexed.able[index];
    if (!able || able.length === 0) {
      const start = this.#earliest(index, -1, ready, Infinity);
      if (start === Infinity) return false;
      this.#put(index, -1, start, this.#attendedEnd, this.#attendedEnd + (indexed.unattended[index] ?? 0));
      return true;
    }
    const chosen = this.chosen[index] ?? -1;
    let [best, bestStart, bestEnd] = [-1, Infinity, Infinity];
    for (const maker of able) {
      if (chosen >= 0 && maker !== chosen) continue;
      const start = this.#earliest(index, maker, ready, bestEnd);
      // The maker who finishes first; of two, the one who starts later and so stays free for longer.
      if (start === Infinity || this.#attendedEnd > bestEnd - HAIR) continue;
      [best, bestStart, bestEnd] = [maker, start, this.#attendedEnd];
    }
    if (best < 0) return false;
    this.#put(index, best, bestStart, bestEnd, bestEnd + (indexed.unattended[index] ?? 0));
    return true;
  }

  #put(index: number, maker: number, start: number, attendedEnd: number, end: number): void {
    this.start[index] = start;
    this.attendedEnd[index] = attendedEnd;
    this.end[index] = end;
    this.maker[index] = maker;
    if (maker >= 0 && attendedEnd > start) this.#hands[maker]?.add(start, attendedEnd);
    const station = this.indexed.station[index] ?? -1;
    if (station >= 0 && end > start) this.#held[station]?.add(start, end);
  }

  /**
   * @param limit  an attended part that ends later is not wanted
   * @returns the earliest start; the end of its attended part is kept in a field
   */
  #earliest(index: number, maker: number, ready: number, limit: number): number {
    const { indexed } = this;
    const attended = indexed.attended[index] ?? 0;
    const unattended = indexed.unattended[index] ?? 0;
    const station = indexed.station[index] ?? -1;
    const open =
      unattended > 0 && station >= 0 && indexed.anyHour[index] === 0 ? (indexed.stations[station]?.open ?? null) : null;
    const isPausable = indexed.pausable[index] === 1;
    const shifts = maker >= 0 ? indexed.shifts[maker] : undefined;
    const hands = maker >= 0 ? this.#hands[maker] : undefined;
    const held = station >= 0 ? this.#held[station] : undefined;
    const count = indexed.stations[station]?.count ?? 1;
    // Nothing fits before the maker's first gap.
    let start = hands && hands.solidTo > ready ? hands.solidTo : ready;
    // Time only moves forward: earlier intervals are never looked at again.
    let shift = shifts ? shiftAt(shifts, start) : 0;
    let busy = hands ? hands.after(start) : 0;
    let holding = held && count === 1 ? held.after(start) : 0;
    let window = open ? shiftAt(open, start) : 0;
    for (;;) {
      let attendedEnd = start + attended;
      if (shifts) {
        while (shift < shifts.length && shifts[shift + 1]! <= start + HAIR) shift += 2;
        if (shift >= shifts.length) return Infinity;
        if (shifts[shift]! > start) start = shifts[shift]!;
        attendedEnd = start + attended;
        if (attendedEnd > shifts[shift + 1]! + HAIR) {
          if (!isPausable) {
            start = shifts[shift + 1]!;
            continue;
          }
          attendedEnd = pausedEnd(shifts, shift, start, attended);
        }
        if (attendedEnd > limit || attendedEnd === Infinity) return Infinity;
        if (hands) {
          while (busy < hands.size && hands.to[busy]! <= start + HAIR) busy += 1;
          if (busy < hands.size && hands.from[busy]! < attendedEnd - HAIR) {
            // Skips every gap that is too short by the clock alone.
            while (busy + 1 < hands.size && hands.from[busy + 1]! - hands.to[busy]! < attended - HAIR) busy += 1;
            start = hands.to[busy]!;
            continue;
          }
        }
      }
      if (open) {
        // Unattended work has to lie within a window from the end of the attended work on.
        while (window < open.length && Math.max(attendedEnd, open[window]!) + unattended > open[window + 1]! + HAIR)
          window += 2;
        if (window >= open.length) return Infinity;
        if (attendedEnd < open[window]! - HAIR) {
          start += open[window]! - attendedEnd;
          continue;
        }
      }
      if (held && held.size >= count) {
        const end = attendedEnd + unattended;
        let free = start;
        if (count > 1) free = freeFrom(held, count, start, end);
        else {
          while (holding < held.size && held.to[holding]! <= start + HAIR) holding += 1;
          if (holding < held.size && held.from[holding]! < end - HAIR) {
            const length = attended + unattended;
            while (holding + 1 < held.size && held.from[holding + 1]! - held.to[holding]! < length - HAIR) holding += 1;
            free = held.to[holding]!;
          }
        }
        if (free > start) {
          start = free;
          continue;
        }
      }
      this.#attendedEnd = attendedEnd;
      return start;
    }
  }
}

/** When a station of several places is free for [start, end): `start` itself, or the next time worth trying. */
function freeFrom(held: BusyIntervals, count: number, start: number, end: number): number {
  const first = held.firstReaching(start);
  let last = first;
  let overlapping = 0;
  while (last < held.size && held.from[last]! < end - HAIR) {
    if (held.to[last]! > start + HAIR) overlapping += 1;
    last += 1;
  }
  if (overlapping < count) return start;
  // The station is fullest where one of them starts.
  let soonest = Infinity;
  for (let at = first - 1; at < last; at += 1) {
    const time = at < first ? start : held.from[at]!;
    if (at >= first && time <= start) continue;
    let holding = 0;
    let firstEnd = Infinity;
    for (let other = first; other < last && held.from[other]! <= time + HAIR; other += 1) {
      const to = held.to[other]!;
      if (to <= time + HAIR) continue;
      holding += 1;
      if (to < firstEnd) firstEnd = to;
    }
    if (holding >= count && firstEnd < soonest) soonest = firstEnd;
  }
  return soonest === Infinity ? start : soonest;
}

/** Index of the shift that a time lies in or before. */
function shiftAt(shifts: Float64Array, time: number): number {
  let [low, high] = [0, shifts.length >> 1];
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((shifts[2 * middle + 1] ?? 0) > time + HAIR) high = middle;
    else low = middle + 1;
  }
  return 2 * low;
}

/** When work that pauses at the end of each shift is done; Infinity when there are not enough shifts. */
export function pausedEnd(shifts: Float64Array, shift: number, start: number, attended: number): number {
  let left = attended;
  for (let at = shift, from = start; at < shifts.length; at += 2, from = shifts[at] ?? 0) {
    const to = shifts[at + 1] ?? 0;
    if (from + left <= to + HAIR) return from + left;
    left -= to - from;
  }
  return Infinity;
}

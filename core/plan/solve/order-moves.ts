// Moves in an order of steps: each keeps every step after those it waits for.
import type { IndexedProblem } from '../model/indexed-problem.ts';
import { Precedence } from '../model/precedence.ts';

/* eslint-disable @typescript-eslint/no-non-null-assertion -- indices below their lengths, in the innermost loop there is */

/** An order of steps, and the order that is tried in its place. */
export class OrderMoves {
  readonly order: Int32Array;
  readonly tried: Int32Array;
  /** By step, its place in the order. */
  readonly place: Int32Array;
  readonly precedence: Precedence;
  readonly #indexed: IndexedProblem;
  readonly #early: Int32Array;
  readonly #late: Int32Array;

  constructor(indexed: IndexedProblem) {
    const { size } = indexed;
    this.#indexed = indexed;
    this.order = new Int32Array(size);
    this.tried = new Int32Array(size);
    this.place = new Int32Array(size);
    this.#early = new Int32Array(size);
    this.#late = new Int32Array(size);
    this.precedence = new Precedence(indexed);
  }

  /** Whether one step has to wait for another, directly or through others. */
  precedes(first: number, then: number): boolean {
    return this.precedence.precedes(first, then);
  }

  /** Takes an order as the current one. */
  goTo(order: ArrayLike<number>): void {
    this.order.set(order);
    this.tried.set(order);
    this.findPlaces(0, order.length - 1);
  }

  /** The tried order becomes the current one. @param from, to  places that differ */
  accept(from: number, to: number): void {
    for (let at = from; at <= to; at += 1) this.order[at] = this.tried[at]!;
    this.findPlaces(from, to);
  }

  findPlaces(from: number, to: number): void {
    for (let at = from; at <= to; at += 1) this.place[this.order[at]!] = at;
  }

  /** A step, with what it waits for, goes right before an earlier one. */
  pull(step: number, before: number): void {
    const [from, to] = [this.place[before]!, this.place[step]!];
    let [early, late] = [0, 0];
    for (let at = from; at < to; at += 1) {
      const other = this.order[at]!;
      if (this.precedes(other, step)) this.#early[early++] = other;
      else this.#late[late++] = other;
    }
    this.#early[early++] = step;
    this.#write(from, early, late);
  }

  /** A step, with what waits for it, goes right behind a later one. */
  push(step: number, behind: number): void {
    const [from, to] = [this.place[step]!, this.place[behind]!];
    let [early, late] = [0, 0];
    this.#late[late++] = step;
    for (let at = from + 1; at <= to; at += 1) {
      const other = this.order[at]!;
      if (this.precedes(step, other)) this.#late[late++] = other;
      else this.#early[early++] = other;
    }
    this.#write(from, early, late);
  }

  #write(from: number, early: number, late: number): void {
    for (let at = 0; at < early; at += 1) this.tried[from + at] = this.#early[at]!;
    for (let at = 0; at < late; at += 1) this.tried[from + early + at] = this.#late[at]!;
  }

  /** A step goes to another place between those it waits for and those that wait for it. @returns whether there is one */
  shift(step: number, random: () => number): boolean {
    const at = this.place[step]!;
    let [low, high] = [0, this.order.length - 1];
    for (const other of this.#indexed.before[step]!) low = Math.max(low, this.place[other]! + 1);
    for (const other of this.#indexed.behind[step]!) high = Math.min(high, this.place[other]! - 1);
    if (high <= low) return false;
    let to = low + Math.floor(random() * (high - low));
    if (to >= at) to += 1;
    if (to < at) this.tried.copyWithin(to + 1, to, at);
    else this.tried.copyWithin(at, at + 1, to + 1);
    this.tried[to] = step;
    return true;
  }

  /** All steps of a job go earlier or later by so many places. */
  shiftJob(job: number, by: number): void {
    const { size, job: jobOf } = this.#indexed;
    // Two sorted lists are merged: the job keeps its own order, and so do the others.
    const shifted = (step: number) => this.place[step]! + by;
    let [own, other, at] = [0, 0, 0];
    const ownSteps = this.#early;
    let count = 0;
    for (const step of this.order) if (jobOf[step] === job) ownSteps[count++] = step;
    while (at < size) {
      while (other < size && jobOf[this.order[other]!] === job) other += 1;
      if (own < count && (other >= size || shifted(ownSteps[own]!) < other)) this.tried[at] = ownSteps[own++]!;
      else this.tried[at] = this.order[other++]!;
      at += 1;
    }
  }

  /**
   * Two jobs change places: the steps of the later one take the first places of both.
   * @param isWhole  all of them before the other job; else both by turns, in proportion
   */
  swapJobs(one: number, other: number, isWhole: boolean): void {
    const { job } = this.#indexed;
    let [ofOne, ofOther] = [0, 0];
    let first = -1;
    for (const step of this.order) {
      const of = job[step]!;
      if (of !== one && of !== other) continue;
      if (first < 0) first = of;
      if (of === one) this.#early[ofOne++] = step;
      else this.#late[ofOther++] = step;
    }
    const isOneLater = first === other;
    const [leading, following] = isOneLater ? [this.#early, this.#late] : [this.#late, this.#early];
    const [leads, follows] = isOneLater ? [ofOne, ofOther] : [ofOther, ofOne];
    let [lead, follow] = [0, 0];
    for (let at = 0; at < this.order.length; at += 1) {
      const of = job[this.order[at]!]!;
      if (of !== one && of !== other) continue;
      const isLead = lead < leads && (follow >= follows || isWhole || lead * follows <= follow * leads);
      this.tried[at] = isLead ? leading[lead++]! : following[follow++]!;
    }
  }
}

// The shared loads of one order while it is turned into a schedule: their members, which of them wait for the others, and
// what a load takes as a whole. The first member stands for the load.
import type { IndexedProblem } from '../model/indexed-problem.ts';
import { loadableSteps } from './shared-loads.ts';

/* eslint-disable @typescript-eslint/no-non-null-assertion -- indices below their lengths, in the innermost loop there is */

/** A step that came before what it waits for, and a member of a load that waits for the other members. */
const [DEFERRED, WAITING] = [1, 2];
/** Able makers of a load that nobody can do as a whole. */
const NOBODY = Int32Array.of(-2);

/** Members of the shared loads of an order. */
export class LoadMembers {
  /** Whether any steps can share a load. */
  readonly arePossible: boolean;
  readonly #indexed: IndexedProblem;
  #loads: Int32Array;
  /** By name of a load its members, how many of them wait, and the first; by step the next of its load. */
  readonly #count: Int32Array;
  readonly #waiting: Int32Array;
  readonly #first: Int32Array;
  readonly #next: Int32Array;
  readonly #state: Uint8Array;

  constructor(indexed: IndexedProblem) {
    this.arePossible = loadableSteps(indexed).length > 0;
    this.#indexed = indexed;
    const size = this.arePossible ? indexed.size : 0;
    this.#loads = new Int32Array(size);
    this.#count = new Int32Array(size);
    this.#waiting = new Int32Array(size);
    this.#first = new Int32Array(size);
    this.#next = new Int32Array(size);
    this.#state = new Uint8Array(size);
  }

  /** Starts an order. @param loads  by step, a step of its load */
  begin(loads: Int32Array): void {
    const { size, loadKind, fixed } = this.#indexed;
    this.#loads = loads;
    this.#count.fill(0);
    this.#waiting.fill(0);
    this.#state.fill(0);
    this.#first.fill(-1);
    for (let step = size - 1; step >= 0; step -= 1) {
      if (loadKind[step]! < 0 || fixed[step]) continue;
      const name = loads[step]!;
      this.#count[name] = this.#count[name]! + 1;
      this.#next[step] = this.#first[name]!;
      this.#first[name] = step;
    }
  }

  isShared(step: number): boolean {
    return this.arePossible && this.#indexed.loadKind[step]! >= 0 && this.#count[this.#loads[step]!]! > 1;
  }

  /** The step that stands for the load of a step; the step itself where it is alone. */
  headOf(step: number): number {
    return this.isShared(step) ? this.#first[this.#loads[step]!]! : step;
  }

  /** The next step of a load after this one; −1 for none. */
  nextOf(step: number): number {
    return this.isShared(step) ? this.#next[step]! : -1;
  }

  /** A step came before what it waits for. */
  defer(step: number): void {
    if (this.#state[step] !== WAITING) this.#state[step] = DEFERRED;
  }

  isDeferred(step: number): boolean {
    return this.#state[step] === DEFERRED;
  }

  /** A step can be placed. @returns whether all of its load can */
  arrive(step: number): boolean {
    if (!this.isShared(step)) return true;
    const name = this.#loads[step]!;
    if (this.#state[step] !== WAITING) {
      this.#state[step] = WAITING;
      this.#waiting[name] = this.#waiting[name]! + 1;
    }
    return this.#waiting[name]! >= this.#count[name]!;
  }

  /** Attended and unattended minutes of a load, and whether all of it may start late (1) or not (0). */
  lengthOf(head: number): { readonly attended: number; readonly unattended: number; readonly anyStart: number } {
    const indexed = this.#indexed;
    let [once, rest, unattended, anyStart] = [0, 0, 0, 1];
    for (let member = head; member >= 0; member = this.nextOf(member)) {
      once = Math.max(once, indexed.onceALoad[member]!);
      rest += Math.max(0, indexed.attended[member]! - indexed.onceALoad[member]!);
      unattended = Math.max(unattended, indexed.unattended[member]!);
      anyStart = Math.min(anyStart, indexed.anyStart[member]!);
    }
    return { attended: once + rest, unattended, anyStart };
  }

  /** Makers that can do every member of a load; empty where it needs none. */
  ableAll(head: number): Int32Array {
    const { able } = this.#indexed;
    let all: Int32Array = able[head]!;
    let isFree = all.length === 0;
    for (let member = this.nextOf(head); member >= 0; member = this.nextOf(member)) {
      const own = able[member]!;
      if (own === all || own.length === 0) continue;
      all = isFree ? own : all.filter((maker) => own.includes(maker));
      isFree = false;
    }
    return all.length === 0 && !isFree ? NOBODY : all;
  }
}

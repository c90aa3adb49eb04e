// Serial schedule generation scheme (SGS): turns an order of steps into a schedule. Each step in turn gets the earliest
// place, gaps left by earlier steps included. It runs thousands of times in a search, and while a bar is dragged.
//
// A step that has to follow soon (a maximal time lag) is placed right after the last of the steps before it, whatever
// its place in the order. Where it finds no room in time, the step before it is delayed (Franck, Neumann and
// Schwindt 2001).
//
// A shared load stands in the order where its last member does, and starts when all its members can. What waits for a
// member of a load that is not placed yet is placed right after the load.
import { MINUTES_A_DAY } from '../../measure/days.ts';
import type { IndexedProblem } from '../model/indexed-problem.ts';
import type { Objective } from '../model/problem.ts';
import { BusyIntervals, HAIR } from './busy-intervals.ts';
import { LoadMembers } from './load-members.ts';
import { loadsAlone } from './shared-loads.ts';
import { minutesWithin, pausedEnd, shiftAt } from './shift-times.ts';
import { freeFrom } from './station-capacity.ts';

/* eslint-disable @typescript-eslint/no-non-null-assertion -- indices below their lengths, in the innermost loop there is */

/** Times a step is delayed so that the next can follow soon, before that is given up. */
const MOST_DELAYS = 24;

/** What a schedule is charged for while it is generated. Zero weights leave a part out. */
export interface CostWeights {
  readonly overLag: number;
  readonly tardiness: number;
  readonly makespan: number;
  /** Of the job ends; weighted by the jobs where completion is an aim. */
  readonly flow: number;
  readonly changes: number;
}

/** What chains and calendar alone take. */
export interface CostBounds {
  /** By step: from its end to the end of its job at least. */
  readonly tail: Float64Array;
  /** By job: its earliest end. */
  readonly soonest: Float64Array;
}

/** How a generation within a limit came out. */
export type Outcome = 'done' | 'same' | 'worse';

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
  /** By step, a step of its load; itself: it is alone. */
  readonly loads: Int32Array;
  overLag = 0;
  tardiness = 0;
  makespan = 0;
  completion = 0;
  moved = 0;
  dislike = 0;
  /** The job that ends last. */
  lastJob = 0;
  weights: CostWeights = { overLag: 0, tardiness: 1, makespan: 0, flow: 0, changes: 0 };
  /** Cost of the current schedule by the weights; of the lower bounds of its job ends while it is generated. */
  cost = 0;
  readonly #hands: readonly BusyIntervals[];
  readonly #held: readonly BusyIntervals[];
  readonly jobEnd: Float64Array;
  readonly #placed: Uint8Array;
  /** Steps that are placed as a unit, and by step the time a member is delayed to. */
  readonly #unit: Int32Array;
  readonly #delayedTo: Float64Array;
  readonly #hasLags: boolean;
  readonly #hasFixed: boolean;
  readonly #hasPreferences: boolean;
  /** Whether steps are charged for more than their time. */
  readonly #isCharged: boolean;
  readonly #members: LoadMembers;
  /** Whether a step is where it is in the kept schedule; whether any has been placed elsewhere. */
  #isKept = false;
  #differs = false;
  /** Attended and unattended minutes, and whether it may start late; of a step that is placed as a load, the load's. */
  readonly #attended: Float64Array;
  readonly #unattended: Float64Array;
  readonly #anyStart: Uint8Array;
  /** Without them nothing is charged. */
  costBounds: CostBounds | null = null;
  readonly #low: Float64Array;
  #lowMakespan = 0;
  /** The schedule that was kept last. */
  readonly kept: { start: Float64Array; attendedEnd: Float64Array; end: Float64Array; maker: Int32Array };
  // End of the attended work in the last place that was found.
  #attendedEnd = 0;

  constructor(indexed: IndexedProblem) {
    const { size } = indexed;
    this.indexed = indexed;
    this.start = new Float64Array(size);
    this.attendedEnd = new Float64Array(size);
    this.end = new Float64Array(size);
    this.maker = new Int32Array(size).fill(-1);
    this.chosen = new Int32Array(size).fill(-1);
    this.#hands = indexed.shifts.map((shifts) => new BusyIntervals(size + 1, shifts));
    this.#held = indexed.stations.map(() => new BusyIntervals(size + 1, null));
    this.jobEnd = new Float64Array(indexed.due.length);
    this.#low = new Float64Array(indexed.due.length);
    this.#placed = new Uint8Array(size);
    this.#unit = new Int32Array(size);
    this.#delayedTo = new Float64Array(size);
    this.#hasLags = indexed.soon.some((list) => list.length > 0);
    this.#hasFixed = indexed.fixed.some(Boolean);
    this.#hasPreferences = indexed.prefers.some(({ size }) => size > 0);
    this.#isCharged = this.#hasLags || this.#hasPreferences || Boolean(indexed.last);
    this.loads = loadsAlone(indexed);
    this.#members = new LoadMembers(indexed);
    const { arePossible } = this.#members;
    // A simulation changes the minutes of the problem between its runs: only loads need minutes of their own.
    this.#attended = arePossible ? indexed.attended.slice() : indexed.attended;
    this.#unattended = arePossible ? indexed.unattended.slice() : indexed.unattended;
    this.#anyStart = arePossible ? indexed.anyStart.slice() : indexed.anyStart;
    this.kept = {
      start: new Float64Array(size),
      attendedEnd: new Float64Array(size),
      end: new Float64Array(size),
      maker: new Int32Array(size),
    };
  }

  /** Takes makers and loads over. */
  take({ chosen, loads }: { readonly chosen: Int32Array; readonly loads: Int32Array }): void {
    this.chosen.set(chosen);
    this.loads.set(loads);
  }

  /**
   * Generates the schedule of an order.
   * @param order  every step once, none before one it waits for; the place of fixed steps in it does not matter
   * @returns false when a step has no place: no maker is there any more
   */
  generate(order: ArrayLike<number>): boolean {
    return this.generateWithin(order, 0, -1, Infinity) !== 'worse';
  }

  /**
   * Generates the schedule of an order as far as it may be taken: it stops once the cost of any schedule that begins
   * like this is above the limit, or once nothing differs from the kept schedule. Without cost bounds there is no limit.
   * @param same   number of steps at the start that are, with their makers, as in the kept schedule
   * @param last   place after which the order is that of the kept schedule again; −1 for none
   * @param limit  of the cost
   * @returns 'worse' where there is no place for a step, too
   */
  generateWithin(order: ArrayLike<number>, same: number, last: number, limit: number): Outcome {
    const { indexed } = this;
    const { size } = indexed;
    const isCosted = this.costBounds !== null;
    for (const taken of this.#hands) taken.clear();
    for (const taken of this.#held) taken.clear();
    this.overLag = 0;
    this.moved = 0;
    this.dislike = 0;
    if (isCosted) this.#beginCost();
    const hasLoads = this.#members.arePossible;
    if (this.#hasLags || hasLoads) this.#placed.fill(0);
    if (hasLoads) {
      this.#members.begin(this.loads);
      this.#attended.set(indexed.attended);
    }
    if (this.#hasFixed)
      for (let index = 0; index < size; index += 1) {
        const fixed = indexed.fixed[index];
        if (fixed) {
          if (this.loads[index] === index) this.#put(index, fixed.maker, fixed.start, fixed.attendedEnd, fixed.end);
          else this.#note(index, fixed.maker, fixed.start, fixed.attendedEnd, fixed.end);
          if (isCosted) this.#raise(index);
        }
      }
    const { start, end, maker } = this.kept;
    this.#differs = false;
    if (hasLoads) return this.#generateLoads(order, same, last, limit);
    for (let at = 0; at < same; at += 1) this.#putKept(order[at]!, isCosted);
    let differs = false;
    for (let at = same; at < order.length; at += 1) {
      const index = order[at]!;
      if (!indexed.fixed[index] && (!this.#hasLags || this.#placed[index] === 0)) {
        const members = this.#placeUnit(index);
        if (members === 0) return 'worse';
        if (isCosted) {
          for (let member = 0; member < members; member += 1) this.#raise(this.#unit[member]!);
          if (this.cost > limit) return 'worse';
        }
        for (let member = 0; member < members && !differs; member += 1) {
          const one = this.#unit[member]!;
          differs = this.start[one] !== start[one] || this.end[one] !== end[one] || this.maker[one] !== maker[one];
        }
      }
      if (at === last && !differs) return 'same';
    }
    return this.#finish(limit);
  }

  #finish(limit: number): Outcome {
    this.#reckon();
    if (this.weights.changes > 0 && this.costBounds) {
      this.cost += this.weights.changes * this.changes();
      if (this.cost > limit) return 'worse';
    }
    return 'done';
  }

  // The same with loads: a step arrives in its place, or as soon as what it waits for is placed.
  #generateLoads(order: ArrayLike<number>, same: number, last: number, limit: number): Outcome {
    const { indexed } = this;
    for (let at = 0; at < order.length; at += 1) {
      this.#isKept = at < same;
      if (!this.#arrive(order[at]!, limit)) return 'worse';
      if (at === last && !this.#differs) return 'same';
    }
    // Two loads that wait for each other are never placed.
    for (let index = 0; index < indexed.size; index += 1)
      if (this.#placed[index] === 0 && !indexed.fixed[index]) return 'worse';
    return this.#finish(limit);
  }

  /** @returns false where it has no place within the limit */
  #arrive(index: number, limit: number): boolean {
    if (this.#placed[index] === 1 || this.indexed.fixed[index]) return true;
    const members = this.#members;
    if (!this.#isReady(index)) {
      members.defer(index);
      return true;
    }
    if (!members.arrive(index)) return true;
    const head = members.headOf(index);
    let units = 1;
    this.#unit[0] = head;
    if (this.#isKept) this.#putBack(head);
    else units = this.#placeUnit(head);
    if (units === 0) return false;
    // The unit is used again by what follows.
    const placed = Array.from(this.#unit.subarray(0, units));
    for (const one of placed)
      for (let member = one; member >= 0; member = this.#members.nextOf(member)) {
        this.#placed[member] = 1;
        if (!this.#weigh(member, limit)) return false;
      }
    for (const one of placed)
      for (let member = one; member >= 0; member = this.#members.nextOf(member))
        if (!this.#callNext(member, limit)) return false;
    return true;
  }

  /** What arrived before, or has to follow soon, comes now. */
  #callNext(index: number, limit: number): boolean {
    const { behind, within } = this.indexed;
    for (const next of behind[index]!)
      if (this.#placed[next] === 0 && (this.#members.isDeferred(next) || within[next]! < Infinity))
        if (this.#isReady(next) && !this.#arrive(next, limit)) return false;
    return true;
  }

  #weigh(index: number, limit: number): boolean {
    const { start, end, maker } = this.kept;
    this.#differs ||=
      this.start[index] !== start[index] || this.end[index] !== end[index] || this.maker[index] !== maker[index];
    if (!this.costBounds) return true;
    this.#raise(index);
    return this.#isKept || this.cost <= limit;
  }

  #putBack(head: number): void {
    const { start, attendedEnd, end, maker } = this.kept;
    this.#put(head, maker[head]!, start[head]!, attendedEnd[head]!, end[head]!);
    this.#noteOthers(head);
  }

  /** The other steps of a load are where its head is. */
  #noteOthers(head: number): void {
    const { start, attendedEnd, end, maker } = this;
    for (let member = this.#members.nextOf(head); member >= 0; member = this.#members.nextOf(member))
      this.#note(member, maker[head]!, start[head]!, attendedEnd[head]!, end[head]!);
  }

  #placeLoad(head: number, delayedTo: number): boolean {
    const { indexed } = this;
    let [ready, chosen] = [delayedTo, -1];
    for (let member = head; member >= 0; member = this.#members.nextOf(member)) {
      ready = Math.max(ready, indexed.release[member]!, this.#readyOf(member));
      if (chosen < 0) chosen = this.chosen[member]!;
    }
    const { attended, unattended, anyStart } = this.#members.lengthOf(head);
    this.#attended[head] = attended;
    this.#unattended[head] = unattended;
    this.#anyStart[head] = anyStart;
    const able = this.#members.ableAll(head);
    const isPlaced = this.#placeBy(head, able, able.includes(chosen) ? chosen : -1, ready);
    this.#attended[head] = indexed.attended[head]!;
    this.#unattended[head] = indexed.unattended[head]!;
    this.#anyStart[head] = indexed.anyStart[head]!;
    if (isPlaced) this.#noteOthers(head);
    return isPlaced;
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
    return this.jobEnd[job]! > this.indexed.due[job]! + HAIR;
  }

  /** The cost no schedule is below. */
  leastCost(): number {
    this.#beginCost();
    return this.cost;
  }

  /** What the current schedule is compared by. */
  objective(): Objective {
    const { overLag, tardiness, makespan, completion, moved, dislike } = this;
    return { overLag, tardiness, makespan, completion, changes: this.changes(), moved, dislike };
  }

  /** Changes of set-up and of job between two steps of a maker on one day, over all makers. */
  changes(): number {
    const { kind, job } = this.indexed;
    let changes = 0;
    for (const { step, from, size } of this.#hands)
      for (let at = 1; at < size; at += 1) {
        if (Math.floor(from[at]! / MINUTES_A_DAY) !== Math.floor(from[at - 1]! / MINUTES_A_DAY)) continue;
        const [one, other] = [step[at - 1]!, step[at]!];
        if (job[one] !== job[other]) changes += 1;
        if (kind[one] !== kind[other]) changes += 1;
      }
    return changes;
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

  // The cost starts from what chains and calendar alone take, and rises as steps are placed later than that.
  #beginCost(): void {
    const { indexed, weights } = this;
    const { due, weight } = indexed;
    this.cost = 0;
    this.#lowMakespan = 0;
    for (let of = 0; of < due.length; of += 1) {
      const low = this.costBounds!.soonest[of]!;
      this.#low[of] = low;
      if (low > due[of]!) this.cost += (low - due[of]!) * weight[of]! * weights.tardiness;
      this.cost += low * this.#flowOf(of);
      if (low > this.#lowMakespan) this.#lowMakespan = low;
    }
    this.cost += this.#lowMakespan * weights.makespan;
  }

  #flowOf(job: number): number {
    return this.weights.flow * (this.indexed.second === 'completion' ? this.indexed.weight[job]! : 1);
  }

  #raise(index: number): void {
    const { indexed, weights } = this;
    if (this.#isCharged) this.#charge(index);
    const end = this.end[index]! + this.costBounds!.tail[index]!;
    const of = indexed.job[index]!;
    const low = this.#low[of]!;
    if (end <= low) return;
    this.#low[of] = end;
    const due = indexed.due[of]!;
    if (end > due) this.cost += (end - (low > due ? low : due)) * indexed.weight[of]! * weights.tardiness;
    this.cost += (end - low) * this.#flowOf(of);
    if (end > this.#lowMakespan) {
      this.cost += (end - this.#lowMakespan) * weights.makespan;
      this.#lowMakespan = end;
    }
  }

  #charge(index: number): void {
    const over = this.#overLagOf(index);
    if (over > 0) this.cost += over * this.weights.overLag;
    const { flow } = this.weights;
    this.cost += this.#movedOf(index) * (flow > 0 ? flow : 1) + this.#dislikeOf(index) * flow;
  }

  #overLagOf(index: number): number {
    const { indexed } = this;
    const within = indexed.within[index]!;
    const before = indexed.before[index]!;
    if (within === Infinity || before.length === 0) return 0;
    const over = this.start[index]! - this.#readyOf(index) - within;
    return over > HAIR ? over : 0;
  }

  #movedOf(index: number): number {
    const { last } = this.indexed;
    if (!last || last.start[index]! < 0 || last.price[index] === 0) return 0;
    const isMoved =
      this.maker[index] !== last.maker[index] ||
      Math.floor(this.start[index]! / MINUTES_A_DAY) !== Math.floor(last.start[index]! / MINUTES_A_DAY);
    return isMoved ? last.price[index]! : 0;
  }

  #dislikeOf(index: number): number {
    const maker = this.maker[index]!;
    if (!this.#hasPreferences || maker < 0 || this.#members.headOf(index) !== index) return 0;
    const { prefers, kind, shifts } = this.indexed;
    const preference = prefers[maker]!.get(kind[index]!);
    if (!preference) return 0;
    const [start, end] = [this.start[index]!, this.attendedEnd[index]!];
    const worked = minutesWithin(shifts[maker]!, start, end);
    const { penalty, hours } = preference;
    return penalty * worked + (hours ? worked - minutesWithin(hours, start, end) : 0);
  }

  #readyOf(index: number): number {
    let ready = 0;
    for (const other of this.indexed.before[index]!) if (this.end[other]! > ready) ready = this.end[other]!;
    return ready;
  }

  #reckon(): void {
    const { indexed, jobEnd } = this;
    const { job, due, weight, size } = indexed;
    const isCharged = this.#isCharged;
    jobEnd.fill(0);
    for (let index = 0; index < size; index += 1) {
      const of = job[index]!;
      if (this.end[index]! > jobEnd[of]!) jobEnd[of] = this.end[index]!;
      if (!isCharged) continue;
      this.overLag += this.#overLagOf(index);
      this.moved += this.#movedOf(index);
      this.dislike += this.#dislikeOf(index);
    }
    this.tardiness = 0;
    this.makespan = 0;
    this.completion = 0;
    for (let of = 0; of < due.length; of += 1) {
      const end = jobEnd[of]!;
      this.completion += end * weight[of]!;
      if (end > this.makespan) {
        this.makespan = end;
        this.lastJob = of;
      }
      const late = end - due[of]!;
      if (late > HAIR) this.tardiness += late * weight[of]!;
    }
  }

  #putKept(index: number, isCosted: boolean): void {
    const { indexed } = this;
    const { start, attendedEnd, end, maker } = this.kept;
    if (!indexed.fixed[index] && (!this.#hasLags || this.#placed[index] === 0)) {
      this.#put(index, maker[index]!, start[index]!, attendedEnd[index]!, end[index]!);
      if (isCosted) this.#raise(index);
    }
    if (!this.#hasLags) return;
    this.#placed[index] = 1;
    for (const next of indexed.soon[index]!)
      if (this.#placed[next] === 0 && this.#isReady(next)) this.#putKept(next, isCosted);
  }

  #isReady(index: number): boolean {
    for (const other of this.indexed.before[index]!)
      if (this.#placed[other] === 0 && !this.indexed.fixed[other]) return false;
    return true;
  }

  /**
   * Places a step, and right after it the steps that have to follow it soon.
   * @returns how many were placed; 0 when one has no place
   */
  #placeUnit(index: number): number {
    this.#unit[0] = index;
    for (let member = index; member >= 0; member = this.#members.nextOf(member)) this.#placed[member] = 1;
    if (!this.#hasLags) return this.#place(index, 0) ? 1 : 0;
    let members = 1;
    this.#delayedTo[index] = 0;
    for (let at = 0; at < members; at += 1)
      for (let one = this.#unit[at]!; one >= 0; one = this.#members.nextOf(one))
        members = this.#withFollowers(one, members);
    if (members === 1) return this.#place(index, 0) ? 1 : 0;
    for (let round = 0; ; round += 1) {
      const placed = this.#placeMembers(members, round < MOST_DELAYS);
      if (placed === members) return members;
      // There is no place in time: they go where there is room, and the time beyond the lag is charged.
      if (placed < 0) {
        if (round > MOST_DELAYS) return 0;
        round = MOST_DELAYS;
        for (let at = 0; at < members; at += 1) this.#delayedTo[this.#unit[at]!] = 0;
      }
    }
  }

  /** Steps that have to follow soon join the unit. @returns its members */
  #withFollowers(index: number, members: number): number {
    let count = members;
    for (const next of this.indexed.soon[index]!) {
      if (this.#placed[next] === 1 || !this.#isReady(next) || this.#members.isShared(next)) continue;
      this.#placed[next] = 1;
      this.#delayedTo[next] = 0;
      this.#unit[count] = next;
      count += 1;
    }
    return count;
  }

  /** @returns the number of members; less where one came too late and the one before it is delayed; −1 for no place */
  #placeMembers(members: number, isStrict: boolean): number {
    const { indexed } = this;
    for (let at = 0; at < members; at += 1) {
      const index = this.#unit[at]!;
      const isPlaced = this.#place(index, this.#delayedTo[index]!);
      if (isPlaced && at === 0) continue;
      const over = isPlaced ? this.#overLagOf(index) : 0;
      if (isPlaced && (over === 0 || !isStrict)) continue;
      let before = -1;
      for (const other of indexed.before[index]!) {
        const head = this.#members.headOf(other);
        if (this.#isMember(head, at) && (before < 0 || this.end[head]! > this.end[before]!)) before = head;
      }
      if (isPlaced && before >= 0) this.#delayedTo[before] = this.start[before]! + Math.max(over, 1e-3);
      for (let undo = at; undo >= 0; undo -= 1) if (undo < at || isPlaced) this.#take(this.#unit[undo]!);
      return isPlaced && before >= 0 ? at : -1;
    }
    return members;
  }

  #isMember(index: number, placed: number): boolean {
    for (let at = 0; at < placed; at += 1) if (this.#unit[at] === index) return true;
    return false;
  }

  #place(index: number, delayedTo: number): boolean {
    if (this.#members.nextOf(index) >= 0) return this.#placeLoad(index, delayedTo);
    const { indexed } = this;
    let ready = indexed.release[index]!;
    if (delayedTo > ready) ready = delayedTo;
    for (const other of indexed.before[index]!) if (this.end[other]! > ready) ready = this.end[other]!;
    return this.#placeBy(index, indexed.able[index]!, this.chosen[index]!, ready);
  }

  #placeBy(index: number, able: Int32Array, chosen: number, ready: number): boolean {
    const unattended = this.#unattended[index]!;
    if (able.length === 0) {
      const start = this.#earliest(index, -1, ready, Infinity);
      if (start === Infinity) return false;
      this.#put(index, -1, start, this.#attendedEnd, this.#attendedEnd + unattended);
      return true;
    }
    let [best, bestStart, bestEnd] = [-1, Infinity, Infinity];
    for (const maker of able) {
      if (maker < 0 || (chosen >= 0 && maker !== chosen)) continue;
      const start = this.#earliest(index, maker, ready, bestEnd);
      // The maker who finishes first; of two, the one who starts later and so stays free for longer.
      if (start === Infinity || this.#attendedEnd > bestEnd - HAIR) continue;
      [best, bestStart, bestEnd] = [maker, start, this.#attendedEnd];
    }
    if (best < 0) return false;
    this.#put(index, best, bestStart, bestEnd, bestEnd + unattended);
    return true;
  }

  #note(index: number, maker: number, start: number, attendedEnd: number, end: number): void {
    this.start[index] = start;
    this.attendedEnd[index] = attendedEnd;
    this.end[index] = end;
    this.maker[index] = maker;
  }

  #put(index: number, maker: number, start: number, attendedEnd: number, end: number): void {
    this.#note(index, maker, start, attendedEnd, end);
    if (maker >= 0 && attendedEnd > start) this.#hands[maker]!.add(index, start, attendedEnd);
    const station = this.indexed.station[index]!;
    if (station >= 0 && end > start) this.#held[station]!.add(index, start, end);
  }

  #take(index: number): void {
    const maker = this.maker[index]!;
    if (maker >= 0) this.#hands[maker]!.remove(index);
    const station = this.indexed.station[index]!;
    if (station >= 0) this.#held[station]!.remove(index);
  }

  /**
   * @param limit  an attended part that ends later is not wanted
   * @returns the earliest start; the end of its attended part is kept in a field
   */
  #earliest(index: number, maker: number, ready: number, limit: number): number {
    const { indexed } = this;
    const attended = this.#attended[index]!;
    const unattended = this.#unattended[index]!;
    const station = indexed.station[index]!;
    const open =
      unattended > 0 && station >= 0 && indexed.anyHour[index] === 0 ? (indexed.stations[station]?.open ?? null) : null;
    const isPausable = indexed.pausable[index] === 1;
    const shifts = maker >= 0 ? indexed.shifts[maker] : undefined;
    const lastStart = maker >= 0 && this.#anyStart[index] === 0 ? indexed.lastStart[maker]! : 0;
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
        else if (start > shifts[shift + 1]! - lastStart + HAIR && start > shifts[shift]! + HAIR) {
          // Not worth starting so near the end of the shift.
          start = shifts[shift + 1]!;
          continue;
        }
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

// Late acceptance hill climbing over orders of steps.
import { compareObjectives, SAME } from '../model/objective.ts';
import type { Objective } from '../model/problem.ts';
import { topologicalOrder } from './priority-rules.ts';
import type { SerialScheduleGeneration } from './serial-schedule-generation.ts';
import { type Solution, solutionOf } from './solution.ts';
import { tieBreakScore, tieBreakScoreOf } from './tie-breaks.ts';

/** Share by which the starting values of the history are worse than the best. */
const SLACKER = 0.06;
/** Farthest a near move goes, in places. */
const NEAR = 8;
/** Most steps looked at along the critical chain of a job. */
const MOST_HOPS = 12;

/**
 * Late acceptance hill climbing (Burke and Bykov 2017): a change is accepted when it is no worse than the value of some
 * iterations ago. It needs no temperature, and tardiness and makespan stay separate.
 */
export class LateAcceptance {
  readonly #decoder: SerialScheduleGeneration;
  readonly #random: () => number;
  readonly #order: Int32Array;
  readonly #tried: Int32Array;
  readonly #place: Int32Array;
  readonly #movable: readonly number[];
  readonly #late: number[] = [];
  /** Values of the last iterations, as a ring buffer. */
  readonly #tardinessBefore: Float64Array;
  readonly #makespanBefore: Float64Array;
  #at = 0;
  #lastJob = 0;
  #changedStep = -1;
  #chosenBefore = -1;
  tardiness = 0;
  makespan = 0;
  /** Late-acceptance history length, in iterations. */
  readonly length: number;

  constructor(sgs: SerialScheduleGeneration, from: Solution, random: () => number) {
    const { size, fixed } = sgs.indexed;
    this.#decoder = sgs;
    this.#random = random;
    this.#order = new Int32Array(size);
    this.#tried = new Int32Array(size);
    this.#place = new Int32Array(size);
    this.#movable = Array.from({ length: size }, (_, step) => step).filter((step) => !fixed[step]);
    this.length = Math.max(20, Math.min(400, Math.round(20_000 / size)));
    this.#tardinessBefore = new Float64Array(this.length);
    this.#makespanBefore = new Float64Array(this.length);
    this.goTo(from);
  }

  goTo({ order, chosen, objective }: Solution): void {
    this.#order.set(order);
    this.#decoder.chosen.set(chosen);
    this.#decoder.generate(order);
    this.#take();
    // A little worse than the current value, so that the search can move.
    this.#tardinessBefore.fill(objective.tardiness * (1 + SLACKER * this.#random()));
    this.#makespanBefore.fill(objective.makespan * (1 + SLACKER * this.#random()));
  }

  found(): Solution {
    this.#decoder.generate(this.#order);
    return solutionOf(this.#decoder, this.#order);
  }

  /** Below 0 when the current plan is better. */
  compare(objective: Objective): number {
    return compareObjectives(this, objective);
  }

  isTidier(best: Solution): boolean {
    this.#decoder.generate(this.#order);
    return tieBreakScore(this.#decoder) < tieBreakScoreOf(best, this.#decoder.indexed) - SAME;
  }

  iterate(): void {
    const same = this.#change();
    const isPlan = this.#decoder.generate(this.#tried, same);
    const ago = this.#at % this.length;
    const before = { tardiness: this.#tardinessBefore[ago] ?? 0, makespan: this.#makespanBefore[ago] ?? 0 };
    const isTaken =
      isPlan && (compareObjectives(this.#decoder, before) <= 0 || compareObjectives(this.#decoder, this) <= 0);
    if (isTaken) {
      this.#order.set(this.#tried);
      this.#take();
    } else if (this.#changedStep >= 0) this.#decoder.chosen[this.#changedStep] = this.#chosenBefore;
    this.#tardinessBefore[ago] = this.tardiness;
    this.#makespanBefore[ago] = this.makespan;
    this.#at += 1;
  }

  // The generator holds the schedule of the current order.
  #take(): void {
    this.#decoder.keep();
    this.tardiness = this.#decoder.tardiness;
    this.makespan = this.#decoder.makespan;
    this.#late.length = 0;
    this.#lastJob = this.#decoder.lastJob;
    if (this.tardiness <= SAME) return;
    for (const step of this.#movable)
      if (this.#decoder.isLate(this.#decoder.indexed.job[step] ?? 0)) this.#late.push(step);
  }

  /** @returns the number of steps at the start of the order that did not change */
  #change(): number {
    const random = this.#random;
    this.#changedStep = -1;
    this.#tried.set(this.#order);
    const among = this.#late.length > 0 && random() < 0.5 ? this.#late : this.#movable;
    const pick = among[Math.floor(random() * among.length)];
    if (pick === undefined) return 0;
    const { indexed, chosen } = this.#decoder;
    const able = indexed.able[pick];
    const what = random();
    if (able && able.length > 1 && what < 0.12) {
      this.#changedStep = pick;
      this.#chosenBefore = chosen[pick] ?? -1;
      const one = Math.floor(random() * (able.length + 1));
      chosen[pick] = one === able.length ? -1 : (able[one] ?? -1);
    } else if (what < 0.35) this.#unblock(this.#late.length > 0 ? (indexed.job[pick] ?? 0) : this.#lastJob);
    else if (what > 0.9) this.#moveJob(indexed.job[pick] ?? 0);
    else this.#moveStep(pick, what > 0.7);
    let same = 0;
    while (
      same < this.#tried.length &&
      this.#tried[same] === this.#order[same] &&
      this.#tried[same] !== this.#changedStep
    )
      same += 1;
    return same;
  }

  /** Moves a step to another place, within what it waits for and what waits for it. */
  #moveStep(step: number, isFar: boolean): void {
    const at = this.#findPlaces(step);
    let [low, high] = this.#range(step);
    if (!isFar) [low, high] = [Math.max(low, at - NEAR), Math.min(high, at + NEAR)];
    if (high <= low) return;
    let to = low + Math.floor(this.#random() * (high - low));
    if (to >= at) to += 1;
    this.#put(step, at, to);
  }

  /**
   * Follows the critical chain of a job back from its end, and moves a step of it before the one whose maker or station
   * it waits for.
   */
  #unblock(job: number): void {
    const { indexed, kept } = this.#decoder;
    let step = -1;
    for (const one of indexed.stepsOf[job] ?? [])
      if (step < 0 || (kept.end[one] ?? 0) > (kept.end[step] ?? 0)) step = one;
    for (let hops = 0; step >= 0 && hops < MOST_HOPS; hops += 1) {
      const start = kept.start[step] ?? 0;
      let [before, beforeEnd, blocker, blockerEnd] = [-1, -1, -1, -1];
      for (const other of indexed.before[step] ?? []) {
        const end = kept.end[other] ?? 0;
        if (end > beforeEnd) [before, beforeEnd] = [other, end];
      }
      const maker = kept.maker[step] ?? -1;
      const station = indexed.station[step] ?? -1;
      for (let other = 0; other < indexed.size; other += 1) {
        if (other === step || indexed.fixed[other]) continue;
        const isSame =
          (maker >= 0 && kept.maker[other] === maker) || (station >= 0 && indexed.station[other] === station);
        if (!isSame) continue;
        const end =
          (station >= 0 && indexed.station[other] === station ? kept.end[other] : kept.attendedEnd[other]) ?? 0;
        if (end <= start + SAME && end > blockerEnd) [blocker, blockerEnd] = [other, end];
      }
      const isBlocked = blocker >= 0 && blocker !== before && blockerEnd >= beforeEnd;
      if (isBlocked && !indexed.fixed[step] && this.#random() < 0.5) {
        this.#goBefore(step, blocker);
        return;
      }
      step = isBlocked && this.#random() < 0.5 ? blocker : before;
    }
  }

  #goBefore(step: number, blocker: number): void {
    const at = this.#findPlaces(step);
    const there = this.#place[blocker] ?? 0;
    if (there >= at) return;
    const [low] = this.#range(step);
    if (low <= there) this.#put(step, at, there);
    else {
      // What it waits for comes after the other step: then the other one moves behind it, as far as it may.
      const [, high] = this.#range(blocker);
      this.#put(blocker, there, Math.min(high, at));
    }
  }

  #findPlaces(step: number): number {
    for (let at = 0; at < this.#tried.length; at += 1) this.#place[this.#tried[at] ?? 0] = at;
    return this.#place[step] ?? 0;
  }

  /** Range of places a step may have. */
  #range(step: number): [number, number] {
    const { indexed } = this.#decoder;
    let [low, high] = [0, this.#tried.length - 1];
    for (const other of indexed.before[step] ?? []) low = Math.max(low, (this.#place[other] ?? 0) + 1);
    for (const other of indexed.behind[step] ?? []) high = Math.min(high, (this.#place[other] ?? 0) - 1);
    return [low, high];
  }

  #put(step: number, at: number, to: number): void {
    const order = this.#tried;
    if (to < at) order.copyWithin(to + 1, to, at);
    else order.copyWithin(at, at + 1, to + 1);
    order[to] = step;
  }

  /** Moves all steps of a job earlier or later. */
  #moveJob(job: number): void {
    const { indexed } = this.#decoder;
    const order = this.#tried;
    const shift = (this.#random() - 0.5) * order.length * 0.6;
    const rank = new Float64Array(order.length);
    order.forEach((step, at) => {
      rank[step] = at + (indexed.job[step] === job ? shift : 0);
    });
    order.set(topologicalOrder(indexed, (step) => rank[step] ?? 0));
  }
}

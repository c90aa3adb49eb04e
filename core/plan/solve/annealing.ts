// Simulated annealing over orders of steps, in short runs. The limit of each try is drawn beforehand, so that a try ends as
// soon as its cost is above it: exact annealing, only faster.
import type { IndexedProblem } from '../model/indexed-problem.ts';
import { compareSoFar, SAME } from '../model/objective.ts';
import { costBoundsOf } from './cost-bounds.ts';
import { OrderMoves } from './order-moves.ts';
import { ResourceTurns } from './resource-turns.ts';
import { type CostWeights, SerialScheduleGeneration } from './serial-schedule-generation.ts';
import { hasRoom, loadableSteps, loadsAlone, loadWith, unload } from './shared-loads.ts';
import { type Solution, solutionOf } from './solution.ts';

/* eslint-disable @typescript-eslint/no-non-null-assertion -- indices below their lengths, in the innermost loop there is */

/** An order with the makers that have to do each step, and the loads that are shared. */
export type Start = Pick<Solution, 'order' | 'chosen' | 'loads'>;

/** Temperature at the start of a run, as a share of what the start costs above the least cost; and at its end of that. */
const HOT = 0.015;
const COLD = 0.03;
/** Shares of the kinds of change. */
const UNBLOCK = 0.5;
const ANYWHERE = 0.1;
const HANDS = 0.08;
const SHIFT_JOB = 0.05;
const SWAP_JOBS = 0.05;
/** Share of changes of a load, where steps can share loads; of them, steps that leave their load. */
const RELOAD = 0.12;
const ALONE = 0.3;
/** Share of changes that begin at a step of a late job. */
const LATE = 0.5;
/** Most steps looked at along what binds a job. */
const MOST_HOPS = 40;
/** After this many tries the caller may look at the clock. */
const LOOK_EVERY = 32;

/** Annealing over one problem. */
export class Annealing {
  readonly sgs: SerialScheduleGeneration;
  readonly indexed: IndexedProblem;
  readonly moves: OrderMoves;
  tries = 0;
  readonly #random: () => number;
  readonly #movable: readonly number[];
  readonly #branching: readonly number[];
  readonly #jobs: readonly number[];
  readonly #turns: ResourceTurns;
  readonly #late: number[] = [];
  readonly #lateJobs: number[] = [];
  #changedStep = -1;
  #chosenBefore = -1;
  /** First place in the order that a changed load reaches; −1 for none. */
  #reloaded = -1;
  readonly #loadable: readonly (readonly number[])[];
  readonly #loadsBefore: Int32Array;

  constructor(indexed: IndexedProblem, random: () => number) {
    this.indexed = indexed;
    this.sgs = new SerialScheduleGeneration(indexed);
    this.sgs.costBounds = costBoundsOf(indexed);
    this.moves = new OrderMoves(indexed);
    this.#random = random;
    this.#turns = new ResourceTurns(indexed);
    this.#movable = Array.from({ length: indexed.size }, (_, step) => step).filter((step) => !indexed.fixed[step]);
    this.#branching = this.#movable.filter((step) => indexed.able[step]!.length > 1);
    this.#loadable = loadableSteps(indexed);
    this.#loadsBefore = loadsAlone(indexed);
    this.#jobs = indexed.stepsOf.flatMap((steps, job) => (steps.some((step) => !indexed.fixed[step]) ? [job] : []));
  }

  /**
   * One short run.
   * @param tries  its length
   * @param heat   factor of the first temperature
   * @yields null now and then, so that the caller can stop
   * @returns the best of the run; null when the start has no schedule
   */
  *run(start: Start, tries: number, weights: CostWeights, heat = 1): Generator<null, Solution | null> {
    const { sgs, moves } = this;
    sgs.weights = weights;
    const least = sgs.leastCost();
    sgs.take(start);
    if (sgs.generateWithin(start.order, 0, -1, Infinity) !== 'done') return null;
    moves.goTo(start.order);
    let best = solutionOf(sgs, moves.order);
    let cost = sgs.cost;
    this.#take();
    let temperature = Math.max(1, (cost - least) * HOT * heat);
    const cooling = Math.pow(COLD, LOOK_EVERY / tries);
    const { second, size } = this.indexed;
    const { order, tried } = moves;
    for (let at = 1; at <= tries; at += 1) {
      if (at % LOOK_EVERY === 0) {
        temperature *= cooling;
        yield null;
      }
      this.#changedStep = -1;
      this.#reloaded = -1;
      if (!this.#change()) {
        this.#undo(0, size - 1);
        continue;
      }
      this.tries += 1;
      const changed = this.#changedStep;
      let same = 0;
      const most = this.#reloaded < 0 ? size : this.#reloaded;
      while (same < most && tried[same] === order[same] && tried[same] !== changed) same += 1;
      if (same === size) continue;
      let last = size - 1;
      while (this.#reloaded < 0 && last > same && tried[last] === order[last] && tried[last] !== changed) last -= 1;
      const limit = cost - temperature * Math.log(this.#random() + 1e-12) + SAME;
      const outcome = sgs.generateWithin(tried, same, last, limit);
      if (outcome === 'worse') this.#undo(same, last);
      else if (outcome === 'same') {
        // The same schedule in another order: a plateau to walk on.
        if (changed >= 0 || this.#reloaded >= 0 || this.#random() < 0.5) this.#undo(same, last);
        else moves.accept(same, last);
      } else if (sgs.cost > limit) this.#undo(same, last);
      else {
        cost = sgs.cost;
        moves.accept(same, last);
        this.#take();
        const by = compareSoFar(sgs, best.objective, second);
        if (by < 0 || (by === 0 && sgs.changes() < best.objective.changes)) best = solutionOf(sgs, order);
      }
    }
    return best;
  }

  #take(): void {
    const { sgs } = this;
    const { due, stepsOf, fixed, weight } = this.indexed;
    sgs.keep();
    this.#turns.forget();
    this.#late.length = 0;
    this.#lateJobs.length = 0;
    for (let job = 0; job < due.length; job += 1) {
      if (!sgs.isLate(job) || weight[job] === 0) continue;
      this.#lateJobs.push(job);
      for (const step of stepsOf[job]!) if (!fixed[step]) this.#late.push(step);
    }
  }

  /** Puts the tried order back as it was. */
  #undo(from: number, to: number): void {
    const { order, tried } = this.moves;
    for (let at = from; at <= to; at += 1) tried[at] = order[at]!;
    if (this.#changedStep >= 0) this.sgs.chosen[this.#changedStep] = this.#chosenBefore;
    if (this.#reloaded >= 0) this.sgs.loads.set(this.#loadsBefore);
  }

  /** Changes the tried order or the hands of a step. @returns false where nothing was changed */
  #change(): boolean {
    const { indexed, moves } = this;
    const random = this.#random;
    if (this.#loadable.length > 0 && random() < RELOAD) return this.#reload();
    const among = this.#late.length > 0 && random() < LATE ? this.#late : this.#movable;
    const step = among[Math.floor(random() * among.length)];
    if (step === undefined) return false;
    let what = random();
    if (this.#branching.length > 0) {
      if ((what -= HANDS) < 0) {
        const isBranching = indexed.able[step]!.length > 1;
        return this.#choose(isBranching ? step : this.#branching[Math.floor(random() * this.#branching.length)]!);
      }
    } else what *= 1 - HANDS;
    if ((what -= UNBLOCK) < 0) return this.#unblock(this.#soreJob());
    if ((what -= SHIFT_JOB) < 0) {
      moves.shiftJob(indexed.job[step]!, (random() - 0.5) * 0.5 * indexed.size);
      return true;
    }
    if ((what -= SWAP_JOBS) < 0) {
      const other = this.#jobs[Math.floor(random() * this.#jobs.length)]!;
      if (other === indexed.job[step]) return false;
      moves.swapJobs(indexed.job[step]!, other, random() < 0.5);
      return true;
    }
    if (what < ANYWHERE) return moves.shift(step, random);
    return this.#passRival(step);
  }

  /** A job that is late; where none is, the one that ends last, or any where completion is an aim. */
  #soreJob(): number {
    const random = this.#random;
    if (this.#lateJobs.length > 0) return this.#lateJobs[Math.floor(random() * this.#lateJobs.length)]!;
    if (this.indexed.second === 'makespan') return this.sgs.lastJob;
    return this.#jobs[Math.floor(random() * this.#jobs.length)] ?? 0;
  }

  #choose(step: number): boolean {
    const able = this.indexed.able[step]!;
    const { chosen } = this.sgs;
    this.#changedStep = step;
    this.#chosenBefore = chosen[step]!;
    chosen[step] = this.#random() < 0.4 ? -1 : able[Math.floor(this.#random() * able.length)]!;
    return chosen[step] !== this.#chosenBefore;
  }

  /** A step goes into the load of another, or out of its own; a whole load goes into another. */
  #reload(): boolean {
    const { indexed, moves } = this;
    const { loads, kept } = this.sgs;
    const random = this.#random;
    const kind = this.#loadable[Math.floor(random() * this.#loadable.length)]!;
    const step = kind[Math.floor(random() * kind.length)]!;
    let near = kind[Math.floor(random() * kind.length)]!;
    const distance = (other: number) => Math.abs(kept.start[other]! - kept.start[step]!);
    for (let more = 0; more < 2; more += 1) {
      const other = kind[Math.floor(random() * kind.length)]!;
      if (near === step || (other !== step && distance(other) < distance(near))) near = other;
    }
    this.#loadsBefore.set(loads);
    const [own, its] = [loads[step]!, loads[near]!];
    const isMember = kind.filter((other) => loads[other] === own || loads[other] === its);
    if (random() < ALONE) unload(loads, step);
    else {
      const joining = random() < 0.5 ? [step] : kind.filter((other) => loads[other] === own);
      for (const one of joining) if (hasRoom(indexed, loads, one, near, moves.precedence)) loadWith(loads, one, near);
    }
    if (isMember.every((other) => loads[other] === this.#loadsBefore[other])) return false;
    this.#reloaded = Math.min(...isMember.map((other) => this.#firstPlace(other)));
    return true;
  }

  /** The first place in the order at which a step may be placed: with the step it has to follow soon. */
  #firstPlace(step: number): number {
    const { indexed, moves } = this;
    let first = moves.place[step]!;
    if (indexed.within[step]! < Infinity)
      for (const other of indexed.before[step]!) first = Math.min(first, this.#firstPlace(other));
    return first;
  }

  /** The step goes before or behind one of its next rivals for the same station or the same hands. */
  #passRival(step: number): boolean {
    const { moves, indexed } = this;
    const random = this.#random;
    let left = 1;
    while (random() < 0.45 && left < 18) left += 1;
    let found = -1;
    if (random() < 0.5) {
      for (let at = moves.place[step]! - 1; at >= 0 && left > 0; at -= 1) {
        const other = moves.order[at]!;
        if (moves.precedes(other, step) || !this.#isRival(step, other)) continue;
        found = other;
        left -= 1;
      }
      if (found < 0 || indexed.fixed[found]) return false;
      moves.pull(step, found);
      return true;
    }
    for (let at = moves.place[step]! + 1; at < indexed.size && left > 0; at += 1) {
      const other = moves.order[at]!;
      if (moves.precedes(step, other) || !this.#isRival(step, other)) continue;
      found = other;
      left -= 1;
    }
    if (found < 0 || indexed.fixed[found]) return false;
    moves.push(step, found);
    return true;
  }

  #isRival(step: number, other: number): boolean {
    const { station } = this.indexed;
    if (station[step]! >= 0 && station[other] === station[step]) return true;
    const { maker } = this.sgs.kept;
    return maker[step]! >= 0 && maker[other] === maker[step];
  }

  /**
   * Follows what binds a job back from its end, and changes the turn or the hands of one of the pairs of rivals on the
   * way.
   */
  #unblock(job: number): boolean {
    const { indexed, moves } = this;
    const { kept } = this.sgs;
    const random = this.#random;
    let step = -1;
    for (const one of indexed.stepsOf[job]!) if (step < 0 || kept.end[one]! > kept.end[step]!) step = one;
    let [first, then, pairs] = [-1, -1, 0];
    for (let hops = 0; step >= 0 && hops < MOST_HOPS; hops += 1) {
      let [before, beforeEnd] = [-1, -1];
      for (const other of indexed.before[step]!)
        if (kept.end[other]! > beforeEnd) [before, beforeEnd] = [other, kept.end[other]!];
      const blocker = this.#blockerOf(step);
      const isBlocked = blocker >= 0 && this.#blockerEnd >= beforeEnd;
      if (isBlocked && !indexed.fixed[step]) {
        pairs += 1;
        if (random() * pairs < 1) [first, then] = [blocker, step];
      }
      step = isBlocked && (this.#blockerEnd > beforeEnd || random() < 0.5) ? blocker : before;
    }
    if (then < 0) return false;
    const what = random();
    if (what < 0.15 && indexed.able[then]!.length > 1) return this.#choose(then);
    if (what < 0.3 && indexed.able[first]!.length > 1) return this.#choose(first);
    if (moves.place[first]! >= moves.place[then]!) return false;
    if (random() < 0.6) moves.pull(then, first);
    else moves.push(first, then);
    return true;
  }

  #blockerEnd = 0;
  /** The last step that its station or its hands did before it; its end is kept in a field. */
  #blockerOf(step: number): number {
    const { indexed } = this;
    const { kept } = this.sgs;
    const station = indexed.station[step]!;
    const maker = kept.maker[step]!;
    this.#turns.sort(kept);
    this.#blockerEnd = -1;
    const byStation = station < 0 ? -1 : this.#lastBefore(step, this.#turns.ofStation[station]!, kept.end);
    const byHands = maker < 0 ? -1 : this.#lastBefore(step, this.#turns.ofMaker[maker]!, kept.attendedEnd);
    return byHands >= 0 ? byHands : byStation;
  }

  /** The last of steps, in the order of their ends, that ends by the start of one and later than what was found so far. */
  #lastBefore(step: number, inTurn: readonly number[], end: Float64Array): number {
    const { indexed, moves } = this;
    const latest = this.sgs.kept.start[step]! + SAME;
    let [low, high] = [0, inTurn.length];
    while (low < high) {
      const middle = (low + high) >> 1;
      if (end[inTurn[middle]!]! <= latest) low = middle + 1;
      else high = middle;
    }
    for (let at = low - 1; at >= 0; at -= 1) {
      const other = inTurn[at]!;
      if (end[other]! <= this.#blockerEnd) return -1;
      if (other === step || indexed.fixed[other] || moves.precedes(other, step)) continue;
      this.#blockerEnd = end[other]!;
      return other;
    }
    return -1;
  }
}

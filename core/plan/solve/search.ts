// The search: a first plan by priority rules, then short annealings from a pool of plans whose jobs are crossed. The same
// seed and number of tries give the same plan. docs/decisions/015 says what was measured.
import { seeded } from '../../measure/random.ts';
import type { IndexedProblem } from '../model/indexed-problem.ts';
import { compareObjectives, isBetter, reachesBound } from '../model/objective.ts';
import { Precedence } from '../model/precedence.ts';
import type { Bound } from '../model/problem.ts';
import { Annealing, type Start } from './annealing.ts';
import { crossed } from './crossover.ts';
import { priorityRuleOrders } from './priority-rules.ts';
import { randomOrder } from './random-orders.ts';
import { type CostWeights, SerialScheduleGeneration } from './serial-schedule-generation.ts';
import { hasRoom, loadableSteps, loadsAlone, loadWith } from './shared-loads.ts';
import { type Solution, solutionOf } from './solution.ts';
import { tailsOf } from './tails.ts';

/** Terms of a search. */
export interface SearchTerms {
  readonly seed: number;
  /** Most tries. */
  readonly tries: number;
  /** The search ends when this bound is reached. */
  readonly bound?: Bound;
  /** An order to start from, besides those of the rules. */
  readonly from?: Start | undefined;
  /** Plans that another search found since the last call. */
  readonly others?: (() => readonly Start[]) | undefined;
}

/** Most plans in the pool, and fresh ones it begins with. */
const POOL = 12;
const FRESH = 5;
/** Tries of a run: so many, and so many more for each step. */
const TRIES = 5000;
const TRIES_A_STEP = 25;
/** Every so many runs one is so many times as long and as hot: short runs refine, long ones leave a valley. */
const LONG_EVERY = 4;
const LONGER = 4;
/** Share of runs that start from a plan of the pool as it is. */
const AGAIN = 0.25;
/** Runs without a better plan before the pool is emptied but for the best. */
const STALE = 40;
/** Random orders of which the best is a start. */
const RANDOM_STARTS = 300;
const TRIES_A_JOB = 40;
/** Loads that are tried together in the first plan: fewer in a large problem, so that it takes as long. */
const MOST_JOINS = 100;
const JOINS_OF_ONE = 30_000;
/** Minutes beyond a maximal lag outweigh all else. */
const OVER_LAG = 1000;

/**
 * @yields each better plan, the first at once; null now and then, so that the caller can stop
 * @returns the best plan; null when there is none: no maker is there long enough
 */
export function* searchPlan(indexed: IndexedProblem, terms: SearchTerms): Generator<Solution | null, Solution | null> {
  const rules = ruledPlans(indexed, terms.from);
  const [first] = rules;
  if (!first) return null;
  yield first;
  if (indexed.size < 2 || terms.tries <= 0) return first;
  const search = new PoolSearch(indexed, terms, first);
  return yield* search.run();
}

/** Plans by the priority rules, and one like the plan to start from; the best first. */
function ruledPlans(indexed: IndexedProblem, from: Start | undefined): Solution[] {
  const sgs = new SerialScheduleGeneration(indexed);
  const anybody = new Int32Array(indexed.size).fill(-1);
  const loads = loadsAlone(indexed);
  const starts: Start[] = priorityRuleOrders(indexed).map((order) => ({ order, chosen: anybody, loads }));
  if (from?.order.length === indexed.size) starts.unshift(from);
  const plans = starts
    .flatMap((start) => {
      sgs.take(start);
      return sgs.generate(start.order) ? [solutionOf(sgs, Int32Array.from(start.order))] : [];
    })
    .sort((a, b) => compareObjectives(a.objective, b.objective, indexed.second));
  const [first] = plans;
  return first ? [loadedTogether(sgs, first), ...plans.slice(1)] : [];
}

/** Steps that would go into a station one after the other share a load, where the plan gains by it. */
function loadedTogether(sgs: SerialScheduleGeneration, plan: Solution): Solution {
  const { indexed } = sgs;
  const precedence = new Precedence(indexed);
  let best = plan;
  let left = Math.min(MOST_JOINS, Math.round(JOINS_OF_ONE / indexed.size));
  for (const kind of loadableSteps(indexed)) {
    const inTurn = kind.toSorted((a, b) => (plan.steps[a]?.start ?? 0) - (plan.steps[b]?.start ?? 0));
    for (const [at, step] of inTurn.slice(1).entries()) {
      const before = inTurn[at] ?? step;
      if (left <= 0) return best;
      if (!hasRoom(indexed, best.loads, step, before, precedence)) continue;
      left -= 1;
      sgs.take(best);
      loadWith(sgs.loads, step, before);
      if (!sgs.generate(best.order)) continue;
      if (isBetter(sgs.objective(), best.objective, indexed.second)) best = solutionOf(sgs, best.order);
    }
  }
  return best;
}

class PoolSearch {
  readonly #indexed: IndexedProblem;
  readonly #terms: SearchTerms;
  readonly #random: () => number;
  readonly #annealing: Annealing;
  readonly #tail: Float64Array;
  readonly #anybody: Int32Array;
  readonly #alone: Int32Array;
  #best: Solution;
  #runs = 0;

  constructor(indexed: IndexedProblem, terms: SearchTerms, first: Solution) {
    this.#indexed = indexed;
    this.#terms = terms;
    this.#random = seeded(terms.seed);
    this.#annealing = new Annealing(indexed, this.#random);
    this.#tail = tailsOf(indexed);
    this.#anybody = new Int32Array(indexed.size).fill(-1);
    this.#alone = loadsAlone(indexed);
    this.#best = first;
  }

  *run(): Generator<Solution | null, Solution> {
    let pool: Solution[] = this.#terms.from ? [this.#best] : [];
    while (!this.#isOver()) {
      for (let at = pool.length; at < FRESH && !this.#isOver(); at += 1) {
        const found = yield* this.#anneal(at === 0 && this.#runs === 0 ? this.#best : yield* this.#freshStart(at));
        if (found) pool.push(found);
      }
      if (pool.length === 0) return this.#best;
      pool.sort(this.#compare);
      for (let stale = 0; stale < STALE && !this.#isOver();) {
        for (const other of this.#terms.others?.() ?? []) yield* this.#enter(pool, other);
        const before = this.#best;
        const child = yield* this.#anneal(this.#parent(pool));
        if (child) enter(pool, child, this.#compare);
        stale = this.#best === before ? stale + 1 : 0;
      }
      pool = [this.#best];
    }
    return this.#best;
  }

  readonly #compare = (a: Solution, b: Solution) => compareObjectives(a.objective, b.objective, this.#indexed.second);

  #isOver(): boolean {
    const { bound, tries } = this.#terms;
    if (this.#annealing.tries >= tries) return true;
    // With the bound reached, a first round still looks for fewer changes of set-up.
    return bound !== undefined && this.#runs > 1 && reachesBound(this.#best.objective, bound, this.#indexed.second);
  }

  /** A good one of the pool as it is, or its jobs crossed with those of any other. */
  #parent(pool: readonly Solution[]): Start {
    const random = this.#random;
    const at = Math.floor(random() * random() * pool.length);
    const good = pool[at] ?? this.#best;
    if (random() < AGAIN || pool.length < 2) return good;
    let other = Math.floor(random() * pool.length);
    if (other === at) other = (at + 1) % pool.length;
    return crossed(this.#indexed, good, pool[other] ?? good, random);
  }

  *#enter(pool: Solution[], start: Start): Generator<Solution | null> {
    const { sgs } = this.#annealing;
    sgs.take(start);
    if (!sgs.generate(start.order)) return;
    const found = solutionOf(sgs, Int32Array.from(start.order));
    enter(pool, found, this.#compare);
    yield* this.#take(found);
  }

  *#take(found: Solution): Generator<Solution | null> {
    if (!isBetter(found.objective, this.#best.objective, this.#indexed.second)) return;
    this.#best = found;
    yield found;
  }

  *#anneal(start: Start): Generator<Solution | null, Solution | null> {
    const left = this.#terms.tries - this.#annealing.tries;
    const long = this.#runs % LONG_EVERY === LONG_EVERY - 1 ? LONGER : 1;
    const tries = Math.min(left, (TRIES + TRIES_A_STEP * this.#indexed.size) * long);
    if (tries <= 0) return null;
    const found = yield* this.#annealing.run(start, tries, this.#weights(), long);
    this.#runs += 1;
    if (found) yield* this.#take(found);
    return found;
  }

  /** In turn, so that no run sees the same slopes as the one before. */
  #weights(): CostWeights {
    const { second, weight, due } = this.#indexed;
    const isLate = this.#best.objective.tardiness > 0;
    const turn = this.#runs;
    const overLag = OVER_LAG;
    if (second === 'completion') {
      const flow = isLate ? ([0.1, 0.02, 0.3, 0.05][turn % 4] ?? 0.1) : 1;
      return { overLag, tardiness: isLate ? 1 : 50, makespan: 0, flow, changes: flow };
    }
    const isDue = due.some((one, job) => Number.isFinite(one) && (weight[job] ?? 0) > 0);
    const flow = [0.02, 0, 0.05, 0.01][Math.floor(turn / 4) % 4] ?? 0.02;
    if (!isDue || !isLate) return { overLag, tardiness: 50, makespan: 1, flow: flow / 2, changes: 0.2 };
    return { overLag, tardiness: 1, makespan: [0.1, 0.02, 0.3, 0.05][turn % 4] ?? 0.1, flow, changes: 0.2 };
  }

  /** In turn: the best of orders of whole jobs, climbed; the best of many random orders. */
  *#freshStart(turn: number): Generator<null, Start> {
    return turn % 2 === 0 && this.#indexed.stepsOf.length > 2 ? yield* this.#climbed() : yield* this.#bestOfRandom();
  }

  *#bestOfRandom(): Generator<null, Start> {
    const { sgs } = this.#annealing;
    sgs.weights = this.#weights();
    sgs.take({ chosen: this.#anybody, loads: this.#random() < 0.5 ? this.#best.loads : this.#alone });
    let [best, limit]: [Int32Array | null, number] = [null, Infinity];
    for (let at = 0; at < RANDOM_STARTS && !this.#isOver(); at += 1) {
      if (at % 16 === 15) yield null;
      const order = randomOrder(this.#indexed, this.#tail, this.#random);
      this.#annealing.tries += 1;
      if (sgs.generateWithin(order, 0, -1, limit) !== 'done') continue;
      [best, limit] = [order, sgs.cost];
    }
    return { order: best ?? this.#best.order, chosen: sgs.chosen.slice(), loads: sgs.loads.slice() };
  }

  *#climbed(): Generator<null, Start> {
    const { sgs } = this.#annealing;
    const { due, weight, stepsOf } = this.#indexed;
    const random = this.#random;
    sgs.weights = this.#weights();
    sgs.take({ chosen: this.#anybody, loads: this.#random() < 0.5 ? this.#best.loads : this.#alone });
    const urgency = Float64Array.from(
      due,
      (one, job) => Math.min(one, 1e5) * (0.7 + 0.6 * random()) - 100 * (weight[job] ?? 0) * random(),
    );
    const steps = this.#stepsByJob();
    let jobs = stepsOf.map((_steps, job) => job).sort((a, b) => (urgency[a] ?? 0) - (urgency[b] ?? 0));
    let [best, limit]: [Int32Array | null, number] = [null, Infinity];
    for (let at = 0; at < TRIES_A_JOB * jobs.length && !this.#isOver(); at += 1) {
      if (at % 16 === 15) yield null;
      const moved = jobs.slice();
      if (at > 0) {
        const [job = 0] = moved.splice(Math.floor(random() * jobs.length), 1);
        moved.splice(Math.floor(random() * jobs.length), 0, job);
      }
      const order = Int32Array.from(moved.flatMap((job) => steps[job] ?? []));
      this.#annealing.tries += 1;
      if (sgs.generateWithin(order, 0, -1, limit) !== 'done') continue;
      [best, limit, jobs] = [order, sgs.cost, moved];
    }
    return { order: best ?? this.#best.order, chosen: sgs.chosen.slice(), loads: sgs.loads.slice() };
  }

  /** The steps of each job, long tails first. */
  #stepsByJob(): number[][] {
    const [rule] = priorityRuleOrders(this.#indexed).slice(3);
    const all: number[][] = this.#indexed.stepsOf.map(() => []);
    for (const step of rule ?? []) all[this.#indexed.job[step] ?? 0]?.push(step);
    return all;
  }
}

/** A plan enters the pool in place of one as good, or of the worst. */
function enter(pool: Solution[], one: Solution, compare: (a: Solution, b: Solution) => number): void {
  const twin = pool.findIndex((other) => compare(one, other) === 0);
  if (twin >= 0) pool[twin] = one;
  else pool.push(one);
  pool.sort(compare);
  if (pool.length > POOL) pool.pop();
}

// The search: a good plan at once by rules, then better ones by walks over orders of steps. First the tardiness, then the
// end of all; of equals fewer set-ups, then less work in hand. The same seed and number of tries give the same plan.
import { seeded } from '../price/chance.ts';
import { Decoder } from './decode.ts';
import { topological, usualOrders } from './orders.ts';
import type { Objective, ScheduledStep } from './problem.ts';
import type { Shop } from './shop.ts';

export interface Found {
  readonly objective: Objective;
  readonly steps: readonly ScheduledStep[];
  /** The order it came from, to go on from. */
  readonly order: Int32Array;
  readonly chosen: Int32Array;
}

export interface SearchTerms {
  readonly seed: number;
  /** Tries at most. */
  readonly tries: number;
  /** Ends the search when it is reached: nothing is better. */
  readonly bound?: Objective;
  /** An order to begin with, besides the usual ones. */
  readonly from?: Pick<Found, 'order' | 'chosen'> | undefined;
}

/** After so many tries without anything new whoever asked may look at the clock. */
const LOOK_EVERY = 32;
/** Rounds of a walk without a better plan after which it begins again from the best. */
const PATIENCE = 60;
/** How much worse than the best a walk may begin. */
const SLACKER = 0.06;
/** Orders of whole jobs that are tried, for each job and at most. */
const TRIES_A_JOB = 20;
const MOST_JOB_TRIES = 800;
const JOB_STARTS = 3;
/** Tries for fewer set-ups once nothing better can be. */
const TIDYING = 300;
/** Places a near move goes at most. */
const NEAR = 8;
/** Steps looked at along what binds a job. */
const MOST_HOPS = 12;
const SAME = 1e-6;

/**
 * @yields each better plan, the first at once; null now and then in between, so that whoever asked can stop
 * @returns the best; null when there is no plan: somebody needed is never there long enough
 */
export function* searchPlan(shop: Shop, terms: SearchTerms): Generator<Found | null, Found | null> {
  const decoder = new Decoder(shop);
  let best: Found | null = null;
  const anybody = new Int32Array(shop.size).fill(-1);
  const starts: Pick<Found, 'order' | 'chosen'>[] = usualOrders(shop).map((order) => ({ order, chosen: anybody }));
  if (terms.from?.order.length === shop.size) starts.unshift(terms.from);
  const begun: Found[] = [];
  for (const { order, chosen } of starts) {
    decoder.chosen.set(chosen);
    if (!decoder.decode(order)) continue;
    const found = foundOf(decoder, order);
    begun.push(found);
    if (!best || compare(found.objective, best) < 0) best = found;
  }
  if (!best) return null;
  yield best;
  if (shop.size < 2) return best;
  const random = seeded(terms.seed);
  // From several beginnings: where few orders of jobs are good, luck at the start is much.
  for (const start of begun.toSorted((a, b) => compare(a.objective, b)).slice(0, JOB_STARTS))
    for (const found of byJobs(decoder, start, random)) {
      if (found && compare(found.objective, best) >= 0) continue;
      if (found) best = found;
      yield found;
    }
  const walk = new Walk(decoder, best, random);
  let sinceBetter = 0;
  for (let tried = 1; tried <= terms.tries; tried += 1) {
    if (tried % LOOK_EVERY === 0) yield null;
    walk.step();
    sinceBetter += 1;
    const less = walk.compare(best.objective);
    if (less < 0 || (less === 0 && walk.isTidier(best))) {
      best = walk.found();
      if (less < 0) sinceBetter = 0;
      yield best;
    } else if (sinceBetter % (PATIENCE * walk.length) === 0) walk.goTo(best);
    // Nothing is better: what is left is fewer set-ups, for which a while is enough.
    if (sinceBetter > TIDYING && reaches(best.objective, terms.bound)) return best;
  }
  return best;
}

/**
 * Job by job first: which goes before which, all of its steps at once. There are far fewer such orders, and where one
 * station or too few hands make everything late they matter most.
 */
function* byJobs(decoder: Decoder, first: Found, random: () => number): Generator<Found | null> {
  const { shop } = decoder;
  const jobs = shop.stepsOf.length;
  if (jobs < 3) return;
  let best = first;
  const startOf = new Map<number, number>();
  first.order.forEach((step, at) => {
    const job = shop.job[step] ?? 0;
    if (!startOf.has(job)) startOf.set(job, at);
  });
  const sequence = Array.from({ length: jobs }, (_, job) => job).sort(
    (a, b) => (startOf.get(a) ?? 0) - (startOf.get(b) ?? 0) || a - b,
  );
  decoder.chosen.fill(-1);
  let current: Objective = { tardiness: Infinity, makespan: Infinity };
  const most = Math.min(MOST_JOB_TRIES, jobs * TRIES_A_JOB);
  for (let tried = 0; tried < most; tried += 1) {
    if (tried % LOOK_EVERY === LOOK_EVERY - 1) yield null;
    const [from, to] = [Math.floor(random() * jobs), Math.floor(random() * jobs)];
    const moved = sequence.filter((_job, at) => at !== from);
    moved.splice(to, 0, sequence[from] ?? 0);
    const rank = new Int32Array(jobs);
    moved.forEach((job, at) => {
      rank[job] = at;
    });
    const order = topological(shop, (step) => rank[shop.job[step] ?? 0] ?? 0);
    if (
      !decoder.decode(order) ||
      compareTo(decoder.tardiness, decoder.makespan, current.tardiness, current.makespan) > 0
    )
      continue;
    current = { tardiness: decoder.tardiness, makespan: decoder.makespan };
    sequence.splice(0, jobs, ...moved);
    if (compare(decoder, best) >= 0) continue;
    best = foundOf(decoder, order);
    yield best;
  }
}

/**
 * One walk through the orders: a change at a time is taken when it is no worse than the walk was some steps ago (late
 * acceptance, Burke and Bykov 2017). It needs no measure of how bad a change is, and lateness and end stay apart.
 */
class Walk {
  readonly #decoder: Decoder;
  readonly #random: () => number;
  readonly #order: Int32Array;
  readonly #tried: Int32Array;
  readonly #place: Int32Array;
  readonly #movable: readonly number[];
  readonly #late: number[] = [];
  /** Of the last steps of the walk, round and round. */
  readonly #tardinessBefore: Float64Array;
  readonly #makespanBefore: Float64Array;
  #at = 0;
  #lastJob = 0;
  #changedStep = -1;
  #chosenBefore = -1;
  tardiness = 0;
  makespan = 0;
  /** Steps of the walk until it meets itself again. */
  readonly length: number;

  constructor(decoder: Decoder, from: Found, random: () => number) {
    const { size, fixed } = decoder.shop;
    this.#decoder = decoder;
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

  goTo({ order, chosen, objective }: Found): void {
    this.#order.set(order);
    this.#decoder.chosen.set(chosen);
    this.#decoder.decode(order);
    this.#take();
    // A little worse than it is, so that there is somewhere to go.
    this.#tardinessBefore.fill(objective.tardiness * (1 + SLACKER * this.#random()));
    this.#makespanBefore.fill(objective.makespan * (1 + SLACKER * this.#random()));
  }

  found(): Found {
    this.#decoder.decode(this.#order);
    return foundOf(this.#decoder, this.#order);
  }

  /** Below 0 when the walk is better. */
  compare(objective: Objective): number {
    return compareTo(this.tardiness, this.makespan, objective.tardiness, objective.makespan);
  }

  isTidier(best: Found): boolean {
    this.#decoder.decode(this.#order);
    return tidiness(this.#decoder) < bestTidiness(best, this.#decoder.shop) - SAME;
  }

  step(): void {
    const same = this.#change();
    const isPlan = this.#decoder.decode(this.#tried, same);
    const { tardiness, makespan } = this.#decoder;
    const ago = this.#at % this.length;
    const isTaken =
      isPlan &&
      (compareTo(tardiness, makespan, this.#tardinessBefore[ago] ?? 0, this.#makespanBefore[ago] ?? 0) <= 0 ||
        compareTo(tardiness, makespan, this.tardiness, this.makespan) <= 0);
    if (isTaken) {
      this.#order.set(this.#tried);
      this.#take();
    } else if (this.#changedStep >= 0) this.#decoder.chosen[this.#changedStep] = this.#chosenBefore;
    this.#tardinessBefore[ago] = this.tardiness;
    this.#makespanBefore[ago] = this.makespan;
    this.#at += 1;
  }

  // The schedule at hand is where the walk stands now.
  #take(): void {
    this.#decoder.keep();
    this.tardiness = this.#decoder.tardiness;
    this.makespan = this.#decoder.makespan;
    this.#late.length = 0;
    this.#lastJob = this.#decoder.lastJob;
    if (this.tardiness <= SAME) return;
    for (const step of this.#movable)
      if (this.#decoder.isLate(this.#decoder.shop.job[step] ?? 0)) this.#late.push(step);
  }

  /** @returns how many of the first are left as they were */
  #change(): number {
    const random = this.#random;
    this.#changedStep = -1;
    this.#tried.set(this.#order);
    const among = this.#late.length > 0 && random() < 0.5 ? this.#late : this.#movable;
    const pick = among[Math.floor(random() * among.length)];
    if (pick === undefined) return 0;
    const { shop, chosen } = this.#decoder;
    const able = shop.able[pick];
    const what = random();
    if (able && able.length > 1 && what < 0.12) {
      this.#changedStep = pick;
      this.#chosenBefore = chosen[pick] ?? -1;
      const one = Math.floor(random() * (able.length + 1));
      chosen[pick] = one === able.length ? -1 : (able[one] ?? -1);
    } else if (what < 0.35) this.#unblock(this.#late.length > 0 ? (shop.job[pick] ?? 0) : this.#lastJob);
    else if (what > 0.9) this.#moveJob(shop.job[pick] ?? 0);
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

  /** One step to another place, no further than what it waits for and what waits for it. */
  #moveStep(step: number, isFar: boolean): void {
    const at = this.#findPlaces(step);
    let [low, high] = this.#range(step);
    if (!isFar) [low, high] = [Math.max(low, at - NEAR), Math.min(high, at + NEAR)];
    if (high <= low) return;
    let to = low + Math.floor(this.#random() * (high - low));
    if (to >= at) to += 1;
    this.#put(step, at, to);
  }

  /** Back along what binds a job, from its end: somewhere on it a step goes before the one whose hands or station it waits for. */
  #unblock(job: number): void {
    const { shop, kept } = this.#decoder;
    let step = -1;
    for (const one of shop.stepsOf[job] ?? []) if (step < 0 || (kept.end[one] ?? 0) > (kept.end[step] ?? 0)) step = one;
    for (let hops = 0; step >= 0 && hops < MOST_HOPS; hops += 1) {
      const start = kept.start[step] ?? 0;
      let [before, beforeEnd, blocker, blockerEnd] = [-1, -1, -1, -1];
      for (const other of shop.before[step] ?? []) {
        const end = kept.end[other] ?? 0;
        if (end > beforeEnd) [before, beforeEnd] = [other, end];
      }
      const maker = kept.maker[step] ?? -1;
      const station = shop.station[step] ?? -1;
      for (let other = 0; other < shop.size; other += 1) {
        if (other === step || shop.fixed[other]) continue;
        const isSame = (maker >= 0 && kept.maker[other] === maker) || (station >= 0 && shop.station[other] === station);
        if (!isSame) continue;
        const end = (station >= 0 && shop.station[other] === station ? kept.end[other] : kept.attendedEnd[other]) ?? 0;
        if (end <= start + SAME && end > blockerEnd) [blocker, blockerEnd] = [other, end];
      }
      const isBlocked = blocker >= 0 && blocker !== before && blockerEnd >= beforeEnd;
      if (isBlocked && !shop.fixed[step] && this.#random() < 0.5) {
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
      // What it waits for stands behind the other: then the other goes behind it, as far as it may.
      const [, high] = this.#range(blocker);
      this.#put(blocker, there, Math.min(high, at));
    }
  }

  #findPlaces(step: number): number {
    for (let at = 0; at < this.#tried.length; at += 1) this.#place[this.#tried[at] ?? 0] = at;
    return this.#place[step] ?? 0;
  }

  /** Where in the order a step may stand. */
  #range(step: number): [number, number] {
    const { shop } = this.#decoder;
    let [low, high] = [0, this.#tried.length - 1];
    for (const other of shop.before[step] ?? []) low = Math.max(low, (this.#place[other] ?? 0) + 1);
    for (const other of shop.behind[step] ?? []) high = Math.min(high, (this.#place[other] ?? 0) - 1);
    return [low, high];
  }

  #put(step: number, at: number, to: number): void {
    const order = this.#tried;
    if (to < at) order.copyWithin(to + 1, to, at);
    else order.copyWithin(at, at + 1, to + 1);
    order[to] = step;
  }

  /** All of a job sooner or later than it was. */
  #moveJob(job: number): void {
    const { shop } = this.#decoder;
    const order = this.#tried;
    const shift = (this.#random() - 0.5) * order.length * 0.6;
    const rank = new Float64Array(order.length);
    order.forEach((step, at) => {
      rank[step] = at + (shop.job[step] === job ? shift : 0);
    });
    order.set(topological(shop, (step) => rank[step] ?? 0));
  }
}

function compareTo(tardiness: number, makespan: number, otherTardiness: number, otherMakespan: number): number {
  if (Math.abs(tardiness - otherTardiness) > SAME) return tardiness - otherTardiness;
  return Math.abs(makespan - otherMakespan) > SAME ? makespan - otherMakespan : 0;
}

/** Set-ups first, then work in hand: one set-up outweighs any minutes between steps. */
function tidiness(decoder: Decoder): number {
  return setUps(decoder) * 1e6 + workInHand(decoder);
}

const remembered = new WeakMap<Found, number>();

function bestTidiness(best: Found, shop: Shop): number {
  const known = remembered.get(best);
  if (known !== undefined) return known;
  const decoder = new Decoder(shop);
  decoder.chosen.set(best.chosen);
  decoder.decode(best.order);
  const value = tidiness(decoder);
  remembered.set(best, value);
  return value;
}

/** How often somebody has to set up: a step of another kind than the one before it. */
export function setUps({ shop, start, maker }: Decoder): number {
  const steps = Array.from({ length: shop.size }, (_, step) => step).filter((step) => (maker[step] ?? -1) >= 0);
  steps.sort((a, b) => (maker[a] ?? 0) - (maker[b] ?? 0) || (start[a] ?? 0) - (start[b] ?? 0));
  return steps.filter((step, at) => {
    const last = steps[at - 1];
    const kind = shop.kind[step] ?? -1;
    return kind < 0 || last === undefined || maker[last] !== maker[step] || shop.kind[last] !== kind;
  }).length;
}

/** Minutes that begun jobs lie about until they are done, of all jobs. */
function workInHand({ shop, start, end }: Decoder): number {
  let minutes = 0;
  for (const steps of shop.stepsOf) {
    let [first, last] = [Infinity, 0];
    for (const step of steps) {
      first = Math.min(first, start[step] ?? 0);
      last = Math.max(last, end[step] ?? 0);
    }
    if (last > first) minutes += last - first;
  }
  return minutes;
}

function compare({ tardiness, makespan }: Objective, { objective }: Found): number {
  return compareTo(tardiness, makespan, objective.tardiness, objective.makespan);
}

function reaches({ tardiness, makespan }: Objective, bound: Objective | undefined): boolean {
  return bound !== undefined && tardiness <= bound.tardiness + SAME && makespan <= bound.makespan + SAME;
}

/** What a decoder holds, to keep. */
export function foundOf(decoder: Decoder, order: Int32Array): Found {
  return {
    objective: { tardiness: neat(decoder.tardiness), makespan: neat(decoder.makespan) },
    steps: stepsOf(decoder),
    order: order.slice(),
    chosen: decoder.chosen.slice(),
  };
}

const neat = (minutes: number) => Math.round(minutes * 1e6) / 1e6;

/** The schedule a decoder holds, step by step in the order of the problem. */
export function stepsOf({ shop, start, attendedEnd, end, maker }: Decoder): ScheduledStep[] {
  const { jobs, makers } = shop.problem;
  let index = 0;
  return jobs.flatMap((job) =>
    job.steps.map((step): ScheduledStep => {
      const at = index;
      index += 1;
      const by = maker[at] ?? -1;
      return {
        job: job.id,
        step: step.id,
        maker: by < 0 ? null : (makers[by]?.id ?? null),
        start: neat(start[at] ?? 0),
        attendedEnd: neat(attendedEnd[at] ?? 0),
        end: neat(end[at] ?? 0),
      };
    }),
  );
}

// The search: a good plan at once by rules, then better ones by chance, cooled slowly (simulated annealing, Kirkpatrick, Gelatt
// and Vecchi 1983) over orders of steps. First the tardiness, then the end of all; of equals fewer set-ups, then less work
// in hand. The same seed and number of tries give the same plan.
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
/** Tries without a better plan after which the search begins again from the best. */
const PATIENCE = 6000;
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
  for (const { order, chosen } of starts) {
    decoder.chosen.set(chosen);
    if (!decoder.decode(order)) continue;
    if (!best || compare(decoder, best) < 0) best = foundOf(decoder, order);
  }
  if (!best) return null;
  yield best;
  if (shop.size < 2 || reaches(best.objective, terms.bound)) return best;
  const random = seeded(terms.seed);
  const walk = new Walk(decoder, best, random);
  let sinceBetter = 0;
  for (let tried = 0; tried < terms.tries; tried += 1) {
    if (tried % LOOK_EVERY === LOOK_EVERY - 1) yield null;
    walk.step(Math.max(0, 1 - (sinceBetter % PATIENCE) / PATIENCE));
    sinceBetter += 1;
    const { tardiness, makespan } = best.objective;
    if (walk.tardiness > tardiness + SAME) continue;
    if (walk.tardiness > tardiness - SAME && walk.makespan > makespan + SAME) continue;
    const isLess = walk.tardiness < tardiness - SAME || walk.makespan < makespan - SAME;
    if (isLess || walk.isTidier(best)) {
      best = walk.found();
      if (isLess) sinceBetter = 0;
      yield best;
      if (reaches(best.objective, terms.bound) && !isLess) return best;
    }
    if (sinceBetter > 0 && sinceBetter % PATIENCE === 0) walk.goTo(best);
  }
  return best;
}

/** One walk through the orders: a change at a time, taken or left. */
class Walk {
  readonly #decoder: Decoder;
  readonly #random: () => number;
  #order: Int32Array;
  readonly #tried: Int32Array;
  readonly #place: Int32Array;
  readonly #movable: readonly number[];
  #changedStep = -1;
  #chosenBefore = -1;
  tardiness: number;
  makespan: number;

  constructor(decoder: Decoder, from: Found, random: () => number) {
    this.#decoder = decoder;
    this.#random = random;
    this.#order = from.order.slice();
    this.#tried = from.order.slice();
    this.#place = new Int32Array(from.order.length);
    this.tardiness = from.objective.tardiness;
    this.makespan = from.objective.makespan;
    this.#movable = Array.from(from.order).filter((step) => !decoder.shop.fixed[step]);
    decoder.chosen.set(from.chosen);
  }

  goTo(found: Found): void {
    this.#order.set(found.order);
    this.#decoder.chosen.set(found.chosen);
    this.tardiness = found.objective.tardiness;
    this.makespan = found.objective.makespan;
  }

  found(): Found {
    this.#decoder.decode(this.#order);
    return foundOf(this.#decoder, this.#order);
  }

  isTidier(best: Found): boolean {
    this.#decoder.decode(this.#order);
    return tidiness(this.#decoder) < bestTidiness(best, this.#decoder.shop) - SAME;
  }

  /** @param heat  1 hot to 0 cold */
  step(heat: number): void {
    this.#change();
    const isDone = this.#decoder.decode(this.#tried);
    if (isDone && this.#isTaken(heat)) {
      [this.tardiness, this.makespan] = [this.#decoder.tardiness, this.#decoder.makespan];
      this.#order.set(this.#tried);
    } else if (this.#changedStep >= 0) this.#decoder.chosen[this.#changedStep] = this.#chosenBefore;
  }

  // Late minutes are weighed against all that is late, the end against the whole length: a hot walk takes some of either.
  #isTaken(heat: number): boolean {
    const { tardiness, makespan } = this.#decoder;
    const later = tardiness - this.tardiness;
    const chance = () => this.#random();
    if (later > SAME) return heat > 0 && chance() < Math.exp(-later / (heat * heat * 0.02 * (this.tardiness + 30) + 1e-9));
    if (later < -SAME) return true;
    const longer = makespan - this.makespan;
    if (longer <= SAME) return true;
    return heat > 0 && chance() < Math.exp(-longer / (heat * heat * 0.02 * (this.makespan + 1) + 1e-9));
  }

  #change(): void {
    const random = this.#random;
    this.#changedStep = -1;
    this.#tried.set(this.#order);
    const pick = this.#movable[Math.floor(random() * this.#movable.length)];
    if (pick === undefined) return;
    const { shop, chosen } = this.#decoder;
    const able = shop.able[pick];
    const what = random();
    if (able && able.length > 1 && what < 0.15) {
      this.#changedStep = pick;
      this.#chosenBefore = chosen[pick] ?? -1;
      const one = Math.floor(random() * (able.length + 1));
      chosen[pick] = one === able.length ? -1 : (able[one] ?? -1);
      return;
    }
    if (what > 0.9) this.#moveJob(shop.job[pick] ?? 0);
    else this.#moveStep(pick, what > 0.6);
  }

  /** One step to another place, no further than what it waits for and what waits for it. */
  #moveStep(step: number, isFar: boolean): void {
    const { shop } = this.#decoder;
    const order = this.#tried;
    const size = order.length;
    for (let at = 0; at < size; at += 1) this.#place[order[at] ?? 0] = at;
    const at = this.#place[step] ?? 0;
    let [low, high] = [0, size - 1];
    for (const other of shop.before[step] ?? []) low = Math.max(low, (this.#place[other] ?? 0) + 1);
    for (const other of shop.behind[step] ?? []) high = Math.min(high, (this.#place[other] ?? 0) - 1);
    if (!isFar) [low, high] = [Math.max(low, at - 8), Math.min(high, at + 8)];
    if (high <= low) return;
    let to = low + Math.floor(this.#random() * (high - low));
    if (to >= at) to += 1;
    if (to < at) order.copyWithin(to + 1, to, at);
    else order.copyWithin(at, at + 1, to + 1);
    order[to] = step;
  }

  /** All of a job sooner or later than it was. */
  #moveJob(job: number): void {
    const { shop } = this.#decoder;
    const order = this.#tried;
    const shift = (this.#random() - 0.5) * order.length * 0.5;
    const rank = new Float64Array(order.length);
    order.forEach((step, at) => {
      rank[step] = at + (shop.job[step] === job ? shift : 0);
    });
    order.set(topological(shop, (step) => rank[step] ?? 0));
  }
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
  return Math.abs(tardiness - objective.tardiness) > SAME
    ? tardiness - objective.tardiness
    : makespan - objective.makespan;
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

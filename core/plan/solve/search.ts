// The search: a good plan at once by rules, then better ones by walks over orders of steps. First the tardiness, then the
// end of all; of equals fewer set-ups, then less work in hand. The same seed and number of tries give the same plan.
import { seeded } from '../../measure/random.ts';
import { Decoder } from './serial-schedule-generation.ts';
import { byJobs } from './job-permutation-search.ts';
import { foundOf, type Found } from './solution.ts';
import { compareObjectives, isBetter, reaches } from '../model/objective.ts';
import { usualOrders } from './priority-rules.ts';
import type { Objective } from '../model/problem.ts';
import type { Shop } from '../model/indexed-problem.ts';
import { Walk } from './late-acceptance.ts';

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
/** Beginnings of which whole jobs change places. */
const JOB_STARTS = 3;
/** Tries for fewer set-ups once nothing better can be. */
const TIDYING = 300;

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
    if (!best || isBetter(found.objective, best.objective)) best = found;
  }
  if (!best) return null;
  yield best;
  if (shop.size < 2) return best;
  const random = seeded(terms.seed);
  // From several beginnings: where few orders of jobs are good, luck at the start is much.
  for (const start of begun.toSorted((a, b) => compareObjectives(a.objective, b.objective)).slice(0, JOB_STARTS))
    for (const found of byJobs(decoder, start, random)) {
      if (found && !isBetter(found.objective, best.objective)) continue;
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
    if (sinceBetter > TIDYING && terms.bound && reaches(best.objective, terms.bound)) return best;
  }
  return best;
}

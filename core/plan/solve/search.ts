// The search: a good plan at once by rules, then better ones by walks over orders of steps. First the tardiness, then the
// end of all; of equals fewer set-ups, then less work in hand. The same seed and number of tries give the same plan.
import { seeded } from '../../measure/random.ts';
import { SerialScheduleGeneration } from './serial-schedule-generation.ts';
import { jobPermutationSearch } from './job-permutation-search.ts';
import { solutionOf, type Solution } from './solution.ts';
import { compareObjectives, isBetter, reachesBound } from '../model/objective.ts';
import { priorityRuleOrders } from './priority-rules.ts';
import type { Objective } from '../model/problem.ts';
import type { IndexedProblem } from '../model/indexed-problem.ts';
import { LateAcceptance } from './late-acceptance.ts';

export interface SearchTerms {
  readonly seed: number;
  /** Tries at most. */
  readonly tries: number;
  /** Ends the search when it is reached: nothing is better. */
  readonly bound?: Objective;
  /** An order to begin with, besides the usual ones. */
  readonly from?: Pick<Solution, 'order' | 'chosen'> | undefined;
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
export function* searchPlan(indexed: IndexedProblem, terms: SearchTerms): Generator<Solution | null, Solution | null> {
  const sgs = new SerialScheduleGeneration(indexed);
  let best: Solution | null = null;
  const anybody = new Int32Array(indexed.size).fill(-1);
  const starts: Pick<Solution, 'order' | 'chosen'>[] = priorityRuleOrders(indexed).map((order) => ({
    order,
    chosen: anybody,
  }));
  if (terms.from?.order.length === indexed.size) starts.unshift(terms.from);
  const begun: Solution[] = [];
  for (const { order, chosen } of starts) {
    sgs.chosen.set(chosen);
    if (!sgs.generate(order)) continue;
    const found = solutionOf(sgs, order);
    begun.push(found);
    if (!best || isBetter(found.objective, best.objective)) best = found;
  }
  if (!best) return null;
  yield best;
  if (indexed.size < 2) return best;
  const random = seeded(terms.seed);
  // From several beginnings: where few orders of jobs are good, luck at the start is much.
  for (const start of begun.toSorted((a, b) => compareObjectives(a.objective, b.objective)).slice(0, JOB_STARTS))
    for (const found of jobPermutationSearch(sgs, start, random)) {
      if (found && !isBetter(found.objective, best.objective)) continue;
      if (found) best = found;
      yield found;
    }
  const search = new LateAcceptance(sgs, best, random);
  let sinceBetter = 0;
  for (let tried = 1; tried <= terms.tries; tried += 1) {
    if (tried % LOOK_EVERY === 0) yield null;
    search.iterate();
    sinceBetter += 1;
    const less = search.compare(best.objective);
    if (less < 0 || (less === 0 && search.isTidier(best))) {
      best = search.found();
      if (less < 0) sinceBetter = 0;
      yield best;
    } else if (sinceBetter % (PATIENCE * search.length) === 0) search.goTo(best);
    // Nothing is better: what is left is fewer set-ups, for which a while is enough.
    if (sinceBetter > TIDYING && terms.bound && reachesBound(best.objective, terms.bound)) return best;
  }
  return best;
}

// The search: a first plan by priority rules, then better ones by job-permutation search and late acceptance. The
// objective is tardiness, then makespan; ties are broken by fewer set-ups, then less work in progress. The same seed
// and number of tries give the same plan.
import { seeded } from '../../measure/random.ts';
import type { IndexedProblem } from '../model/indexed-problem.ts';
import { compareObjectives, isBetter, reachesBound } from '../model/objective.ts';
import type { Objective } from '../model/problem.ts';
import { jobPermutationSearch } from './job-permutation-search.ts';
import { LateAcceptance } from './late-acceptance.ts';
import { priorityRuleOrders } from './priority-rules.ts';
import { SerialScheduleGeneration } from './serial-schedule-generation.ts';
import { type Solution, solutionOf } from './solution.ts';

/** Terms of a search. */
export interface SearchTerms {
  readonly seed: number;
  /** Most tries. */
  readonly tries: number;
  /** The search ends when this bound is reached. */
  readonly bound?: Objective;
  /** An order to start from, besides those of the rules. */
  readonly from?: Pick<Solution, 'order' | 'chosen'> | undefined;
}

/** After this many tries without a better plan the caller may look at the clock. */
const LOOK_EVERY = 32;
/** Rounds of the history without a better plan before the search restarts from the best. */
const PATIENCE = 60;
/** Starting plans for the job-permutation search. */
const JOB_STARTS = 3;
/** Tries for fewer set-ups once the objective is optimal. */
const TIDYING = 300;

/**
 * @yields each better plan, the first at once; null now and then, so that the caller can stop
 * @returns the best plan; null when there is none: no maker is there long enough
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
  // From several starting plans: where few orders of jobs are good, the start matters much.
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
    // Nothing is better: only fewer set-ups are left, for which a short while is enough.
    if (sinceBetter > TIDYING && terms.bound && reachesBound(best.objective, terms.bound)) return best;
  }
  return best;
}

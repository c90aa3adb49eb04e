// A new plan near the last one: what has begun stays, what is due to begin within the next working day moves only if it
// must, and of plans that are equal for the customer the nearest wins. The same input gives the same plan.
import { MINUTES_A_DAY } from '../../measure/days.ts';
import { type IndexedProblem, indexProblem, type LastPlan } from '../model/indexed-problem.ts';
import type { ScheduleProblem } from '../model/problem.ts';
import type { Start } from '../solve/annealing.ts';
import { topologicalOrder } from '../solve/priority-rules.ts';
import { searchPlan } from '../solve/search.ts';
import type { Solution } from '../solve/solution.ts';
import { loadsKept, type WarmStartStep } from '../solve/warm-start.ts';
import { placesOf } from './follow-plan.ts';
import type { PlanLine } from './plan-document.ts';
import { type PlanLike, studioPlan } from './studio-plan.ts';
import { RUSH, type StudioJob, studioProblem, type StudioTerms } from './studio-problem.ts';

/** Price of moving a step that is due to begin within the next working day, weighted minutes: a day of a normal batch. */
const NEAR = 15_000;
/** Of any other step: it decides only between plans that are equal for the customer. */
const FAR = 100;
/** Tries for a problem of one step; a larger one has fewer, so that a plan takes as long. */
const TRIES = 150_000;
const [LEAST_TRIES, MOST_TRIES] = [40, 2500];

/**
 * @param lines  of the last plan; none for a first plan
 * @yields null now and then, so that the caller can do other things
 * @returns null when there is no plan
 */
export function* steadyPlan(
  jobs: readonly StudioJob[],
  terms: StudioTerms,
  lines: readonly PlanLine[],
): Generator<null, PlanLike | null> {
  const problem = studioProblem(jobs, terms);
  const indexed = nearTo(problem, lines, terms);
  const from = indexed.last ? keptOrder(indexed, indexed.last, placesOf(problem, lines, terms.day)) : undefined;
  const tries = Math.round(Math.min(MOST_TRIES, Math.max(LEAST_TRIES, TRIES / Math.max(1, indexed.size))));
  const search = searchPlan(indexed, { seed: 1, tries, from });
  let best: Solution | null = null;
  for (let step = search.next(); ; step = search.next()) {
    if (step.value) best = step.value;
    if (step.done) break;
    yield null;
  }
  return best && { problem, plan: studioPlan(jobs, problem, best.steps, best.objective, terms) };
}

/** A problem with the prices of moving from the last plan. */
export function nearTo(problem: ScheduleProblem, lines: readonly PlanLine[], terms: StudioTerms): IndexedProblem {
  const indexed = indexProblem(problem);
  if (lines.length === 0) return indexed;
  const places = placesOf(problem, lines, terms.day);
  const near = endOfNextWorkingDay(problem, terms.minute);
  const size = { length: indexed.size };
  const last: LastPlan = {
    maker: Int32Array.from(size, (_, step) => places.get(step)?.maker ?? -1),
    start: Float64Array.from(size, (_, step) => places.get(step)?.start ?? -1),
    price: Float64Array.from(size, (_, step) => {
      const start = places.get(step)?.start;
      return start === undefined || indexed.fixed[step] ? 0 : start < near ? NEAR : FAR;
    }),
  };
  return { ...indexed, last };
}

/** Makers and order of the last plan. New steps come when their job is due; of a rush job at once. */
function keptOrder(
  indexed: IndexedProblem,
  { start, maker }: LastPlan,
  places: ReadonlyMap<number, WarmStartStep>,
): Start {
  const order = topologicalOrder(indexed, (step) => {
    const was = start[step] ?? -1;
    if (was >= 0) return was;
    const job = indexed.job[step] ?? 0;
    return (indexed.weight[job] ?? 0) >= RUSH ? -1 : (indexed.due[job] ?? Infinity);
  });
  const chosen = maker.map((one, step) => (indexed.able[step]?.includes(one) ? one : -1));
  return { order, chosen, loads: loadsKept(indexed, places) };
}

/** Tonight, or the end of the next day on which anybody works. */
function endOfNextWorkingDay({ makers }: ScheduleProblem, minute: number): number {
  const today = Math.floor(minute / MINUTES_A_DAY);
  const days = makers
    .flatMap(({ shifts }) => (shifts ?? []).map(([from]) => Math.floor(from / MINUTES_A_DAY)))
    .filter((day) => day > today)
    .sort((a, b) => a - b);
  return ((days[0] ?? today) + 1) * MINUTES_A_DAY;
}

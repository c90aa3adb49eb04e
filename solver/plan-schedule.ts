// Runs both engines: the search finds a good plan at once and goes on, the constraint solver proves its optimality.
import type { IndexedProblem } from '../core/plan/model/indexed-problem.ts';
import { isBetter, reachesBound } from '../core/plan/model/objective.ts';
import type { Objective, Schedule } from '../core/plan/model/problem.ts';
import { isTooLarge } from '../core/plan/solve/constraint-model.ts';
import { scheduleLowerBound } from '../core/plan/solve/lower-bound.ts';
import { searchPlan } from '../core/plan/solve/search.ts';
import type { Solution } from '../core/plan/solve/solution.ts';
import { polish } from './large-neighbourhood-search.ts';
import type { ConstraintSolver } from './minizinc.ts';
import { prove } from './prove-schedule.ts';

/** Time, seed and callbacks of a planning run. */
export interface PlanTerms {
  readonly seconds: number;
  readonly seed: number;
  readonly now: () => number;
  readonly solver: ConstraintSolver;
  /** Called with each better plan, and with a higher bound. */
  readonly onBetter?: ((plan: Schedule) => void) | undefined;
  readonly isStopped?: (() => boolean) | undefined;
  /** A plan to start from. */
  readonly from?: Pick<Solution, 'order' | 'chosen'> | undefined;
}

/** The search runs alone first: the solver then starts with a good plan, and so with a short horizon. */
const ALONE_SHARE = 0.15;
const MOST_ALONE_MS = 2000;
/** How often the search yields to the solver's messages, ms. */
const SLICE_MS = 40;

/** @returns null when there is no feasible plan: a maker that is needed is never there long enough */
export async function planSchedule(indexed: IndexedProblem, terms: PlanTerms): Promise<Schedule | null> {
  const { now, seconds, solver } = terms;
  const began = now();
  const until = began + seconds * 1000;
  let bound = scheduleLowerBound(indexed);
  let best: Solution | null = null;
  const isOver = () => now() > until || Boolean(terms.isStopped?.());
  const take = (found: Solution) => {
    if (best && !isBetter(found.objective, best.objective)) return;
    best = found;
    terms.onBetter?.(scheduleOf(found, bound));
  };
  let sliceEnd = began + Math.min(MOST_ALONE_MS, seconds * 1000 * ALONE_SHARE);
  const search = searchPlan(indexed, {
    seed: terms.seed,
    tries: Infinity,
    bound,
    from: terms.from,
  });
  const slice = () => {
    let step = search.next();
    while (!step.done) {
      if (step.value) take(step.value);
      if (now() > sliceEnd || isOver()) return false;
      step = search.next();
    }
    if (step.value) take(step.value);
    return true;
  };
  return await run();

  async function run(): Promise<Schedule | null> {
    solver.start();
    let isSearched = slice();
    const first = best;
    if (!first) return null;
    const own = { indexed, solver, seconds: (until - now()) / 1000, now, onBetter: take };
    const isDone = () => isOver() || (best !== null && reachesBound(best.objective, bound));
    const proving = isDone()
      ? Promise.resolve()
      : isTooLarge(indexed)
        ? polish(() => best ?? first, own, terms.seed, isDone)
        : prove(first, bound, own).then((proved) => {
            bound = proved.bound;
            take(proved.best);
          });
    while (best && !reachesBound(best.objective, bound) && !isOver()) {
      await new Promise((resolve) => setTimeout(resolve, isSearched ? SLICE_MS : 0));
      if (isSearched) continue;
      sliceEnd = now() + SLICE_MS;
      isSearched = slice();
    }
    solver.stop();
    await proving;
    return best && scheduleOf(best, bound);
  }
}

function scheduleOf({ objective, steps }: Solution, bound: Objective): Schedule {
  const { tardiness, makespan } = bound;
  return {
    objective,
    // A bound on the makespan of plans of least tardiness says nothing while the tardiness is not the least.
    bound: { tardiness: Math.min(tardiness, objective.tardiness), makespan: Math.min(makespan, objective.makespan) },
    steps,
  };
}

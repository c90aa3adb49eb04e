// Runs the engines: the search finds a good plan at once and goes on; beside it runs a second search with another seed, or,
// where it can prove something, the constraint solver.
import type { IndexedProblem } from '../core/plan/model/indexed-problem.ts';
import { isBetter, reachesBound, SAME } from '../core/plan/model/objective.ts';
import type { Bound, Schedule } from '../core/plan/model/problem.ts';
import type { Start } from '../core/plan/solve/annealing.ts';
import { isTooLarge } from '../core/plan/solve/constraint-model.ts';
import { scheduleLowerBound } from '../core/plan/solve/lower-bound.ts';
import { searchPlan } from '../core/plan/solve/search.ts';
import { SerialScheduleGeneration } from '../core/plan/solve/serial-schedule-generation.ts';
import { type Solution, solutionOf } from '../core/plan/solve/solution.ts';
import type { ConstraintSolver } from './minizinc.ts';
import { prove } from './prove-schedule.ts';
import { SecondSearch } from './second-search.ts';

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
  readonly from?: Start | undefined;
}

/** The search runs alone first: the solver then starts with a good plan, and so with a short horizon. */
const ALONE_SHARE = 0.1;
const MOST_ALONE_MS = 1500;
/** Up to this many free steps the constraint solver proves more than a second search finds. */
const PROVABLE = 42;
/** Of larger problems the solver is asked in this last share of the time, where only the makespan is left to prove. */
const LAST_SHARE = 0.4;
/** How often the search yields to messages, ms. */
const SLICE_MS = 40;

/** @returns null when there is no feasible plan: a maker that is needed is never there long enough */
export async function planSchedule(indexed: IndexedProblem, terms: PlanTerms): Promise<Schedule | null> {
  const { now, seconds, solver } = terms;
  const { second } = indexed;
  const began = now();
  const until = began + seconds * 1000;
  let bound = scheduleLowerBound(indexed);
  const held: {
    best: Solution | null;
    others: SecondSearch | null;
    proving: Promise<void> | null;
  } = { best: null, others: null, proving: null };
  const sgs = new SerialScheduleGeneration(indexed);
  const isDone = () => held.best !== null && reachesBound(held.best.objective, bound, second);
  const isOver = () => now() > until || Boolean(terms.isStopped?.());
  const take = (found: Solution) => {
    if (held.best && !isBetter(found.objective, held.best.objective, second)) return;
    held.best = found;
    terms.onBetter?.(scheduleOf(found, bound));
  };
  const search = searchPlan(indexed, {
    seed: terms.seed,
    tries: Infinity,
    bound,
    from: terms.from,
    others: () => (held.others?.taken() ?? []).filter(takeStart),
  });
  let isSearched = slice(began + Math.min(MOST_ALONE_MS, seconds * 1000 * ALONE_SHARE));
  const first = held.best;
  if (!first) return null;
  const free = indexed.fixed.filter((one) => !one).length;
  if (!isDone() && !isOver()) {
    if (free <= PROVABLE) startProof();
    else
      held.others = new SecondSearch({
        problem: indexed.problem,
        last: indexed.last ?? null,
        seed: terms.seed + 1,
        bound,
        from: terms.from,
      });
  }
  while (!isOver() && !isDone()) {
    // A search that has ended leaves the time to the others.
    await new Promise((resolve) => setTimeout(resolve, isSearched ? SLICE_MS : 0));
    if (!isSearched) isSearched = slice(now() + SLICE_MS);
    else for (const start of held.others?.taken() ?? []) takeStart(start);
    if (held.proving || !held.best || isTooLarge(indexed) || now() < until - seconds * 1000 * LAST_SHARE) continue;
    const { tardiness } = held.best.objective;
    if (tardiness > bound.tardiness + SAME || second === 'completion') continue;
    void held.others?.stop();
    held.others = null;
    startProof();
  }
  solver.stop();
  await held.others?.stop();
  await held.proving;
  return scheduleOf(held.best ?? first, bound);

  function slice(sliceEnd: number): boolean {
    for (;;) {
      const { done, value } = search.next();
      if (value) {
        if (!held.best || isBetter(value.objective, held.best.objective, second)) held.others?.tell(value);
        take(value);
      }
      if (done) return true;
      if (now() > sliceEnd || isOver()) return false;
    }
  }

  function takeStart(start: Start): boolean {
    sgs.take(start);
    if (!sgs.generate(start.order)) return false;
    take(solutionOf(sgs, Int32Array.from(start.order)));
    return true;
  }

  function startProof(): void {
    const known = held.best ?? first;
    if (!known) return;
    const own = {
      indexed,
      solver,
      seconds: (until - now()) / 1000,
      now,
      onBetter: take,
      bestNow: () => held.best ?? known,
    };
    held.proving = prove(known, bound, own).then((proved) => {
      bound = proved.bound;
      take(proved.best);
    });
  }
}

function scheduleOf({ objective, steps }: Solution, { tardiness, makespan, completion }: Bound): Schedule {
  return {
    objective,
    // A bound on the second aim of plans of least tardiness says nothing while the tardiness is not the least.
    bound: {
      tardiness: Math.min(tardiness, objective.tardiness),
      makespan: Math.min(makespan, objective.makespan),
      completion: Math.min(completion, objective.completion),
    },
    steps,
  };
}

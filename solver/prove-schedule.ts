// The second engine: the constraint solver starts from the search's plan, improves it, and proves its bound.
import type { IndexedProblem } from '../core/plan/model/indexed-problem.ts';
import { isBetter, SAME } from '../core/plan/model/objective.ts';
import type { Bound } from '../core/plan/model/problem.ts';
import { constraintModel, type Output, type SolveStage } from '../core/plan/solve/constraint-model.ts';
import type { Solution } from '../core/plan/solve/solution.ts';
import { warmStart } from '../core/plan/solve/warm-start.ts';
import type { ConstraintSolver } from './minizinc.ts';

/** A problem, its solver and its time. */
export interface Proving {
  readonly indexed: IndexedProblem;
  readonly solver: ConstraintSolver;
  readonly seconds: number;
  /** A monotonic clock, ms. */
  readonly now: () => number;
  readonly onBetter: (found: Solution) => void;
  /** The best of all engines, which improves while the solver runs. */
  readonly bestNow?: (() => Solution) | undefined;
}

/** The solver starts again once what is known has shrunk by this share: its horizon shrinks with it. */
const MUCH_BETTER = 0.1;
/** How often that is looked at, ms. */
const LOOK_MS = 250;

/**
 * Searches for better plans, and for the proof that there is none.
 * @param best   of the search
 * @param bound  what is proved already; the answer holds what is proved beyond it
 */
export async function prove(
  best: Solution,
  bound: Bound,
  proving: Proving,
): Promise<{ readonly best: Solution; readonly bound: Bound }> {
  const { indexed, solver, now } = proving;
  const until = now() + proving.seconds * 1000;
  let held = best;
  let [tardiness, makespan] = [bound.tardiness, bound.makespan];
  const look = () => {
    const other = proving.bestNow?.();
    if (other && isBetter(other.objective, held.objective, indexed.second)) held = other;
  };
  // With time beyond a lag less tardiness may cost more of it: nothing is proved.
  if (held.objective.overLag <= SAME && held.objective.tardiness > tardiness + SAME)
    if (await run(() => ({ least: 'tardiness', known: held.objective.tardiness })))
      tardiness = held.objective.tardiness;
  // The makespan is proved for the least tardiness only: with more tardiness a plan may end sooner.
  const { overLag } = held.objective;
  if (
    indexed.second === 'makespan' &&
    overLag <= SAME &&
    held.objective.tardiness <= tardiness + SAME &&
    held.objective.makespan > makespan + SAME
  )
    if (await run(() => ({ least: 'makespan', tardiness, known: held.objective.makespan })))
      makespan = held.objective.makespan;
  return { best: held, bound: { ...bound, tardiness, makespan } };

  /** @returns whether there is nothing better than what is held */
  async function run(aimOf: () => SolveStage): Promise<boolean> {
    for (;;) {
      look();
      const aim = aimOf();
      const model = constraintModel(indexed, aim);
      if (!model) return false;
      const known = { isOutrun: false };
      const watch = setInterval(() => {
        look();
        if (aimOf().known > aim.known * (1 - MUCH_BETTER) || known.isOutrun) return;
        known.isOutrun = true;
        solver.stop();
      }, LOOK_MS);
      const onSolution = (printed: string) => {
        const found = warmStart(indexed, model.read(JSON.parse(printed) as Output));
        if (!found || !isBetter(found.objective, held.objective, indexed.second)) return;
        held = found;
        proving.onBetter(found);
      };
      const seconds = (until - now()) / 1000;
      const outcome = await solver.ask({ text: model.text, data: model.data, seconds, onSolution });
      clearInterval(watch);
      if (outcome !== 'stopped') return true;
      if (!known.isOutrun || now() >= until) return false;
    }
  }
}

// The second engine: the constraint solver starts from the search's plan, improves it, and proves its bound.
import type { IndexedProblem } from '../core/plan/model/indexed-problem.ts';
import { isBetter, SAME } from '../core/plan/model/objective.ts';
import type { Objective } from '../core/plan/model/problem.ts';
import { constraintModel, type Output, type SolveStage } from '../core/plan/solve/constraint-model.ts';
import type { Solution } from '../core/plan/solve/solution.ts';
import { warmStart } from '../core/plan/solve/warm-start.ts';
import type { ConstraintSolver, SolverOutcome } from './minizinc.ts';

/** A problem, its solver and its time. */
export interface Proving {
  readonly indexed: IndexedProblem;
  readonly solver: ConstraintSolver;
  readonly seconds: number;
  /** A monotonic clock, ms. */
  readonly now: () => number;
  readonly onBetter: (found: Solution) => void;
}

/**
 * Searches for better plans, and for the proof that there is none.
 * @param best   of the search
 * @param bound  what is proved already; the answer holds what is proved beyond it
 */
export async function prove(
  best: Solution,
  bound: Objective,
  proving: Proving,
): Promise<{ readonly best: Solution; readonly bound: Objective }> {
  const until = proving.now() + proving.seconds * 1000;
  let held = best;
  let [tardiness, makespan] = [bound.tardiness, bound.makespan];
  if (held.objective.tardiness > tardiness + SAME) {
    const outcome = await run({ least: 'tardiness', known: held.objective.tardiness });
    if (outcome === 'proved' || outcome === 'none') tardiness = held.objective.tardiness;
  }
  // The makespan is proved for the least tardiness only: with more tardiness a plan may end sooner.
  if (held.objective.tardiness <= tardiness + SAME && held.objective.makespan > makespan + SAME) {
    const aim = { least: 'makespan', tardiness, known: held.objective.makespan } as const;
    const outcome = await run(aim);
    if (outcome === 'proved' || outcome === 'none') makespan = held.objective.makespan;
  }
  return { best: held, bound: { tardiness, makespan } };

  async function run(aim: SolveStage): Promise<SolverOutcome> {
    const model = constraintModel(proving.indexed, aim);
    if (!model) return 'stopped';
    const onSolution = (printed: string) => {
      const read = model.read(JSON.parse(printed) as Output);
      const found = warmStart(proving.indexed, read);
      if (!found || !isBetter(found.objective, held.objective)) return;
      held = found;
      proving.onBetter(found);
    };
    const seconds = (until - proving.now()) / 1000;
    return await proving.solver.ask({ text: model.text, data: model.data, seconds, onSolution });
  }
}

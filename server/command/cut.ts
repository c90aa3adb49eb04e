// noon cut: a cutting plan for bars, for scripts.
import { type BarPlan, barProblemSchema } from '../../core/cut/bars/bar-problem.ts';
import type { LinearProgramSolver } from '../../core/cut/bars/linear-program.ts';
import { planBars } from '../../core/cut/bars/plan-bars.ts';
import { readJson } from './piece-file.ts';

/** A plan, or why there is none. */
export type CutOutcome = BarPlan | { readonly error: string };

/**
 * Plans the cutting of bars.
 * @param text  JSON of the problem, see docs/formats/cut.md
 * @param elapsed  seconds since the start
 */
export function cutOutcome(
  text: string,
  solve: LinearProgramSolver,
  seconds: number,
  elapsed: () => number,
): CutOutcome {
  const problem = readJson(text, barProblemSchema);
  if ('error' in problem) return problem;
  const steps = planBars(problem.value, solve, { seconds, elapsed });
  let step = steps.next();
  while (!step.done) step = steps.next();
  return 'sentence' in step.value ? { error: step.value.sentence } : step.value;
}

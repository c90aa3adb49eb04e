// noon schedule: a plan for makers, stations and jobs, for scripts.
import { indexProblem } from '../../core/plan/model/indexed-problem.ts';
import { type Schedule, scheduleProblemSchema } from '../../core/plan/model/problem.ts';
import type { ConstraintSolver } from '../../solver/minizinc.ts';
import { planSchedule } from '../../solver/plan-schedule.ts';
import { readJson } from './piece-file.ts';

/** A schedule, or why there is none. */
export type ScheduleOutcome = Schedule | { readonly error: string };

/**
 * Plans a schedule problem.
 * @param text  JSON of the problem, see docs/formats/schedule.md
 * @param now  a monotonic clock, ms
 */
export async function scheduleOutcome(
  text: string,
  solver: ConstraintSolver,
  seconds: number,
  seed: number,
  now: () => number,
): Promise<ScheduleOutcome> {
  const problem = readJson(text, scheduleProblemSchema);
  if ('error' in problem) return problem;
  const plan = await planSchedule(indexProblem(problem.value), { seconds, seed, now, solver });
  return plan ?? { error: 'There is no plan: the makers’ shifts end before the work does.' };
}

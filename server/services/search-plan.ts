// Searches for better plans and reports them line by line.
import { Readable } from 'node:stream';
import type { SearchTold } from '../../contract/plan.ts';
import { indexProblem } from '../../core/plan/model/indexed-problem.ts';
import type { ScheduleProblem } from '../../core/plan/model/problem.ts';
import { ConstraintSolver } from '../../solver/minizinc.ts';
import { planSchedule } from '../../solver/plan-schedule.ts';

interface PlanSearchUnderWay {
  /** A line of JSON for each better plan; ends with the search. */
  readonly lines: Readable;
  readonly stop: () => void;
}

/** @param onError  called when the search fails; the lines end then */
export function searchPlanInLines(
  problem: ScheduleProblem,
  seconds: number,
  onError: (error: unknown) => void,
): PlanSearchUnderWay {
  const lines = new Readable({ read: () => undefined });
  const solver = new ConstraintSolver();
  let isStopped = false;
  const tell = (told: SearchTold) => lines.push(`${JSON.stringify(told)}\n`);
  void planSchedule(indexProblem(problem), {
    seconds,
    seed: 1,
    now: () => performance.now(),
    solver,
    isStopped: () => isStopped,
    onBetter: (plan) => tell({ ...plan, isDone: false }),
  })
    .then((plan) => plan && tell({ ...plan, isDone: true }))
    .catch(onError)
    .finally(() => lines.push(null));
  const stop = () => {
    isStopped = true;
    solver.stop();
  };
  return { lines, stop };
}

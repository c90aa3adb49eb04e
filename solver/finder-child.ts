// Looks for better plans in a process of its own, at the lowest priority: one for all pages. Each task replaces the one
// before.
import { setPriority } from 'node:os';
import { indexProblem, type LastPlan } from '../core/plan/model/indexed-problem.ts';
import type { Schedule, ScheduleProblem } from '../core/plan/model/problem.ts';
import type { Start } from '../core/plan/solve/annealing.ts';
import { ConstraintSolver } from './minizinc.ts';
import { planSchedule } from './plan-schedule.ts';

/** A problem to look for better plans of. */
export interface FinderTask {
  readonly id: number;
  readonly problem: ScheduleProblem;
  readonly last: LastPlan | null;
  readonly from: Start;
  readonly seconds: number;
}

/** What was found when the time was up, or nothing more can be. */
export interface FinderTold {
  readonly id: number;
  /** Null when it failed. */
  readonly schedule: Schedule | null;
}

setPriority(19);
let running = 0;
let solver: ConstraintSolver | null = null;
process.on('message', (task: FinderTask | { readonly id: number }) => {
  running = task.id;
  solver?.stop();
  if (!('problem' in task)) return;
  const own = new ConstraintSolver();
  solver = own;
  const tell = (schedule: Schedule | null) => process.send?.({ id: task.id, schedule } satisfies FinderTold);
  void planSchedule(
    { ...indexProblem(task.problem), last: task.last },
    {
      seconds: task.seconds,
      seed: task.id,
      now: () => performance.now(),
      solver: own,
      from: task.from,
      isStopped: () => running !== task.id,
    },
  ).then(
    (schedule) => running === task.id && tell(schedule),
    () => tell(null),
  );
});
// Without its server it has nothing to do.
process.on('disconnect', () => process.exit());

// A solution: a schedule with its objective, and the order it came from.
import type { Objective, ScheduledStep } from '../model/problem.ts';
import type { SerialScheduleGeneration } from './serial-schedule-generation.ts';
import { loadNumbers } from './shared-loads.ts';

/** A schedule with the order it came from. */
export interface Solution {
  readonly objective: Objective;
  readonly steps: readonly ScheduledStep[];
  readonly order: Int32Array;
  readonly chosen: Int32Array;
  /** By step, a step of its load; itself: it is alone. */
  readonly loads: Int32Array;
}

/** The current schedule of a generator as a solution. */
export function solutionOf(sgs: SerialScheduleGeneration, order: Int32Array): Solution {
  const { overLag, tardiness, makespan, completion, changes, moved, dislike } = sgs.objective();
  return {
    objective: {
      overLag: neat(overLag),
      tardiness: neat(tardiness),
      makespan: neat(makespan),
      completion: neat(completion),
      changes,
      moved: neat(moved),
      dislike: neat(dislike),
    },
    steps: stepsOf(sgs),
    order: order.slice(),
    chosen: sgs.chosen.slice(),
    loads: sgs.loads.slice(),
  };
}

const neat = (minutes: number) => Math.round(minutes * 1e6) / 1e6;

/** Steps in the order of the problem. */
function stepsOf({ indexed, start, attendedEnd, end, maker, loads }: SerialScheduleGeneration): ScheduledStep[] {
  const numbers = loadNumbers(loads);
  const { jobs, makers } = indexed.problem;
  let index = 0;
  return jobs.flatMap((job) =>
    job.steps.map((step): ScheduledStep => {
      const at = index;
      index += 1;
      const by = maker[at] ?? -1;
      return {
        job: job.id,
        step: step.id,
        maker: by < 0 ? null : (makers[by]?.id ?? null),
        start: neat(start[at] ?? 0),
        attendedEnd: neat(attendedEnd[at] ?? 0),
        end: neat(end[at] ?? 0),
        ...(numbers[at] && { load: numbers[at] }),
      };
    }),
  );
}

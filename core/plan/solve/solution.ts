// A schedule that was found: how good it is, its steps, and the order it came from, to go on from.
import type { Decoder } from './serial-schedule-generation.ts';
import type { Objective, ScheduledStep } from '../model/problem.ts';

export interface Found {
  readonly objective: Objective;
  readonly steps: readonly ScheduledStep[];
  readonly order: Int32Array;
  readonly chosen: Int32Array;
}

/** What a decoder holds, to keep. */
export function foundOf(decoder: Decoder, order: Int32Array): Found {
  return {
    objective: { tardiness: neat(decoder.tardiness), makespan: neat(decoder.makespan) },
    steps: stepsOf(decoder),
    order: order.slice(),
    chosen: decoder.chosen.slice(),
  };
}

const neat = (minutes: number) => Math.round(minutes * 1e6) / 1e6;

/** Step by step in the order of the problem. */
function stepsOf({ shop, start, attendedEnd, end, maker }: Decoder): ScheduledStep[] {
  const { jobs, makers } = shop.problem;
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
      };
    }),
  );
}

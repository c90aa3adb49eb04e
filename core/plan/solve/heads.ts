// Heads: the earliest start and end of each step if makers and stations were unlimited. No schedule is earlier.
import type { IndexedProblem } from '../model/indexed-problem.ts';
import { topologicalOrder } from './priority-rules.ts';
import { SerialScheduleGeneration } from './serial-schedule-generation.ts';

/** Earliest start and end of each step. */
export interface Heads {
  readonly start: Float64Array;
  readonly end: Float64Array;
}

/** From precedence, shifts and opening hours alone. */
export function heads(indexed: IndexedProblem): Heads {
  const start = new Float64Array(indexed.size);
  const end = new Float64Array(indexed.size);
  const alone = new SerialScheduleGeneration(indexed);
  for (const step of topologicalOrder(indexed, () => 0)) {
    const fixed = indexed.fixed[step];
    if (fixed) {
      [start[step], end[step]] = [fixed.start, fixed.end];
      continue;
    }
    let ready = indexed.release[step] ?? 0;
    for (const other of indexed.before[step] ?? []) ready = Math.max(ready, end[other] ?? 0);
    const soonest = alone.soonest(step, ready);
    [start[step], end[step]] = [soonest.start, soonest.end];
  }
  return { start, end };
}

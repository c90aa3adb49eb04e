// Unattended work that has ended and waits for somebody.
import type { PlanBlock, StudioPlan } from './studio-plan.ts';

/** Steps that were started, whose unattended time is over, and that nobody has marked as done; the earliest first. */
export function endedUnattended({ blocks, now }: Pick<StudioPlan, 'blocks' | 'now'>): PlanBlock[] {
  return blocks
    .filter(({ state, step, end, isHead }) => isHead && state === 'started' && step.unattendedMin > 0 && end <= now)
    .toSorted((a, b) => a.end - b.end);
}

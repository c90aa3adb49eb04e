// Why a step starts when it does, and why a batch is late: what it waited for last, and what that waited for, back to now.
import type { ScheduleProblem } from './problem.ts';
import { standingKey } from './bench-entry.ts';
import type { PlanBlock, StudioPlan } from './studio-plan.ts';

/** What held a step back until it started. */
export type Cause =
  | { readonly what: 'step' | 'hands' | 'station'; readonly block: PlanBlock }
  | { readonly what: 'opening' | 'material' | 'now' | 'hand' };

const HAIR = 1e-6;

/** @returns the cause that lets go last: what would have to end sooner for the step to start sooner */
export function whyThen(block: PlanBlock, plan: StudioPlan, problem: ScheduleProblem): Cause {
  if (block.state === 'pinned') return { what: 'hand' };
  if (block.state === 'started') return { what: 'now' };
  const job = problem.jobs.find(({ id }) => id === block.batch);
  const step = job?.steps.find(({ id }) => id === block.step.key);
  const shifts = problem.makers.find(({ id }) => id === block.maker)?.shifts ?? null;
  // Whatever ended at its start, or in the closed hours just before it.
  const free = shifts ? lastOpenBefore(shifts, block.start) : block.start;
  const endsThen = (end: number) => end <= block.start + HAIR && end >= free - HAIR;
  const before = plan.blocks.filter(
    (other) => other.batch === block.batch && step?.after.includes(other.step.key) && endsThen(other.end),
  );
  const [waited] = before.toSorted((a, b) => b.end - a.end);
  if (waited) return { what: 'step', block: waited };
  const station = block.step.station;
  const held = plan.blocks.find(
    (other) => other !== block && station && other.step.station === station && endsThen(other.end),
  );
  const busy = plan.blocks.find(
    (other) => other !== block && block.maker !== null && other.maker === block.maker && endsThen(other.attendedEnd),
  );
  if (busy) return { what: 'hands', block: busy };
  if (held && isScarce(problem, station)) return { what: 'station', block: held };
  if (job && job.release > plan.now + HAIR && block.start <= job.release + (block.start - free) + HAIR)
    return { what: 'material' };
  if (shifts?.some(([from]) => Math.abs(from - block.start) < HAIR)) return { what: 'opening' };
  return { what: 'now' };
}

function isScarce({ stations }: ScheduleProblem, name: string): boolean {
  return (stations.find(({ id }) => id === name)?.count ?? Infinity) < 100;
}

/** The end of the shift before the one that a time begins, or the time itself when it is in the middle of one. */
function lastOpenBefore(shifts: readonly (readonly [number, number])[], time: number): number {
  const at = shifts.findIndex(([from]) => Math.abs(from - time) < HAIR);
  return at > 0 ? (shifts[at - 1]?.[1] ?? time) : time;
}

export interface Link {
  readonly block: PlanBlock;
  readonly cause: Cause;
}

/** From a batch's last step back through what bound each, until something that could start at once. Last first. */
export function bindingChain(plan: StudioPlan, problem: ScheduleProblem, batch: string): Link[] {
  const own = plan.blocks.filter((block) => block.batch === batch);
  let [block] = own.toSorted((a, b) => b.end - a.end);
  const chain: Link[] = [];
  const seen = new Set<string>();
  while (block) {
    const key = standingKey(block.batch, block.step.key);
    if (seen.has(key)) break;
    seen.add(key);
    const cause = whyThen(block, plan, problem);
    chain.push({ block, cause });
    block = 'block' in cause ? cause.block : undefined;
  }
  return chain;
}

/** What a change of plan does to each batch, most first. */
export interface Consequence {
  readonly batch: string;
  /** Minutes later; below 0 sooner. */
  readonly by: number;
  readonly at: number;
  readonly daysLate: number;
  readonly wasDaysLate: number;
}

export function consequences(before: StudioPlan, after: StudioPlan): Consequence[] {
  const was = new Map(before.done.map((one) => [one.batch, one]));
  return after.done
    .flatMap((one): Consequence[] => {
      const earlier = was.get(one.batch);
      if (!earlier || Math.abs(one.at - earlier.at) < 1) return [];
      return [
        {
          batch: one.batch,
          by: one.at - earlier.at,
          at: one.at,
          daysLate: one.daysLate,
          wasDaysLate: earlier.daysLate,
        },
      ];
    })
    .toSorted((a, b) => b.by - a.by);
}

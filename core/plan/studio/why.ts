// Why a step starts when it does, and why a batch is late: what it waited for last, and what that waited for, back to now.
import { standingKey } from '../../bench/bench-entry.ts';
import type { ScheduleProblem } from '../model/problem.ts';
import type { PlanBlock, StudioPlan } from './studio-plan.ts';

/** What kept a step from starting earlier. */
export type Cause =
  | { readonly what: 'step' | 'load' | 'hands' | 'station'; readonly block: PlanBlock }
  | { readonly what: 'opening' | 'material' | 'now' | 'hand' };

const HAIR = 1e-6;

/** @returns the cause that ends last: it would have to end earlier for the step to start earlier */
export function whyThen(block: PlanBlock, plan: StudioPlan, problem: ScheduleProblem): Cause {
  const causes = causesOf(plan, problem);
  const known = causes.known.get(block);
  if (known) return known;
  const cause = findCause(block, plan, problem, causes);
  causes.known.set(block, cause);
  return cause;
}

/** What causes are looked for among; each is found once, for chains of one plan share most of their links. */
interface Causes {
  readonly known: Map<PlanBlock, Cause>;
  readonly jobs: ReadonlyMap<string, ScheduleProblem['jobs'][number]>;
  readonly afterOf: ReadonlyMap<string, ReadonlySet<string>>;
  readonly ofBatch: ReadonlyMap<string, readonly PlanBlock[]>;
  readonly ofMaker: ReadonlyMap<string | null, readonly PlanBlock[]>;
  readonly ofStation: ReadonlyMap<string, readonly PlanBlock[]>;
}

const causesByPlan = new WeakMap<StudioPlan, Causes>();

function causesOf(plan: StudioPlan, { jobs }: ScheduleProblem): Causes {
  const before = causesByPlan.get(plan);
  if (before) return before;
  const causes: Causes = {
    known: new Map(),
    jobs: new Map(jobs.map((job) => [job.id, job])),
    afterOf: new Map(
      jobs.flatMap((job) => job.steps.map((step) => [standingKey(job.id, step.id), new Set(step.after)])),
    ),
    ofBatch: groupedBy(plan.blocks, ({ batch }) => batch),
    ofMaker: groupedBy(plan.blocks, ({ maker }) => maker),
    ofStation: groupedBy(plan.blocks, ({ step }) => step.station),
  };
  causesByPlan.set(plan, causes);
  return causes;
}

function groupedBy<Key>(
  blocks: readonly PlanBlock[],
  keyOf: (block: PlanBlock) => Key,
): ReadonlyMap<Key, readonly PlanBlock[]> {
  const groups = new Map<Key, PlanBlock[]>();
  for (const block of blocks) {
    const group = groups.get(keyOf(block));
    if (group) group.push(block);
    else groups.set(keyOf(block), [block]);
  }
  return groups;
}

function findCause(block: PlanBlock, plan: StudioPlan, problem: ScheduleProblem, causes: Causes): Cause {
  if (block.state === 'pinned') return { what: 'hand' };
  if (block.state === 'started') return { what: 'now' };
  const job = causes.jobs.get(block.batch);
  const after = causes.afterOf.get(standingKey(block.batch, block.step.key));
  const shifts = problem.makers.find(({ id }) => id === block.maker)?.shifts ?? null;
  // Whatever ended at its start, or in the closed hours just before it.
  const free = shifts ? lastOpenBefore(shifts, block.start) : block.start;
  const endsThen = (end: number) => end <= block.start + HAIR && end >= free - HAIR;
  const own = causes.ofBatch.get(block.batch) ?? [];
  const before = own.filter((other) => after?.has(other.step.key) && endsThen(other.end));
  const [waited] = before.toSorted((a, b) => b.end - a.end);
  if (waited) return { what: 'step', block: waited };
  const forMate = block.mates
    .flatMap(({ batch, step }) =>
      (causes.ofBatch.get(batch) ?? []).filter((other) => step.after.includes(other.step.key) && endsThen(other.end)),
    )
    .at(0);
  if (forMate) return { what: 'load', block: forMate };
  const atStation = block.step.station ? (causes.ofStation.get(block.step.station) ?? []) : [];
  const held = atStation.find((other) => other !== block && endsThen(other.end));
  const byHands = block.maker === null ? [] : (causes.ofMaker.get(block.maker) ?? []);
  const busy = byHands.find((other) => other !== block && endsThen(other.attendedEnd));
  if (busy) return { what: 'hands', block: busy };
  if (held && isScarce(problem, block.step.station)) return { what: 'station', block: held };
  if (job && job.release > plan.now + HAIR && block.start <= job.release + (block.start - free) + HAIR)
    return { what: 'material' };
  if (shifts?.some(([from]) => Math.abs(from - block.start) < HAIR)) return { what: 'opening' };
  return { what: 'now' };
}

function isScarce({ stations }: ScheduleProblem, name: string): boolean {
  return (stations.find(({ id }) => id === name)?.count ?? Infinity) < 100;
}

/** The end of the shift before the one that a time starts, or the time itself in the middle of a shift. */
function lastOpenBefore(shifts: readonly (readonly [number, number])[], time: number): number {
  const at = shifts.findIndex(([from]) => Math.abs(from - time) < HAIR);
  return at > 0 ? (shifts[at - 1]?.[1] ?? time) : time;
}

/** A step of a binding chain. */
export interface Link {
  readonly block: PlanBlock;
  readonly cause: Cause;
}

/**
 * The binding chain: from a batch's last step back through what bound each step, until one that could start at once.
 */
export function bindingChain(plan: StudioPlan, problem: ScheduleProblem, batch: string): Link[] {
  const own = causesOf(plan, problem).ofBatch.get(batch) ?? [];
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

/** Changes of a new plan for each batch, the largest first. */
export interface Consequence {
  readonly batch: string;
  /** Minutes later; below 0 earlier. */
  readonly by: number;
  readonly at: number;
  readonly daysLate: number;
  readonly wasDaysLate: number;
}

/** Changes of a new plan for each batch, the largest first. */
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

// A plan of the studio as the screens show it: blocks by batch with maker, station and time, and the end of each batch.
import type { BenchStep } from '../../bench/batch-steps.ts';
import { standingKey } from '../../bench/bench-entry.ts';
import type { Standing } from '../../bench/standing.ts';
import { daysBetween, MINUTES_A_DAY } from '../../measure/days.ts';
import { dayOf } from '../model/calendar.ts';
import type { Objective, ScheduledStep, ScheduleProblem } from '../model/problem.ts';
import type { StudioJob } from './studio-problem.ts';

/** A step in a plan. */
export interface PlanBlock {
  readonly batch: string;
  readonly step: BenchStep;
  /** Id; null where no maker is needed. */
  readonly maker: string | null;
  /** Minutes from midnight of the plan's first day. */
  readonly start: number;
  readonly attendedEnd: number;
  readonly end: number;
  readonly state: '' | 'started' | 'pinned';
  /** Attended stretches, shift by shift. */
  readonly attended: readonly (readonly [number, number])[];
  /** Number of its load, where others share it. */
  readonly load?: number;
  /** Other steps in the same load. */
  readonly mates: readonly Pick<PlanBlock, 'batch' | 'step'>[];
  /** Whether it stands for its load; true where it has one alone. */
  readonly isHead: boolean;
  /** Minutes beyond the time in which it should follow the steps before it; 0 where it does. */
  readonly overLag: number;
}

interface DoneBatch {
  readonly batch: string;
  /** Minute in which its last step ends. */
  readonly at: number;
  readonly daysLate: number;
}

/** A plan of the studio. */
export interface StudioPlan {
  readonly firstDay: string;
  readonly now: number;
  /** In the order of their starts. */
  readonly blocks: readonly PlanBlock[];
  /** In the order of the jobs. */
  readonly done: readonly DoneBatch[];
  readonly objective: Objective;
}

/** A plan with its problem. */
export interface PlanLike {
  readonly problem: ScheduleProblem;
  readonly plan: StudioPlan;
}

/** Makes the plan of a schedule. @param steps  of the schedule */
export function studioPlan(
  jobs: readonly StudioJob[],
  problem: ScheduleProblem,
  steps: readonly ScheduledStep[],
  objective: Objective,
  terms: { readonly day: string; readonly minute: number; readonly standings: ReadonlyMap<string, Standing> },
): StudioPlan {
  const byKey = new Map(jobs.flatMap((job) => job.steps.map((step) => [standingKey(job.id, step.key), step])));
  const shifts = new Map(problem.makers.map((maker) => [maker.id, maker.shifts ?? []]));
  const overLags = overLagsOf(problem, steps);
  const inLoad = loadedTogether(steps, byKey);
  const blocks = steps.flatMap((placed): PlanBlock[] => {
    const key = standingKey(placed.job, placed.step);
    const step = byKey.get(key);
    if (!step) return [];
    const standing = terms.standings.get(key);
    const isPinned = standing?.pinned && placed.start >= terms.minute;
    return [
      {
        batch: placed.job,
        step,
        maker: placed.maker,
        start: placed.start,
        attendedEnd: placed.attendedEnd,
        end: placed.end,
        state: standing?.started ? 'started' : isPinned ? 'pinned' : '',
        attended: placed.maker === null ? [] : handsOf(placed, shifts.get(placed.maker) ?? []),
        overLag: overLags.get(key) ?? 0,
        ...(placed.load !== undefined && { load: placed.load }),
        mates: (inLoad.get(placed.load ?? 0) ?? []).filter((one) => one.batch !== placed.job || one.step !== step),
        isHead: placed.load === undefined || inLoad.get(placed.load)?.[0]?.step === step,
      },
    ];
  });
  const lastEnd = new Map<string, number>();
  for (const { batch, end } of blocks) lastEnd.set(batch, Math.max(end, lastEnd.get(batch) ?? 0));
  return {
    firstDay: terms.day,
    now: terms.minute,
    blocks: blocks.toSorted((a, b) => a.start - b.start || a.step.index - b.step.index),
    // A station that is out of service is not work.
    objective: { ...objective, makespan: Math.max(0, ...blocks.map(({ end }) => end)) },
    done: jobs.flatMap(({ id, batch }): DoneBatch[] => {
      const at = lastEnd.get(id);
      // Nothing is left to do, or there never was anything.
      if (at === undefined) return [];
      const late = batch.due ? daysBetween(batch.due, dayOf({ firstDay: terms.day }, at - 1)) : 0;
      return [{ batch: id, at, daysLate: Math.max(0, late) }];
    }),
  };
}

/** By number of a shared load, its steps. */
function loadedTogether(
  steps: readonly ScheduledStep[],
  byKey: ReadonlyMap<string, BenchStep>,
): ReadonlyMap<number, PlanBlock['mates']> {
  const loads = new Map<number, Pick<PlanBlock, 'batch' | 'step'>[]>();
  for (const { job, step, load } of steps) {
    const own = byKey.get(standingKey(job, step));
    if (load !== undefined && own) loads.set(load, [...(loads.get(load) ?? []), { batch: job, step: own }]);
  }
  return loads;
}

/** A block with the others of its load. */
export function wholeLoad(block: PlanBlock): readonly Pick<PlanBlock, 'batch' | 'step' | 'maker'>[] {
  return [block, ...block.mates.map((mate) => ({ ...mate, maker: block.maker }))];
}

/** By step, the minutes it starts later than it should after the last step before it. */
function overLagsOf({ jobs }: ScheduleProblem, steps: readonly ScheduledStep[]): ReadonlyMap<string, number> {
  const placed = new Map(steps.map((step) => [standingKey(step.job, step.step), step]));
  return new Map(
    jobs.flatMap((job) =>
      job.steps.flatMap(({ id, within, after }): [string, number][] => {
        const at = placed.get(standingKey(job.id, id));
        if (!at || within === undefined || after.length === 0) return [];
        const ready = Math.max(...after.map((other) => placed.get(standingKey(job.id, other))?.end ?? 0));
        return [[standingKey(job.id, id), Math.max(0, at.start - ready - within)]];
      }),
    ),
  );
}

/** `Saw dials, 12`; of a load its number of how many; of a shared load `12 + 8`. */
export function blockTitle({ step, mates }: Pick<PlanBlock, 'step' | 'mates'>): string {
  const load = step.load ? `, load ${String(step.load[0])} of ${String(step.load[1])}` : '';
  const others = mates.map((mate) => ` + ${String(mate.step.pieces)}`).join('');
  return `${step.name}, ${String(step.pieces)}${others}${load}`;
}

function handsOf({ start, attendedEnd }: ScheduledStep, shifts: readonly (readonly [number, number])[]) {
  const own = shifts.flatMap(([from, to]): [number, number][] => {
    const [begin, end] = [Math.max(from, start), Math.min(to, attendedEnd)];
    return end > begin ? [[begin, end]] : [];
  });
  // Started or pinned outside working hours: the work is where it is.
  return own.length > 0 || attendedEnd <= start ? own : [[start, attendedEnd] as const];
}

/** Blocks that touch a day, counted from the plan's first. */
export function blocksOn({ blocks }: Pick<StudioPlan, 'blocks'>, day: number): PlanBlock[] {
  const [from, to] = [day * MINUTES_A_DAY, (day + 1) * MINUTES_A_DAY];
  return blocks.filter(({ start, end }) => start < to && end > from);
}

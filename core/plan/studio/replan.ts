// Replans after a step was pinned by hand: the other steps keep their order and close up round it. Fast enough to
// follow a drag.
import { dayAfter } from '../../measure/days.ts';
import { MINUTES_A_DAY } from '../model/calendar.ts';
import { indexProblem } from '../model/indexed-problem.ts';
import type { ScheduleProblem } from '../model/problem.ts';
import { warmStart, type WarmStartStep } from '../solve/warm-start.ts';
import { type NewBenchEntry, type Standing, standingKey } from './bench-entry.ts';
import { type StudioPlan, studioPlan } from './studio-plan.ts';
import type { StudioTerms } from './studio-problem.ts';
import { type StudioJob, studioProblem } from './studio-problem.ts';

/** The entry of a trial place. @param start  plan minute */
export function pinEntry(
  batchId: string,
  step: string,
  maker: string | null,
  start: number,
  firstDay: string,
): NewBenchEntry {
  return {
    batchId,
    step,
    how: 'pinned',
    maker: maker ?? '',
    on: dayAfter(firstDay, Math.floor(start / MINUTES_A_DAY)),
    minute: Math.round(start % MINUTES_A_DAY),
  };
}

/** @returns null when the other steps have no place */
export function tryPin(
  jobs: readonly StudioJob[],
  terms: StudioTerms,
  before: StudioPlan,
  entry: NewBenchEntry,
): StudioPlan | null {
  const key = standingKey(entry.batchId, entry.step);
  const was = terms.standings.get(key);
  const standing: Standing = { done: false, started: was?.started ?? null, pinned: entry };
  const tried = { ...terms, standings: new Map([...terms.standings, [key, standing]]) };
  return replan(jobs, tried, before)?.plan ?? null;
}

/**
 * A plan under other terms, as similar to the old one as possible: same order, same makers. A new job takes the room
 * that the others leave.
 * @param first  a job that goes before all others instead
 */
export function replan(
  jobs: readonly StudioJob[],
  terms: StudioTerms,
  before: StudioPlan,
  first = '',
): PlanLike | null {
  const problem = studioProblem(jobs, terms);
  const found = warmStart(indexProblem(problem), placedIn(problem, before, first));
  return found && { problem, plan: studioPlan(jobs, problem, found.steps, found.objective, terms) };
}

/** A plan with its problem. */
export interface PlanLike {
  readonly problem: ScheduleProblem;
  readonly plan: StudioPlan;
}

function placedIn(
  { jobs, makers }: ScheduleProblem,
  { blocks }: StudioPlan,
  first: string,
): ReadonlyMap<number, WarmStartStep> {
  const before = new Map(blocks.map((block) => [standingKey(block.batch, block.step.key), block]));
  const makerAt = new Map(makers.map(({ id }, index) => [id, index]));
  return new Map(
    jobs
      .flatMap((job) => job.steps.map((step) => ({ job, block: before.get(standingKey(job.id, step.id)) })))
      .flatMap(({ job, block }, index): [number, WarmStartStep][] => {
        if (job.id === first) return [[index, { start: -1, maker: -1 }]];
        return block ? [[index, { start: block.start, maker: makerAt.get(block.maker ?? '') ?? -1 }]] : [];
      }),
  );
}

// A trial batch in a plan: when it would be done, with what confidence, and what it changes for the others.
import { type Disturbances, simulate, undisturbed, usualDisturbances } from '../solve/simulate.ts';
import type { StudioPlan } from './studio-plan.ts';
import { type StudioJob, studioProblem, type StudioTerms } from './studio-problem.ts';
import { type Consequence, consequences } from './why.ts';

/** The current plan. */
export interface PlanContext {
  readonly jobs: readonly StudioJob[];
  readonly terms: StudioTerms;
  readonly plan: StudioPlan;
}

/** A batch that is tried. */
export interface TrialBatch {
  readonly job: StudioJob;
  /** The plan with it. */
  readonly plan: StudioPlan;
  /** Runs of the simulation. */
  readonly runs: number;
  /** Usual variation of attended minutes, as a share. */
  readonly spread: number;
}

/** What came of the trial. */
export interface TrialResult {
  /** Changes of the other batches. */
  readonly changes: readonly Consequence[];
  /** Plan minute in which it is done. */
  readonly at: number;
  /** Its ends in the runs, rising. */
  readonly ends: readonly number[];
  /** Its ends if one of the things that go wrong did not. */
  readonly without: Readonly<Record<Risk, readonly number[]>>;
}

/** What can make a batch late: minutes that stray, rework, days away, urgent work that comes between. */
export type Risk = 'minutes' | 'rework' | 'away' | 'urgent';

/** @returns null where the plan does not hold it */
export function planTrialBatch(
  { jobs, terms, plan: before }: PlanContext,
  { job, plan, runs, spread }: TrialBatch,
): TrialResult | null {
  const all = [...jobs, job];
  const at = plan.done.find(({ batch }) => batch === job.id)?.at;
  if (at === undefined) return null;
  const spreads = new Map(all.flatMap((one) => one.steps.map((step) => [`${one.id} ${step.key}`, step.spread])));
  const placed = plan.blocks.map(({ batch, step, ...times }) => ({ ...times, job: batch, step: step.key }));
  const problem = studioProblem(all, terms);
  const endsWith = (disturbances: Disturbances, by: number) =>
    simulate(problem, placed, {
      spreadOf: (of, step) => by * (spreads.get(`${of} ${step}`) ?? spread),
      runs,
      seed: 1,
      disturbances,
    }).ends.get(job.id) ?? [];
  const usual = spread === 0 ? undisturbed : usualDisturbances;
  return {
    changes: consequences(before, plan),
    at,
    ends: endsWith(usual, 1),
    without: {
      minutes: endsWith({ ...usual, common: 0 }, 0),
      rework: endsWith({ ...usual, again: 0 }, 1),
      away: endsWith({ ...usual, away: 0 }, 1),
      urgent: endsWith({ ...usual, urgent: 0 }, 1),
    },
  };
}

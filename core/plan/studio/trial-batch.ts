// A trial batch in a plan: when it would be done, with what confidence, and what it changes for the others.
import { simulate } from '../solve/simulate.ts';
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
}

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
  const { ends } = simulate(studioProblem(all, terms), placed, {
    spreadOf: (of, step) => spreads.get(`${of} ${step}`) ?? spread,
    runs,
    seed: 1,
  });
  return { changes: consequences(before, plan), at, ends: ends.get(job.id) ?? [] };
}

// How sure a plan is: its order worked again and again with minutes that stray as they do, and when each job is done then.
import { logNormal, quantile, seeded } from '../../measure/random.ts';
import { SerialScheduleGeneration } from './serial-schedule-generation.ts';
import { topologicalOrder } from './priority-rules.ts';
import type { ScheduleProblem, ScheduledStep } from '../model/problem.ts';
import { indexProblem } from '../model/indexed-problem.ts';

export interface Simulated {
  /** Ends of each job, rising; minutes. */
  readonly ends: ReadonlyMap<string, readonly number[]>;
}

export interface SimulationTerms {
  /** How far the minutes of a step's hands stray: one standard deviation as a share, by job and step. */
  readonly spreadOf: (job: string, step: string) => number;
  readonly runs: number;
  readonly seed: number;
}

/**
 * Minutes of hands are lognormal about what was planned: work is more often much longer than much shorter. What works by
 * itself keeps its time. The order of the plan is kept, and whoever is free soonest takes the next.
 * @param steps  of the plan
 */
export function simulate(problem: ScheduleProblem, steps: readonly ScheduledStep[], terms: SimulationTerms): Simulated {
  const indexed = indexProblem(problem);
  const attended = indexed.attended.slice();
  const sgs = new SerialScheduleGeneration(indexed);
  const random = seeded(terms.seed);
  const startOf = new Map(steps.map((step) => [`${step.job} ${step.step}`, step.start]));
  const names = problem.jobs.flatMap((job) => job.steps.map((step) => ({ job: job.id, step: step.id })));
  const spreads = names.map(({ job, step }) => terms.spreadOf(job, step));
  const starts = names.map(({ job, step }) => startOf.get(`${job} ${step}`) ?? Infinity);
  const order = topologicalOrder(indexed, (step) => starts[step] ?? Infinity);
  const ends = problem.jobs.map((): number[] => []);
  for (let run = 0; run < terms.runs; run += 1) {
    attended.forEach((minutes, step) => {
      indexed.attended[step] = minutes * logNormal(spreads[step] ?? 0, random);
    });
    if (!sgs.generate(order)) continue;
    indexed.stepsOf.forEach((own, job) => {
      ends[job]?.push(Math.max(0, ...Array.from(own, (step) => sgs.end[step] ?? 0)));
    });
  }
  return { ends: new Map(problem.jobs.map(({ id }, job) => [id, (ends[job] ?? []).sort((a, b) => a - b)])) };
}

/** The share of runs in which a job was done by a time; null when there was none. */
export function chanceBy(ends: readonly number[], by: number): number | null {
  return ends.length === 0 ? null : ends.filter((end) => end <= by).length / ends.length;
}

/** When a job is done with so much confidence; null when there was no run. */
export function safeEnd(ends: readonly number[], confidence: number): number | null {
  return ends.length === 0 ? null : quantile(ends, confidence);
}

// Simulates a plan: its order is worked many times with varying minutes, to see when each job is done.
import { logNormal, quantile, seeded } from '../../measure/random.ts';
import { indexProblem } from '../model/indexed-problem.ts';
import type { ScheduledStep, ScheduleProblem } from '../model/problem.ts';
import { topologicalOrder } from './priority-rules.ts';
import { SerialScheduleGeneration } from './serial-schedule-generation.ts';

/** The result of a simulation. */
export interface Simulated {
  /** Ends of each job in all runs, rising, minutes. */
  readonly ends: ReadonlyMap<string, readonly number[]>;
}

/** Terms of a simulation. */
export interface SimulationTerms {
  /** Variation of a step's attended minutes: one standard deviation as a share, by job and step. */
  readonly spreadOf: (job: string, step: string) => number;
  readonly runs: number;
  readonly seed: number;
}

/**
 * Attended minutes are lognormal about the planned ones: work takes much longer more often than much shorter.
 * Unattended time does not vary. The order of the plan is kept, and whoever is free first takes the next step.
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

/** Share of runs in which a job was done by a time; null without runs. */
export function chanceBy(ends: readonly number[], by: number): number | null {
  return ends.length === 0 ? null : ends.filter((end) => end <= by).length / ends.length;
}

/** When a job is done with this confidence; null without runs. */
export function safeEnd(ends: readonly number[], confidence: number): number | null {
  return ends.length === 0 ? null : quantile(ends, confidence);
}

// Simulates a plan: its order is worked many times with varying minutes, to see when each job is done.
import { MINUTES_A_DAY } from '../../measure/days.ts';
import { logNormal, quantile, seeded } from '../../measure/random.ts';
import { type IndexedProblem, indexProblem } from '../model/indexed-problem.ts';
import type { ScheduledStep, ScheduleProblem } from '../model/problem.ts';
import { topologicalOrder } from './priority-rules.ts';
import { SerialScheduleGeneration } from './serial-schedule-generation.ts';
import { loadsKept } from './warm-start.ts';

/** The result of a simulation. */
export interface Simulated {
  /** Ends of each job in all runs, rising, minutes. */
  readonly ends: ReadonlyMap<string, readonly number[]>;
}

/** What goes wrong besides steps that take longer. */
export interface Disturbances {
  /** Chance that a step is done again. */
  readonly again: number;
  /** Chance that a maker is away on a day, unplanned. */
  readonly away: number;
  /** Minutes a day and maker that new urgent work takes, on average; it comes in pieces of `urgentEach`. */
  readonly urgent: number;
  readonly urgentEach: number;
  /** What all minutes of a run have in common: an estimate that is off, a maker who is slower; as a share. */
  readonly common: number;
}

/** Nothing goes wrong. */
export const undisturbed: Disturbances = { again: 0, away: 0, urgent: 0, urgentEach: 60, common: 0 };

/**
 * What usually goes wrong in a small studio: assumptions, checked by the simulated years (docs/decisions/016), in which
 * promises made at 90 % are kept about as often.
 */
export const usualDisturbances: Disturbances = { again: 0.05, away: 0.02, urgent: 7, urgentEach: 120, common: 0.1 };

/** Terms of a simulation. */
export interface SimulationTerms {
  /** Variation of a step's attended minutes: one standard deviation as a share, by job and step. */
  readonly spreadOf: (job: string, step: string) => number;
  readonly runs: number;
  readonly seed: number;
  readonly disturbances?: Disturbances;
}

/**
 * Attended minutes are lognormal about the planned ones: work takes much longer more often than much shorter.
 * Unattended time does not vary. The order of the plan is kept, and whoever is free first takes the next step.
 * @param steps  of the plan
 */
export function simulate(problem: ScheduleProblem, steps: readonly ScheduledStep[], terms: SimulationTerms): Simulated {
  const { disturbances = undisturbed } = terms;
  const indexed = indexProblem(problem);
  const planned = indexed.attended.slice();
  const mayPause = indexed.pausable.slice();
  const longest = Math.max(0, ...indexed.shifts.flatMap((own) => Array.from(own, (to, at) => (at % 2 === 1 ? to - (own[at - 1] ?? 0) : 0)))); // prettier-ignore
  const random = seeded(terms.seed);
  const startOf = new Map(steps.map((step) => [`${step.job} ${step.step}`, step.start]));
  const names = problem.jobs.flatMap((job) => job.steps.map((step) => ({ job: job.id, step: step.id })));
  const spreads = names.map(({ job, step }) => terms.spreadOf(job, step));
  const starts = names.map(({ job, step }) => startOf.get(`${job} ${step}`) ?? Infinity);
  const order = topologicalOrder(indexed, (step) => starts[step] ?? Infinity);
  const indexOf = new Map(names.map(({ job, step }, index) => [`${job} ${step}`, index]));
  const loads = loadsKept(
    indexed,
    new Map(steps.map(({ job, step, load }) => [indexOf.get(`${job} ${step}`) ?? -1, { load }])),
  );
  const ends = problem.jobs.map((): number[] => []);
  const isQuiet = disturbances.away === 0 && disturbances.urgent === 0;
  let sgs = new SerialScheduleGeneration(indexed);
  const last = Math.max(0, ...steps.map(({ end }) => end));
  for (let run = 0; run < terms.runs; run += 1) {
    const common = disturbances.common > 0 ? logNormal(disturbances.common, random) : 1;
    planned.forEach((minutes, step) => {
      const again = disturbances.again > 0 && random() < disturbances.again ? 2 : 1;
      const taken = minutes * common * again * logNormal(spreads[step] ?? 0, random);
      indexed.attended[step] = taken;
      // Longer than any shift, it goes on after the break, whatever it is.
      indexed.pausable[step] = taken > longest ? 1 : (mayPause[step] ?? 0);
    });
    if (!isQuiet)
      sgs = new SerialScheduleGeneration({ ...indexed, shifts: disturbed(indexed, disturbances, last, random) });
    sgs.loads.set(loads);
    if (!sgs.generate(order)) continue;
    indexed.stepsOf.forEach((own, job) => {
      ends[job]?.push(Math.max(0, ...Array.from(own, (step) => sgs.end[step] ?? 0)));
    });
  }
  return { ends: new Map(problem.jobs.map(({ id }, job) => [id, (ends[job] ?? []).sort((a, b) => a - b)])) };
}

/** The makers' shifts without days away and without the minutes of urgent work, which ends a shift sooner. */
function disturbed(
  { shifts }: IndexedProblem,
  { away, urgent, urgentEach }: Disturbances,
  last: number,
  random: () => number,
): Float64Array[] {
  return shifts.map((own) => {
    const kept: number[] = [];
    let day = -1;
    let isAway = false;
    let taken = 0;
    for (let at = 0; at < own.length; at += 2) {
      const [from, to] = [own[at] ?? 0, own[at + 1] ?? 0];
      // Farther ahead nothing of this plan is left.
      const isNear = from < 2 * last;
      if (Math.floor(from / MINUTES_A_DAY) !== day) {
        day = Math.floor(from / MINUTES_A_DAY);
        isAway = isNear && random() < away;
        taken = isNear && random() * urgentEach < urgent ? urgentEach : 0;
      }
      if (isAway) continue;
      const until = Math.max(from, to - taken);
      taken -= to - until;
      if (until > from) kept.push(from, until);
    }
    return Float64Array.from(kept);
  });
}

/** Share of runs in which a job was done by a time; null without runs. */
export function chanceBy(ends: readonly number[], by: number): number | null {
  return ends.length === 0 ? null : ends.filter((end) => end <= by).length / ends.length;
}

/** When a job is done with this confidence; null without runs. */
export function safeEnd(ends: readonly number[], confidence: number): number | null {
  return ends.length === 0 ? null : quantile(ends, confidence);
}

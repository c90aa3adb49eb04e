// A plan document as it stands now. The clock passing is no change: steps whose time has passed shift what follows, in
// the same order, and nothing starts earlier than planned.
import { standingKey } from '../../bench/bench-entry.ts';
import { indexProblem } from '../model/indexed-problem.ts';
import type { ScheduleProblem } from '../model/problem.ts';
import { warmStart, type WarmStartStep } from '../solve/warm-start.ts';
import { minuteOf, type PlanLine } from './plan-document.ts';
import { type PlanLike, studioPlan } from './studio-plan.ts';
import { type StudioJob, studioProblem, type StudioTerms } from './studio-problem.ts';

/** @returns null when a step has no place: no maker is there long enough */
export function followPlan(
  jobs: readonly StudioJob[],
  terms: StudioTerms,
  lines: readonly PlanLine[],
): PlanLike | null {
  const problem = studioProblem(jobs, terms);
  const places = placesOf(problem, lines, terms.day);
  const starts = new Map([...places].map(([index, { start }]) => [index, start]));
  const indexed = indexProblem(problem);
  // Not before its time in the plan.
  indexed.release.forEach((release, index) => {
    indexed.release[index] = Math.max(release, starts.get(index) ?? 0);
  });
  const found = warmStart(indexed, places);
  return found && { problem, plan: studioPlan(jobs, problem, found.steps, found.objective, terms) };
}

/** Where a plan document has each step of a problem, by index. */
export function placesOf(
  { jobs, makers }: ScheduleProblem,
  lines: readonly PlanLine[],
  firstDay: string,
): ReadonlyMap<number, WarmStartStep> {
  const lineOf = new Map(lines.map((line) => [standingKey(line.batch, line.step), line]));
  const makerAt = new Map(makers.map(({ id }, index) => [id, index]));
  return new Map(
    jobs
      .flatMap((job) => job.steps.map((step) => lineOf.get(standingKey(job.id, step.id))))
      .flatMap((line, index): [number, WarmStartStep][] =>
        line
          ? [[index, { start: minuteOf(line, firstDay), maker: makerAt.get(line.maker) ?? -1, load: line.load }]]
          : [],
      ),
  );
}

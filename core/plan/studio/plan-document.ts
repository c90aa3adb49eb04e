// The plan as a document: kept with versions, by day and clock so that it means the same tomorrow.
import { z } from 'zod';
import { standingKey } from '../../bench/bench-entry.ts';
import { dayAfter, daysBetween, MINUTES_A_DAY } from '../../measure/days.ts';
import { isoDateSchema } from '../../measure/typed.ts';
import type { PlanBlock, StudioPlan } from './studio-plan.ts';

const planLineSchema = z.object({
  batch: z.string().max(40),
  /** `BenchStep.key`. */
  step: z.string().max(160),
  /** In words, for lists and calendars. */
  title: z.string().max(400),
  where: z.string().max(120),
  /** Id; '' where no maker is needed. */
  maker: z.string().max(40),
  /** Day and minutes by the wall clock: start, end of the attended part, end. */
  on: isoDateSchema,
  start: z.number().min(0),
  attendedEnd: z.number().min(0),
  end: z.number().min(0),
  /** Attended stretches, shift by shift, in minutes from the same midnight. */
  attended: z.array(z.tuple([z.number().min(0), z.number().min(0)])).max(200),
  /** Lines with the same number share a load. */
  load: z.int().min(1).optional(),
});
/** A step in a plan document. */
export type PlanLine = z.infer<typeof planLineSchema>;

const movedLineSchema = z.object({
  batch: z.string(),
  step: z.string(),
  title: z.string(),
  /** Minutes later; below 0 earlier; null for a step that is new in the plan. */
  by: z.number().nullable(),
});
/** A step that moved from one plan to the next. */
export type MovedLine = z.infer<typeof movedLineSchema>;

/** A version of the plan. */
export const planDocumentSchema = z.object({
  version: z.int().min(1),
  at: z.iso.datetime(),
  /** Fingerprint of what it rests on: batches, bench log, hours, stations. Not the clock. */
  key: z.string(),
  /** What changed, in words: why there is a new version. */
  because: z.array(z.string()),
  lines: z.array(planLineSchema).max(20_000),
  moved: z.array(movedLineSchema),
});
/** A version of the plan. */
export type PlanDocument = z.infer<typeof planDocumentSchema>;

/** @param titleOf  a block in words */
export function planLines({ blocks, firstDay }: StudioPlan, titleOf: (block: PlanBlock) => string): PlanLine[] {
  return blocks.map((block) => {
    const day = Math.floor(block.start / MINUTES_A_DAY);
    const from = day * MINUTES_A_DAY;
    return {
      batch: block.batch,
      step: block.step.key,
      title: titleOf(block),
      where: block.step.station,
      maker: block.maker ?? '',
      on: dayAfter(firstDay, day),
      start: neat(block.start - from),
      attendedEnd: neat(block.attendedEnd - from),
      end: neat(block.end - from),
      attended: block.attended.map(([begin, until]): [number, number] => [neat(begin - from), neat(until - from)]),
      ...(block.load !== undefined && { load: block.load }),
    };
  });
}

const neat = (minutes: number) => Math.max(0, Math.round(minutes * 100) / 100);

/** Start of a line in the minutes of a plan that begins on another day; below 0 before it. */
export function minuteOf({ on, start }: Pick<PlanLine, 'on' | 'start'>, firstDay: string): number {
  return daysBetween(firstDay, on) * MINUTES_A_DAY + start;
}

/** Minutes a step may move without being listed. */
const WORTH_A_WORD = 10;

/** Steps of the new lines that start at another time than before, the most moved first. Steps under way are left out. */
export function movedLines(
  before: readonly PlanLine[],
  now: readonly PlanLine[],
  isUnderWay: (line: PlanLine) => boolean,
): MovedLine[] {
  const [first] = before.map(({ on }) => on).sort();
  if (first === undefined) return [];
  const was = new Map(before.map((line) => [standingKey(line.batch, line.step), minuteOf(line, first)]));
  return now
    .filter((line) => !isUnderWay(line))
    .flatMap(({ batch, step, title, ...line }): MovedLine[] => {
      const start = was.get(standingKey(batch, step));
      if (start === undefined) return [{ batch, step, title, by: null }];
      const by = minuteOf(line, first) - start;
      return Math.abs(by) >= WORTH_A_WORD ? [{ batch, step, title, by }] : [];
    })
    .toSorted((a, b) => Math.abs(b.by ?? 0) - Math.abs(a.by ?? 0));
}

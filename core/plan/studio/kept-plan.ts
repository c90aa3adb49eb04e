// A plan as it was kept: blocks by day and clock, so that it means the same tomorrow; and what has moved since.
import { z } from 'zod';
import { dayAfter, daysBetween } from '../../measure/days.ts';
import { isoDateSchema } from '../../measure/typed.ts';
import { standingKey } from './bench-entry.ts';
import { MINUTES_A_DAY } from '../model/calendar.ts';
import type { PlanBlock, StudioPlan } from './studio-plan.ts';

const keptBlockSchema = z.strictObject({
  batch: z.string().max(40),
  step: z.string().max(160),
  /** In words, for a calendar. */
  title: z.string().max(300),
  where: z.string().max(120),
  maker: z.string().max(120),
  /** Of the hands, then of all of it: day and minute by the clock on the wall. */
  on: isoDateSchema,
  start: z.int().min(0),
  attendedEnd: z.int().min(0),
  end: z.int().min(0),
  /** Attended stretches, shift by shift; minutes from the same midnight. */
  attended: z.array(z.tuple([z.int().min(0), z.int().min(0)])).max(100),
});
export type KeptBlock = z.infer<typeof keptBlockSchema>;

export const newKeptPlanSchema = z.strictObject({ blocks: z.array(keptBlockSchema).max(5000) });
export const keptPlanSchema = newKeptPlanSchema.extend({ at: z.iso.datetime() });
export type KeptPlan = z.infer<typeof keptPlanSchema>;

/** @param titleOf  a block in words; @param makerOf  a maker's name by id */
export function keptBlocks(
  { blocks, firstDay }: StudioPlan,
  titleOf: (block: PlanBlock) => string,
  makerOf: (id: string) => string,
): KeptBlock[] {
  return blocks.map((block) => {
    const day = Math.floor(block.start / MINUTES_A_DAY);
    const from = day * MINUTES_A_DAY;
    return {
      batch: block.batch,
      step: block.step.key,
      title: titleOf(block),
      where: block.step.station,
      maker: block.maker === null ? '' : makerOf(block.maker),
      on: dayAfter(firstDay, day),
      start: Math.round(block.start - from),
      attendedEnd: Math.round(block.attendedEnd - from),
      end: Math.round(block.end - from),
      attended: block.attended.map(([begin, until]): [number, number] => [
        Math.round(begin - from),
        Math.round(until - from),
      ]),
    };
  });
}

export interface Moved {
  readonly block: PlanBlock;
  /** Minutes later; below 0 sooner; null for what is new. */
  readonly by: number | null;
}

/** Minutes a block may drift before it is worth a word. */
const WORTH_A_WORD = 10;

/** What starts at another time than in a plan that was kept, most moved first. */
export function movedSince({ blocks }: Pick<KeptPlan, 'blocks'>, plan: StudioPlan): Moved[] {
  const before = new Map(
    blocks.map((block) => [
      standingKey(block.batch, block.step),
      daysBetween(plan.firstDay, block.on) * MINUTES_A_DAY + block.start,
    ]),
  );
  return plan.blocks
    .filter(({ state }) => state !== 'started')
    .flatMap((block): Moved[] => {
      const was = before.get(standingKey(block.batch, block.step.key));
      if (was === undefined) return [{ block, by: null }];
      return Math.abs(block.start - was) >= WORTH_A_WORD ? [{ block, by: block.start - was }] : [];
    })
    .toSorted((a, b) => Math.abs(b.by ?? 0) - Math.abs(a.by ?? 0));
}

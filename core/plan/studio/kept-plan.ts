// A plan as it was kept, by day and clock so that it means the same tomorrow; and what has moved since.
import { z } from 'zod';
import { dayAfter, daysBetween } from '../../measure/days.ts';
import { isoDateSchema } from '../../measure/typed.ts';
import { MINUTES_A_DAY } from '../model/calendar.ts';
import { standingKey } from './bench-entry.ts';
import type { PlanBlock, StudioPlan } from './studio-plan.ts';

const keptBlockSchema = z.strictObject({
  batch: z.string().max(40),
  step: z.string().max(160),
  /** In words, for a calendar. */
  title: z.string().max(300),
  where: z.string().max(120),
  maker: z.string().max(120),
  /** Day and minutes by the wall clock: start, end of the attended part, end. */
  on: isoDateSchema,
  start: z.int().min(0),
  attendedEnd: z.int().min(0),
  end: z.int().min(0),
  /** Attended stretches, shift by shift, in minutes from the same midnight. */
  attended: z.array(z.tuple([z.int().min(0), z.int().min(0)])).max(100),
});
/** A block of a kept plan. */
export type KeptBlock = z.infer<typeof keptBlockSchema>;

/** A plan that is to be kept. */
export const newKeptPlanSchema = z.strictObject({ blocks: z.array(keptBlockSchema).max(5000) });
/** A kept plan. */
export const keptPlanSchema = newKeptPlanSchema.extend({ at: z.iso.datetime() });
/** A kept plan. */
export type KeptPlan = z.infer<typeof keptPlanSchema>;

/**
 * @param titleOf  a block in words
 * @param makerOf  a maker's name by id
 */
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

/** A block that has moved. */
export interface Moved {
  readonly block: PlanBlock;
  /** Minutes later; below 0 earlier; null for a new block. */
  readonly by: number | null;
}

/** Minutes a block may move without being listed. */
const WORTH_A_WORD = 10;

/** Blocks that start at another time than in a kept plan, the most moved first. */
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

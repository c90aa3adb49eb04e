// Noon fixes over the wire: read them all, add one or many. None is ever changed.
import { z } from 'zod';
import { fixSchema, newFixSchema } from '../core/metal/fix.ts';

/** Latest first. */
export const fixListSchema = z.array(fixSchema);

/** Fixes of a file: all of them, or none when one is refused. */
export const manyFixesSchema = z.strictObject({ fixes: z.array(newFixSchema).min(1).max(2000) });

/** A day of the price stand-in: made-up prices, served as a real source would be. */
const offeredDaySchema = z.object({
  on: z.iso.date(),
  currency: z.string(),
  prices: newFixSchema.shape.prices,
  source: z.string(),
});
export const offeredDaysSchema = z.array(offeredDaySchema);
export type OfferedDay = z.infer<typeof offeredDaySchema>;

// The shelf over the wire: what lies there, what happened, and adding to it.
import { z } from 'zod';
import { noteSchema, typedSchema } from '../core/measure/typed.ts';
import { shelfEntrySchema, shelfLotSchema } from '../core/batch/stock/shelf.ts';

export const shelfSchema = z.object({
  lots: z.array(shelfLotSchema),
  /** Latest first. */
  entries: z.array(shelfEntrySchema),
});
export type ShelfPage = z.infer<typeof shelfSchema>;
export const shelfEntriesSchema = z.array(shelfEntrySchema);

/** A lot counted anew: how many really lie there. */
export const countedSchema = z.strictObject({ count: typedSchema, why: noteSchema });
export type LotCount = z.infer<typeof countedSchema>;

// Prices over the wire: what a piece was priced at and why, and setting further prices. None is ever changed.
import { z } from 'zod';
import { noteSchema } from '../core/measure/typed.ts';
import { priceHows, sizePricesSchema } from '../core/price/piece/standing.ts';
import { idSchema } from './document.ts';

const priceEntrySchema = z.object({
  id: z.int(),
  pieceId: idSchema,
  at: z.iso.datetime(),
  currency: z.string(),
  wholesaleMinor: z.int(),
  retailMinor: z.int(),
  costMinor: z.int(),
  fixOn: z.string().nullable(),
  how: z.enum(priceHows),
  why: z.string(),
  sizes: sizePricesSchema,
});
export type PriceEntry = z.infer<typeof priceEntrySchema>;
/** Latest first. */
export const priceHistorySchema = z.array(priceEntrySchema);

/** Prices set together: all of them, or none when one is refused. */
export const newPricesSchema = z.strictObject({
  how: z.enum(['fix', 'set', 'group', 'left', 'undone']),
  why: noteSchema,
  prices: z
    .array(
      z.strictObject({
        pieceId: idSchema,
        wholesaleMinor: z.int().min(0),
        retailMinor: z.int().min(0),
        /** Left out: those set before stand. */
        sizes: sizePricesSchema.optional(),
      }),
    )
    .min(1)
    .max(5000),
});
export type NewPrices = z.infer<typeof newPricesSchema>;

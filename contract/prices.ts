// Routes of prices: the prices of a piece with their reasons, and setting more. An entry never changes.
import { z } from 'zod';
import { noteSchema } from '../core/measure/typed.ts';
import { priceHows, sizePricesSchema } from '../core/price/piece/standing.ts';
import { documentParams, idSchema } from './document.ts';
import { route } from './route.ts';

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
/** A price of a piece. */
export type PriceEntry = z.infer<typeof priceEntrySchema>;
/** Latest first. */
const priceHistorySchema = z.array(priceEntrySchema);

/** Prices set together: all of them, or none when one is refused. */
const newPricesSchema = z.strictObject({
  how: z.enum(['fix', 'set', 'group', 'left', 'undone']),
  why: noteSchema,
  prices: z
    .array(
      z.strictObject({
        pieceId: idSchema,
        wholesaleMinor: z.int().min(0),
        retailMinor: z.int().min(0),
        /** Left out: the prices set before stay. */
        sizes: sizePricesSchema.optional(),
      }),
    )
    .min(1)
    .max(5000),
});
/** Prices to set. */
export type NewPrices = z.infer<typeof newPricesSchema>;

/** Routes of prices. */
export const priceRoutes = {
  ofPiece: route({
    method: 'GET',
    path: '/api/pieces/:id/prices',
    tag: 'prices',
    summary: 'Prices of a piece, latest first',
    params: documentParams,
    answer: priceHistorySchema,
  }),
  set: route({
    method: 'POST',
    path: '/api/prices',
    tag: 'prices',
    summary: 'Price pieces, all or none',
    body: newPricesSchema,
    answer: priceHistorySchema,
    status: 201,
  }),
};

// Routes of metal prices: read them all, add one or many. An entry never changes.
import { z } from 'zod';
import { currencySchema, isoDateSchema } from '../core/measure/typed.ts';
import { fixSchema, newFixSchema } from '../core/metal/fix.ts';
import { route } from './route.ts';

/** Latest first. */
const fixListSchema = z.array(fixSchema);

/** The metal prices of a file: all of them, or none when one is refused. */
const manyFixesSchema = z.strictObject({ fixes: z.array(newFixSchema).min(1).max(2000) });

/** A day of the price stand-in: made-up prices, served as a real source would serve them. */
const offeredDaySchema = z.object({
  on: z.iso.date(),
  currency: z.string(),
  prices: newFixSchema.shape.prices,
  source: z.string(),
});
const offeredDaysSchema = z.array(offeredDaySchema);
/** Made-up metal prices of a day. */
export type OfferedDay = z.infer<typeof offeredDaySchema>;

/** Routes of metal prices. */
export const fixRoutes = {
  list: route({
    method: 'GET',
    path: '/api/fixes',
    tag: 'fixes',
    summary: 'Fixes, latest first',
    answer: fixListSchema,
  }),
  add: route({
    method: 'POST',
    path: '/api/fixes',
    tag: 'fixes',
    summary: 'Add the metal prices of a day',
    body: newFixSchema,
    answer: fixSchema,
    status: 201,
  }),
  addMany: route({
    method: 'POST',
    path: '/api/fixes/many',
    tag: 'fixes',
    summary: 'Add the metal prices of a file',
    body: manyFixesSchema,
    answer: fixListSchema,
    status: 201,
  }),
  offered: route({
    method: 'GET',
    path: '/api/prices-offered',
    tag: 'fixes',
    summary: 'What the price source offers, latest first; the one shipped with the app makes its prices up',
    query: z.object({ until: isoDateSchema, days: z.coerce.number().int().min(1).max(400), currency: currencySchema }),
    answer: offeredDaysSchema,
  }),
};

// Routes of suppliers' price lists.
import { z } from 'zod';
import { priceListSchema, supplierItemSchema } from '../core/batch/buying/price-list.ts';
import { route } from './route.ts';

const itemListSchema = supplierItemSchema.array();

/** Routes of suppliers' price lists. */
export const priceListRoutes = {
  list: route({
    method: 'GET',
    path: '/api/price-lists',
    tag: 'price lists',
    summary: 'What can be bought, by the last list of each supplier',
    answer: itemListSchema,
  }),
  sample: route({
    method: 'GET',
    path: '/api/price-lists/made-up.csv',
    tag: 'price lists',
    summary: 'A made-up list to try it with',
  }),
  add: route({
    method: 'POST',
    path: '/api/price-lists',
    tag: 'price lists',
    summary: 'Add a price list',
    body: priceListSchema,
    answer: z.object({ added: z.int().min(0) }),
    status: 201,
  }),
};

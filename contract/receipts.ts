// Routes of metal receipts: read them, add one. An entry never changes.
import { z } from 'zod';
import { newReceiptSchema, receiptSchema } from '../core/metal/receipt.ts';
import { route } from './route.ts';

/** Routes of metal receipts. */
export const receiptRoutes = {
  list: route({
    method: 'GET',
    path: '/api/receipts',
    tag: 'receipts',
    summary: 'Metal received, latest day first',
    answer: z.array(receiptSchema),
  }),
  add: route({
    method: 'POST',
    path: '/api/receipts',
    tag: 'receipts',
    summary: 'Record metal received',
    body: newReceiptSchema,
    answer: receiptSchema,
    status: 201,
  }),
};

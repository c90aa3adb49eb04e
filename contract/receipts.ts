// Metal received, over the wire: read the receipts, add one. None is ever changed.
import { z } from 'zod';
import { newReceiptSchema, receiptSchema } from '../core/metal/receipt.ts';
import { route } from './route.ts';

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

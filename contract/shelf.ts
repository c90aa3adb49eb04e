// Routes of stock: lots, entries, and adding to them.
import { z } from 'zod';
import { metalEntrySchema } from '../core/account/entry.ts';
import { acceptedCutSchema } from '../core/batch/cutting/issue-metal.ts';
import { bulkLotSchema, newLotSchema, shelfLotSchema } from '../core/batch/stock/shelf.ts';
import { noteSchema, typedSchema } from '../core/measure/typed.ts';
import { documentParams } from './document.ts';
import { route } from './route.ts';

const shelfSchema = z.object({
  lots: z.array(shelfLotSchema),
  /** Grain and ingots. */
  bulk: z.array(bulkLotSchema),
  /** Latest first. */
  entries: z.array(metalEntrySchema),
});
/** Lots in stock, and what happened lately. */
export type ShelfPage = z.infer<typeof shelfSchema>;
const entriesSchema = z.array(metalEntrySchema);

/** A stock count of a lot: the number that was found, or the weight of grain and ingots. */
const countedSchema = z.strictObject({ count: typedSchema, why: noteSchema });
/** A stock count of one lot. */
export type LotCount = z.infer<typeof countedSchema>;

/** Answers with the new entries. */
const changed = { method: 'POST', tag: 'shelf', answer: entriesSchema, status: 201 } as const;

/** Routes of stock. */
export const shelfRoutes = {
  page: route({
    method: 'GET',
    path: '/api/shelf',
    tag: 'shelf',
    summary: 'What is in stock, and what happened',
    answer: shelfSchema,
  }),
  addLot: route({ ...changed, path: '/api/shelf', summary: 'Receive stock', body: newLotSchema }),
  countLot: route({
    ...changed,
    path: '/api/shelf/:id/count',
    summary: 'Record a count of a lot',
    params: documentParams,
    body: countedSchema,
  }),
  ofBatch: route({
    method: 'GET',
    path: '/api/batches/:id/metal',
    tag: 'shelf',
    summary: 'Metal of a batch, latest first',
    params: documentParams,
    answer: entriesSchema,
  }),
  issueMetal: route({
    ...changed,
    path: '/api/batches/:id/cut',
    summary: 'Accept a cutting plan: its metal is issued',
    params: documentParams,
    body: acceptedCutSchema,
  }),
  giveBack: route({
    ...changed,
    path: '/api/batches/:id/give-back',
    summary: 'Give back all the metal of a batch',
    params: documentParams,
  }),
};

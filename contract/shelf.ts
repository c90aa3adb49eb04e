// Routes of stock: lots, entries, and adding to them.
import { z } from 'zod';
import { acceptedCutSchema } from '../core/batch/cutting/issue-metal.ts';
import { newLotSchema, shelfEntrySchema, shelfLotSchema } from '../core/batch/stock/shelf.ts';
import { noteSchema, typedSchema } from '../core/measure/typed.ts';
import { documentParams } from './document.ts';
import { route } from './route.ts';

const shelfSchema = z.object({
  lots: z.array(shelfLotSchema),
  /** Latest first. */
  entries: z.array(shelfEntrySchema),
});
/** Lots in stock, and their entries. */
export type ShelfPage = z.infer<typeof shelfSchema>;
const shelfEntriesSchema = z.array(shelfEntrySchema);

/** A stock count of a lot: the quantity that was found. */
const countedSchema = z.strictObject({ count: typedSchema, why: noteSchema });
/** A stock count of one lot. */
export type LotCount = z.infer<typeof countedSchema>;

/** Answers with the new entries. */
const changed = { method: 'POST', tag: 'shelf', answer: shelfEntriesSchema, status: 201 } as const;

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
    answer: shelfEntriesSchema,
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

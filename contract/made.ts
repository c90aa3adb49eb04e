// Routes of finished pieces: items, outlets, entries, sales, counts and papers.
import { z } from 'zod';
import { compactEntrySchema, grades, madeEntrySchema } from '../core/made/made-entry.ts';
import { madeDetailSchema, madeItemSchema } from '../core/made/made-item.ts';
import { keptOutletSchema, outletSchema } from '../core/made/outlet.ts';
import { isoDateSchema, nameSchema, noteSchema, typedSchema } from '../core/measure/typed.ts';
import { documentParams, idSchema } from './document.ts';
import { route } from './route.ts';

const placeSchema = z.string().min(1).max(80);
const gradeSchema = z.enum(grades);

const waitingSchema = z.object({
  batchId: z.string(),
  title: z.string(),
  /** What came out of it, one row a piece and size or unit. */
  rows: z.array(z.object({ key: z.string(), name: z.string(), good: z.int() })),
});
/** A finished batch whose pieces have not come in. */
export type WaitingBatch = z.infer<typeof waitingSchema>;

const madePageSchema = z.object({
  items: z.array(madeItemSchema),
  outlets: z.array(keptOutletSchema),
  entries: z.array(compactEntrySchema),
  /** Finished batches whose pieces have not come in. */
  waiting: z.array(waitingSchema),
});
/** Finished pieces with everything that happened to them. */
export type MadePage = z.infer<typeof madePageSchema>;

const takeInSchema = z.strictObject({
  on: isoDateSchema,
  /** Pieces by grade, by key of the row. */
  rows: z
    .array(z.strictObject({ key: z.string().max(200), good: typedSchema, second: typedSchema, sample: typedSchema }))
    .max(400),
});
/** What came in of a batch. */
export type TakeIn = z.infer<typeof takeInSchema>;

const openingSchema = z.strictObject({
  on: isoDateSchema,
  /** Id of the design; '' for one that is not in the ledger. */
  pieceId: z.string().max(40),
  size: z.string().max(80),
  name: nameSchema.min(1, 'Give its name.'),
  sizeName: nameSchema,
  count: typedSchema,
  place: placeSchema,
  grade: gradeSchema,
  /** Cost of one, as typed; blank for the estimate of the design. */
  cost: typedSchema,
  /** Whether it is one of a kind, with a photo and a weight of its own. */
  isSingle: z.boolean().default(false),
});
/** Pieces that lay there before the ledger. */
export type MadeOpening = z.infer<typeof openingSchema>;

const picksSchema = z
  .array(z.strictObject({ item: idSchema, place: placeSchema, grade: gradeSchema, count: z.int().min(1).max(10_000) }))
  .min(1, 'Choose a piece.')
  .max(500);

const moveSchema = z.strictObject({ on: isoDateSchema, to: placeSchema, picks: picksSchema, why: noteSchema });
/** Pieces that move to another place. */
export type MadeMove = z.infer<typeof moveSchema>;
const leaveSchema = z.strictObject({
  on: isoDateSchema,
  how: z.enum(['melted', 'given', 'lost']),
  picks: picksSchema,
  why: noteSchema,
});
/** Pieces that leave without a sale. */
export type MadeLeave = z.infer<typeof leaveSchema>;
const gradeChangeSchema = z.strictObject({
  on: isoDateSchema,
  grade: gradeSchema,
  picks: picksSchema,
  why: noteSchema,
});
/** Pieces that become seconds or samples, or good again. */
export type GradeChange = z.infer<typeof gradeChangeSchema>;

const saleSchema = z.strictObject({
  on: isoDateSchema,
  channel: z.string().max(40),
  buyer: nameSchema,
  picks: picksSchema,
  /** Price of one, as typed, by position of the pick; blank for the set price. */
  prices: z.array(typedSchema).max(500),
  why: noteSchema,
});
/** A sale to one customer. */
export type NewSale = z.infer<typeof saleSchema>;

const fairSoldSchema = z.strictObject({
  on: isoDateSchema,
  channel: z.string().max(40),
  place: placeSchema,
  /** What came home of what was brought: the rest was sold. */
  home: z
    .array(z.strictObject({ item: idSchema, grade: gradeSchema, home: typedSchema, price: typedSchema }))
    .min(1)
    .max(500),
  /** Customers, for the share who buy a second piece; blank where nobody counted. */
  customers: typedSchema,
});
/** A fair ticked off. */
export type FairSold = z.infer<typeof fairSoldSchema>;

const countedSchema = z.strictObject({
  on: isoDateSchema,
  place: placeSchema,
  counts: z.array(z.strictObject({ item: idSchema, grade: gradeSchema, count: z.int().min(0).max(10_000) })).max(2000),
  why: noteSchema.min(1, 'Give the reason.'),
});
/** Pieces counted at a place. */
export type PiecesCounted = z.infer<typeof countedSchema>;

const salesImportSchema = z.strictObject({
  channel: z.string().max(40),
  /** Where the pieces lay. */
  place: placeSchema,
  source: nameSchema.min(1),
  rows: z
    .array(
      z.strictObject({
        on: isoDateSchema,
        reference: z.string().min(1).max(200),
        item: idSchema,
        count: z.int(),
        paidMinor: z.int(),
        feeMinor: z.int().nullable(),
      }),
    )
    .min(1)
    .max(20_000),
});
/** Sales of a file. */
export type SalesImport = z.infer<typeof salesImportSchema>;

const tag = 'finished pieces';
const add = { method: 'POST', tag, answer: madeEntrySchema.array(), status: 201 } as const;

/** Routes of finished pieces. */
export const madeRoutes = {
  page: route({
    method: 'GET',
    path: '/api/made',
    tag,
    summary: 'Finished pieces, outlets, entries, and batches whose pieces have not come in',
    answer: madePageSchema,
  }),
  takeIn: route({
    ...add,
    path: '/api/made/batches/:id',
    summary: 'Bring in the pieces of a finished batch',
    params: documentParams,
    body: takeInSchema,
  }),
  opening: route({
    ...add,
    path: '/api/made/opening',
    summary: 'Enter pieces that lie here already',
    body: openingSchema,
  }),
  move: route({ ...add, path: '/api/made/moves', summary: 'Move pieces to another place', body: moveSchema }),
  leave: route({ ...add, path: '/api/made/leaves', summary: 'Melt, give away or write off pieces', body: leaveSchema }),
  grade: route({ ...add, path: '/api/made/grades', summary: 'Change the grade of pieces', body: gradeChangeSchema }),
  sell: route({ ...add, path: '/api/made/sales', summary: 'Enter a sale', body: saleSchema }),
  refund: route({
    ...add,
    path: '/api/made/sales/:id/refund',
    summary: 'Take the pieces of a sale back into the studio and return the money',
    params: z.object({ id: z.coerce.number().int() }),
    body: z.strictObject({ on: isoDateSchema, why: noteSchema }),
  }),
  fairSold: route({
    ...add,
    path: '/api/made/fair-sales',
    summary: 'Tick off a fair: what did not come home was sold',
    body: fairSoldSchema,
  }),
  count: route({ ...add, path: '/api/made/counts', summary: 'Save the count of a place', body: countedSchema }),
  importSales: route({
    ...add,
    path: '/api/made/imports',
    summary: 'Import sales of a file; each counts once',
    body: salesImportSchema,
  }),
  importOpening: route({
    ...add,
    path: '/api/made/imports/opening',
    summary: 'Enter pieces of a list that lie here already, all or none',
    body: z.strictObject({ rows: z.array(openingSchema).min(1).max(5000) }),
  }),
  undoImport: route({
    ...add,
    path: '/api/made/imports/undo',
    summary: 'Undo an import of sales by counter-entries',
    body: z.strictObject({ entries: z.array(z.int()).max(20_000) }),
  }),
  reverse: route({
    ...add,
    path: '/api/made/entries/:id/reverse',
    summary: 'Reverse an entry by its counter-entry',
    params: z.object({ id: z.coerce.number().int() }),
    body: z.strictObject({ why: noteSchema }),
  }),
  keepDetail: route({
    method: 'PUT',
    path: '/api/made/items/:id/detail',
    tag,
    summary: 'Set photo and weight of a single piece',
    params: z.object({ id: z.string().min(1).max(40) }),
    body: madeDetailSchema,
    answer: madeItemSchema,
  }),
  keepOutlet: route({
    method: 'PUT',
    path: '/api/made/outlets/:id',
    tag,
    summary: 'Add or change an outlet',
    params: documentParams,
    body: outletSchema,
    answer: keptOutletSchema,
  }),
};

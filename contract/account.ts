// Routes of the metal account: balances, entries, what comes back from batches, jars, refining and conversions.
import { z } from 'zod';
import { fineMetals, metalEntrySchema, placeSchema } from '../core/account/entry.ts';
import { jarKinds } from '../core/account/place.ts';
import { batchReturnSchema } from '../core/batch/read-return.ts';
import { lotSchema, newLotSchema } from '../core/batch/stock/shelf.ts';
import { isoDateSchema, nameSchema, noteSchema, typedSchema } from '../core/measure/typed.ts';
import { documentParams, idSchema } from './document.ts';
import { route } from './route.ts';

const fineSchema = z.object(Object.fromEntries(fineMetals.map((metal) => [metal, z.int()])) as Record<(typeof fineMetals)[number], z.ZodInt>); // prettier-ignore
const balanceSchema = z.object({
  place: placeSchema,
  lot: z.string().nullable(),
  alloy: z.string(),
  pieces: z.int(),
  mg: z.int(),
  fine: fineSchema,
});
const onHandSchema = z.object({ mg: z.int(), costMinor: z.number(), unpricedMg: z.int() });

const accountPageSchema = z.object({
  /** ISO days of the period. */
  from: z.string(),
  until: z.string(),
  /** Sums by kind of place and alloy at the start of the period, and changes within it. */
  before: z.array(balanceSchema),
  flows: z.array(balanceSchema),
  /** Cost of all metal of an alloy that is held at the end of the period. */
  costs: z.array(
    z.object({ alloy: z.string(), first: onHandSchema, moving: onHandSchema, lastPerMg: z.number().nullable() }),
  ),
  /** Lots that nothing was taken from for a year. */
  untouched: z.array(z.object({ id: z.string(), number: z.int(), alloy: z.string(), mg: z.int(), since: z.string() })),
});
/** The account of a period. */
export type AccountPage = z.infer<typeof accountPageSchema>;

const entriesQuery = z.object({
  from: isoDateSchema.optional(),
  until: isoDateSchema.optional(),
  place: z.string().max(120).optional(),
  lotId: z.string().max(40).optional(),
  batchId: z.string().max(40).optional(),
  before: z.coerce.number().int().optional(),
});

const stockUseSchema = z.object({
  /** Of `stockKey`. */
  stock: z.string(),
  /** One lot of this stock. */
  lot: lotSchema,
  /** g used in each of the last months, oldest first, from the first month with use. */
  usedByMonth: z.array(z.number()),
});
/** What batches used of one stock item. */
export type StockUse = z.infer<typeof stockUseSchema>;

const jarSchema = z.object({
  place: placeSchema,
  kind: z.enum(jarKinds),
  /** '' for the mixed jar. */
  alloy: z.string(),
  mg: z.int(),
  fine: fineSchema,
  /** mg that came in a month, over the last year. */
  mgPerMonth: z.number(),
});
/** A jar of scrap with what is in it. */
export type Jar = z.infer<typeof jarSchema>;

const consignmentSchema = z.object({
  id: z.string(),
  refiner: z.string(),
  on: z.string(),
  mg: z.int(),
  fine: fineSchema,
  currency: z.string(),
  expectedMinor: z.int(),
  /** By the terms alone, before what settlements taught. */
  estimateMinor: z.int(),
  /** The entry that sent it, for a counter-entry. */
  entryId: z.int(),
  settled: z
    .object({
      on: z.string(),
      settledMinor: z.int(),
      chargeMinor: z.int(),
      isCredit: z.boolean(),
      /** Fine metal by the assay; that of the account where none was given. */
      fine: fineSchema,
      entryId: z.int(),
    })
    .nullable(),
});
/** A lot that was sent to a refiner. */
export type Consignment = z.infer<typeof consignmentSchema>;
const jarsPageSchema = z.object({
  jars: z.array(jarSchema),
  consignments: z.array(consignmentSchema),
  /** What settlements taught. */
  learned: z.object({ factor: z.number(), spread: z.number(), settlements: z.int() }),
});
/** Jars, and what is at the refiner or was settled. */
export type JarsPage = z.infer<typeof jarsPageSchema>;

const lotStorySchema = z.object({
  lot: z.object({
    id: z.string(),
    number: z.int(),
    kind: z.string(),
    alloy: z.string(),
    owner: z.string(),
    supplier: z.string(),
    name: z.string(),
  }),
  /** In stock: whole mg and pieces. */
  mg: z.int(),
  pieces: z.int(),
  /** Whether it is weighed, not measured. */
  isBulk: z.boolean(),
  where: z.string(),
  entries: z.array(metalEntrySchema),
  /** Lots its metal came from, and lots that came from it. */
  from: z.array(z.object({ id: z.string(), number: z.int(), entryId: z.int() })),
  into: z.array(z.object({ id: z.string(), number: z.int(), entryId: z.int() })),
  batches: z.array(z.string()),
  /** What was paid for the same stock, latest first; minor units for all of a lot. */
  paid: z.array(
    z.object({
      id: z.string(),
      number: z.int(),
      on: z.string(),
      supplier: z.string(),
      mg: z.int(),
      paidMinor: z.int(),
      currency: z.string(),
    }),
  ),
});
/** Where the metal of a lot came from and went to. */
export type LotStory = z.infer<typeof lotStorySchema>;

/** Metal that is issued to a batch by hand. */
const issueByHandSchema = z.strictObject({
  on: isoDateSchema,
  lot: idSchema,
  /** Number of bars or sheets; grams of grain and ingots. */
  amount: typedSchema,
});
/** What goes into a jar by hand. */
const intoJarSchema = z.strictObject({
  on: isoDateSchema,
  kind: z.enum(jarKinds),
  alloy: idSchema,
  grams: typedSchema,
  /** `opening` for what lay there already; otherwise a count of what the jar weighs now. */
  how: z.enum(['opening', 'counted']),
  why: noteSchema,
});
/** What goes into a jar by hand. */
export type IntoJar = z.infer<typeof intoJarSchema>;

const sendSchema = z.strictObject({
  on: isoDateSchema,
  refiner: nameSchema.min(1, 'Say who refines it.'),
  places: z.array(z.string().max(120)).min(1, 'Choose a jar.').max(60),
  charge: typedSchema,
  why: noteSchema,
});
/** Jars that are sent to a refiner. */
export type SendToRefiner = z.infer<typeof sendSchema>;
const settleSchema = z.strictObject({
  on: isoDateSchema,
  /** Paid for the metal, before the charge. */
  paid: typedSchema,
  /** Fine metal by the refiner's assay; blank where none was given. */
  assay: z.partialRecord(z.enum(fineMetals), typedSchema),
  charge: typedSchema,
  isCredit: z.boolean(),
  why: noteSchema,
});
/** A settlement as it is typed. */
export type Settlement = z.infer<typeof settleSchema>;

const convertSchema = z.strictObject({
  on: isoDateSchema,
  how: z.enum(['melt', 'draw', 'granulate', 'alloy', 'solder']),
  inputs: z
    .array(
      z.strictObject({ place: z.string().max(120), lot: idSchema.nullable(), alloy: idSchema, grams: typedSchema }),
    )
    .min(1, 'Choose what goes in.')
    .max(40),
  /** The new stock; its `weighed` is what came out. */
  output: newLotSchema,
  kind: z.enum(['ingot', 'grain', 'stock']),
  why: noteSchema,
});
/** A conversion as it is typed. */
export type Conversion = z.infer<typeof convertSchema>;

const entries = z.array(metalEntrySchema);
const added = { method: 'POST', tag: 'account', answer: entries, status: 201 } as const;

/** Routes of the metal account. */
export const accountRoutes = {
  page: route({
    method: 'GET',
    path: '/api/account',
    tag: 'account',
    summary: 'The account of a period: start, changes, end and cost',
    query: z.object({ from: isoDateSchema, until: isoDateSchema }),
    answer: accountPageSchema,
  }),
  entries: route({
    method: 'GET',
    path: '/api/account/entries',
    tag: 'account',
    summary: 'Entries, latest first, 200 at a time',
    query: entriesQuery,
    answer: entries,
  }),
  reverse: route({
    ...added,
    path: '/api/account/entries/:id/reverse',
    summary: 'Correct an entry by its counter-entry',
    params: z.object({ id: z.coerce.number().int().min(1) }),
    body: z.strictObject({ why: noteSchema }),
  }),
  used: route({
    method: 'GET',
    path: '/api/account/used',
    tag: 'account',
    summary: 'What batches used of each stock item, by month of the last year',
    answer: z.array(stockUseSchema),
  }),
  lot: route({
    method: 'GET',
    path: '/api/lots/:id',
    tag: 'account',
    summary: 'A lot by id or number: where its metal came from and went to',
    params: documentParams,
    answer: lotStorySchema,
  }),
  lotCode: route({
    method: 'GET',
    path: '/api/lots/:id/code.svg',
    tag: 'account',
    summary: 'QR code of a lot: the address of its page',
    params: documentParams,
  }),
  putLot: route({
    method: 'POST',
    path: '/api/lots/:id/place',
    tag: 'account',
    summary: 'Say where a lot lies',
    params: documentParams,
    body: z.strictObject({ where: nameSchema }),
  }),
  scrapLot: route({
    ...added,
    path: '/api/lots/:id/scrap',
    summary: 'Put pieces of a lot into a jar',
    params: documentParams,
    body: z.strictObject({ on: isoDateSchema, amount: typedSchema, kind: z.enum(jarKinds), why: noteSchema }),
  }),
  handBack: route({
    ...added,
    path: '/api/lots/:id/hand-back',
    summary: 'Give a customer’s metal back',
    params: documentParams,
    body: z.strictObject({ on: isoDateSchema, why: noteSchema }),
  }),
  issue: route({
    ...added,
    path: '/api/batches/:id/issue',
    summary: 'Issue metal to a batch by hand',
    params: documentParams,
    body: issueByHandSchema,
  }),
  return: route({
    ...added,
    path: '/api/batches/:id/return',
    summary: 'Book what came back from a batch; what is missing is lost',
    params: documentParams,
    body: batchReturnSchema,
  }),
  jars: route({
    method: 'GET',
    path: '/api/jars',
    tag: 'account',
    summary: 'Jars of scrap, and consignments to refiners',
    answer: jarsPageSchema,
  }),
  intoJar: route({ ...added, path: '/api/jars', summary: 'Fill or count a jar', body: intoJarSchema }),
  send: route({ ...added, path: '/api/refining', summary: 'Send jars to a refiner', body: sendSchema }),
  settle: route({
    ...added,
    path: '/api/refining/:id/settle',
    summary: 'Record the settlement of a consignment',
    params: documentParams,
    body: settleSchema,
  }),
  convert: route({
    ...added,
    path: '/api/account/convert',
    summary: 'Melt, roll, draw, alloy or granulate',
    body: convertSchema,
  }),
};

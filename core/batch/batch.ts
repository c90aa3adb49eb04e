// A batch: quantities of one or more pieces in their sizes, by a due date.
import { z } from 'zod';
import { isoDateSchema, nameSchema, noteSchema, rowIdSchema, typedSchema } from '../measure/typed.ts';

const batchKinds = ['stock', 'order', 'fair', 'commission', 'repair'] as const;
/** What a batch is made for. */
export type BatchKind = (typeof batchKinds)[number];

/** States of a batch in the order it goes through them; called off is outside that order. */
export const batchStates = ['planned', 'issued', 'bench', 'finished', 'closed', 'called-off'] as const;
/** State of a batch. */
export type BatchState = (typeof batchStates)[number];

/** A unit measured one by one, as stones and found objects are. */
const unitSchema = z.strictObject({
  id: rowIdSchema,
  /** What it is known by beside its number: grey oval. */
  name: nameSchema,
  /** Its own measures as typed, by id of the parameter; a blank one is that of the piece. */
  values: z.record(rowIdSchema, typedSchema),
});
/** A unit measured one by one. */
export type BatchUnit = z.infer<typeof unitSchema>;

/** One piece of the batch with its quantity by size. */
const batchLineSchema = z.strictObject({
  id: rowIdSchema,
  pieceId: z.string().min(1).max(40),
  /** The revision the batch is made from. The piece may change later; the batch does not. */
  pieceRevision: z.int().min(1, 'A batch is made from a saved version of a piece.'),
  /** By id of the size, '' for a piece without sizes. A blank size is not made. */
  quantities: z.record(z.string().max(80), typedSchema),
  /** Units measured one by one, numbered in this order; with any, the quantities by size are not used. */
  units: z.array(unitSchema).max(200, 'A batch holds 200 units of a piece at most.').default([]),
});
/** One piece of a batch. */
export type BatchLine = z.infer<typeof batchLineSchema>;

/** Extras: pieces started above the quantity. */
const sparesSchema = z.strictObject({
  /** `chance`: enough extras to reach the quantity with this confidence; `over`: a fixed number of extras. */
  how: z.enum(['none', 'over', 'chance']).default('none'),
  over: typedSchema.default('2'),
  confidence: typedSchema.default('90 %'),
});
/** How many extras a batch starts. */
export type Spares = z.infer<typeof sparesSchema>;

const bodySchema = z.strictObject({
  kind: z.enum(batchKinds).default('stock'),
  lines: z
    .array(batchLineSchema)
    .min(1, 'A batch is of one piece at least.')
    .max(40, 'A batch holds 40 pieces at most.'),
  /** Due at the end of this day; blank without a due date. */
  due: isoDateSchema.or(z.literal('')),
  /** Rush, normal, low, when there is time. */
  priority: z.enum(['first', '', 'low', 'last']).default(''),
  customer: nameSchema,
  note: noteSchema,
  state: z.enum(batchStates).default('planned'),
  /** Materials are available from this day on; blank for now. */
  materialsOn: isoDateSchema.or(z.literal('')).default(''),
  spares: sparesSchema.default({ how: 'none', over: '2', confidence: '90 %' }),
  /** Number of blanks to cut where the maker sets it, by `line/size/part`. */
  blanks: z.record(z.string().max(200), typedSchema).default({}),
});
/** A batch as it is stored. */
export type Batch = z.infer<typeof bodySchema>;

/** Batches of the first versions had no lines: they were of one piece in one size, finished or not. */
const beforeSchema = z.strictObject({
  pieceId: z.string(),
  pieceRevision: z.int(),
  size: z.string().default(''),
  quantity: z.string(),
  due: z.string(),
  customer: z.string(),
  note: z.string(),
  finished: z.boolean(),
});

/** Reads a batch of any version. */
export const batchSchema = z.preprocess((body) => {
  const before = beforeSchema.safeParse(body);
  if (!before.success) return body;
  const { pieceId, pieceRevision, size, quantity, finished, ...kept } = before.data;
  const line = { id: 'line', pieceId, pieceRevision, quantities: { [size]: quantity }, units: [] };
  return { ...kept, lines: [line], state: finished ? 'finished' : 'planned' };
}, bodySchema);

/** Key of the number of blanks that the maker set for a part. */
export const blanksKey = (line: string, size: string, part: string) => [line, size, part].join('/');

/** Whether nothing of the batch is left to do at the bench. */
export function isDone({ state }: Pick<Batch, 'state'>): boolean {
  return state === 'finished' || state === 'closed' || state === 'called-off';
}

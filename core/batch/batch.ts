// A batch: so many of one piece or of several, in their sizes, promised for a day.
import { z } from 'zod';
import { isoDateSchema, nameSchema, noteSchema, rowIdSchema, typedSchema } from '../measure/typed.ts';

const batchKinds = ['stock', 'order', 'fair', 'commission', 'repair'] as const;
export type BatchKind = (typeof batchKinds)[number];

export const batchStates = ['planned', 'issued', 'bench', 'finished', 'closed', 'called-off'] as const;
export type BatchState = (typeof batchStates)[number];

/** One piece of the batch, so many of each size. */
const batchLineSchema = z.strictObject({
  id: rowIdSchema,
  pieceId: z.string().min(1).max(40),
  /** The revision it is made from; the piece may move on, the batch does not. */
  pieceRevision: z.int().min(1, 'A batch is made from an accepted revision of a piece.'),
  /** By the size's id; '' for a piece that has none. What is blank is not made. */
  quantities: z.record(z.string().max(40), typedSchema),
});
export type BatchLine = z.infer<typeof batchLineSchema>;

/** How many more are started than are wanted. */
const sparesSchema = z.strictObject({
  /** `chance`: so that enough come out well with so much confidence; `over`: so many more. */
  how: z.enum(['none', 'over', 'chance']).default('none'),
  over: typedSchema.default('2'),
  confidence: typedSchema.default('90 %'),
});
export type Spares = z.infer<typeof sparesSchema>;

const bodySchema = z.strictObject({
  kind: z.enum(batchKinds).default('stock'),
  lines: z
    .array(batchLineSchema)
    .min(1, 'A batch is of one piece at least.')
    .max(40, 'A batch holds 40 pieces at most.'),
  /** Promised for the end of this day; blank when nothing is promised. */
  due: isoDateSchema.or(z.literal('')),
  priority: z.enum(['', 'first', 'last']).default(''),
  customer: nameSchema,
  note: noteSchema,
  state: z.enum(batchStates).default('planned'),
  /** What it is made of is there from this day on; blank: now. */
  materialsOn: isoDateSchema.or(z.literal('')).default(''),
  spares: sparesSchema.default({ how: 'none', over: '2', confidence: '90 %' }),
  /** Blanks to cut of a part where the maker knows better, by `line/size/part`. */
  blanks: z.record(z.string().max(130), typedSchema).default({}),
});
export type Batch = z.infer<typeof bodySchema>;

/** Before batches had lines they were of one piece in one size, finished or not. */
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

export const batchSchema = z.preprocess((body) => {
  const before = beforeSchema.safeParse(body);
  if (!before.success) return body;
  const { pieceId, pieceRevision, size, quantity, finished, ...kept } = before.data;
  const line = { id: 'line', pieceId, pieceRevision, quantities: { [size]: quantity } };
  return { ...kept, lines: [line], state: finished ? 'finished' : 'planned' };
}, bodySchema);

/** Key of a part's own number of blanks. */
export const blanksKey = (line: string, size: string, part: string) => [line, size, part].join('/');

/** Nothing of it is left to do at the bench. */
export function isDone({ state }: Pick<Batch, 'state'>): boolean {
  return state === 'finished' || state === 'closed' || state === 'called-off';
}

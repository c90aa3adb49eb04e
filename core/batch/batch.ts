// A batch: so many of a piece, made from one revision of it, promised for a day.
import { z } from 'zod';
import { isoDateSchema, nameSchema, noteSchema, typedSchema } from '../measure/typed.ts';

export const batchSchema = z.strictObject({
  pieceId: z.string().min(1).max(40),
  /** The revision it is made from; the piece may move on, the batch does not. */
  pieceRevision: z.int().min(1, 'A batch is made from an accepted revision of a piece.'),
  /** Which of the piece's sizes, by id; blank: its first, or it has none. */
  size: z.string().max(40).default(''),
  quantity: typedSchema,
  /** Promised for the end of this day; blank when nothing is promised. */
  due: isoDateSchema.or(z.literal('')),
  customer: nameSchema,
  note: noteSchema,
  finished: z.boolean(),
});

export type Batch = z.infer<typeof batchSchema>;

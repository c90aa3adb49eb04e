// Sizes of a piece: a table of parameters. A measure may name a parameter or a formula of one.
import { z } from 'zod';
import { nameSchema, rowIdSchema, typedSchema } from '../measure/typed.ts';

const parameterSchema = z.strictObject({
  id: rowIdSchema,
  /** One word, as in a formula: `inside`, `size`, `d`. */
  name: z.string().max(20, 'The name of a measure has 20 characters at most.'),
});

const sizeSchema = z.strictObject({
  id: rowIdSchema,
  name: nameSchema,
  /** As typed, by parameter id. */
  values: z.record(rowIdSchema, typedSchema),
});

/** The sizes of a piece as they are stored. */
export const sizesSchema = z.strictObject({
  parameters: z.array(parameterSchema).max(8, 'A piece varies in 8 measures at most.'),
  rows: z.array(sizeSchema).max(60, 'A piece has 60 sizes at most.'),
  /** Patterns of one design: the piece is made in every pattern and every size. */
  patterns: z.array(sizeSchema).max(20, 'A piece has 20 patterns at most.').default([]),
  /** One price for all sizes (that of the most expensive), or a price for each. */
  price: z.enum(['one', 'each']),
});

/** The sizes of a piece. */
export type Sizes = z.infer<typeof sizesSchema>;
/** One size of a piece. */
export type Size = Sizes['rows'][number];

/** A piece without sizes. */
export const noSizes: Sizes = { parameters: [], rows: [], patterns: [], price: 'each' };

/** Names of parameters: letters only. */
export const NAME = /^[a-z][a-z]*$/i;
/** Words that are units or numbers already. */
export const TAKEN = /^(?:mm|cm|m|in|inch|inches|ft|ga|gauge|g|mg|kg|dwt|ozt|gr|grain|min|h|s|x|pi)$/i;

/** Why a parameter cannot have this name; null when it can. */
export function parameterProblem(name: string, others: readonly string[]): string | null {
  if (!NAME.test(name)) return 'Name the measure with letters only, for example inside or d.';
  if (TAKEN.test(name)) return `“${name}” is a unit already. Choose another word.`;
  return others.some((other) => other.toLowerCase() === name.toLowerCase())
    ? `“${name}” is used twice. Choose another word.`
    : null;
}

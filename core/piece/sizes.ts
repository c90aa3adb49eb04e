// Sizes: a table of parameters, and any dimension of the piece bound to one or to a small formula of it.
import { z } from 'zod';
import { nameSchema, rowIdSchema, typedSchema } from '../measure/typed.ts';

const parameterSchema = z.strictObject({
  id: rowIdSchema,
  /** One word, as it stands in a formula: `inside`, `size`, `d`. */
  name: z.string().max(20, 'The name of a measure has 20 characters at most.'),
});

const sizeSchema = z.strictObject({
  id: rowIdSchema,
  name: nameSchema,
  /** As typed, by parameter id. */
  values: z.record(rowIdSchema, typedSchema),
});

export const sizesSchema = z.strictObject({
  parameters: z.array(parameterSchema).max(8, 'A piece varies in 8 measures at most.'),
  rows: z.array(sizeSchema).max(60, 'A piece has 60 sizes at most.'),
  /** One price for all sizes (that of the dearest), or each its own. */
  price: z.enum(['one', 'each']),
});

export type Sizes = z.infer<typeof sizesSchema>;
export type Size = Sizes['rows'][number];

export const noSizes: Sizes = { parameters: [], rows: [], price: 'each' };

export const NAME = /^[a-z][a-z]*$/i;
/** Words that mean a unit or a number already. */
const TAKEN = /^(?:mm|cm|m|in|inch|inches|ft|ga|gauge|g|mg|kg|dwt|ozt|gr|grain|min|h|s|x|pi)$/i;

/** @returns why a parameter cannot have this name, or null when it can */
export function parameterProblem(name: string, others: readonly string[]): string | null {
  if (!NAME.test(name)) return 'Name the measure with letters only, for example inside or d.';
  if (TAKEN.test(name)) return `“${name}” is a unit already. Choose another word.`;
  return others.some((other) => other.toLowerCase() === name.toLowerCase())
    ? `“${name}” stands twice. Choose another word.`
    : null;
}

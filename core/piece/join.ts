// A join: how parts come to hold together, in the order they are made.
import { z } from 'zod';
import { nameSchema, rowIdSchema, typedSchema } from '../measure/typed.ts';

export const joinKinds = ['solder', 'fuse', 'rivet', 'screw', 'wrap', 'link', 'set'] as const;
export const solderForms = ['snippets', 'seam', 'beads', 'sweat'] as const;

export const joinSchema = z.strictObject({
  id: rowIdSchema,
  name: nameSchema,
  kind: z.enum(joinKinds),
  /** Ids of the parts, findings and groups it joins; one alone is closed on itself. */
  parts: z.array(z.string().max(40)).max(60, 'A join brings 60 parts together at most.'),
  /** A solder of the book; blank unless it is soldered. */
  solder: z.string().max(40).default(''),
  /** Flow point from the solder maker's sheet; blank takes the book's. */
  flow: typedSchema.default(''),
  form: z.enum(solderForms).default('snippets'),
  /** For one joint: snippets or beads by number, a seam by its length, sweating by the area in mm². */
  amount: typedSchema.default('2'),
  /** Joints like it in one piece. */
  count: typedSchema.default('1'),
  /** A load hangs on it. */
  bearsLoad: z.boolean().default(false),
});

export type Join = z.infer<typeof joinSchema>;
export type JoinKind = Join['kind'];

/** Joins made with the torch. */
export function isHot({ kind }: Pick<Join, 'kind'>): boolean {
  return kind === 'solder' || kind === 'fuse';
}

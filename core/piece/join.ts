// A join: parts that are joined, in the order the joins are made.
import { z } from 'zod';
import { nameSchema, rowIdSchema, typedSchema } from '../measure/typed.ts';

/** Kinds of joins. */
export const joinKinds = ['solder', 'fuse', 'rivet', 'screw', 'wrap', 'link', 'set'] as const;
/** How solder is laid at a joint. */
export const solderForms = ['snippets', 'seam', 'seam-snippets', 'beads', 'sweat'] as const;

/** A join as it is stored. */
export const joinSchema = z.strictObject({
  id: rowIdSchema,
  name: nameSchema,
  kind: z.enum(joinKinds),
  /** Ids of the parts, findings and sub-assemblies it joins; a single one is closed on itself. */
  parts: z.array(z.string().max(40)).max(60, 'A join brings 60 parts together at most.'),
  /** Id of a solder; blank unless it is soldered. */
  solder: z.string().max(40).default(''),
  /** Flow point from the solder maker's sheet; blank for the table's. */
  flow: typedSchema.default(''),
  form: z.enum(solderForms).default('snippets'),
  /**
   * At one joint: a number of pallions, dots of paste with their diameter (`3 x 0.8 mm`), the length of a seam, or an area
   * in mm² for sweat soldering.
   */
  amount: typedSchema.default('2'),
  /** Number of such joints in one piece. */
  count: typedSchema.default('1'),
  /** Made in one heat with the join before it: they share quench and pickle. */
  sameHeat: z.boolean().default(false),
  /** Whether its seam shows and is filed; blank: as is usual for what it joins. */
  shows: z.enum(['', 'yes', 'no']).default(''),
  /** Whether it is load-bearing. */
  bearsLoad: z.boolean().default(false),
});

/** A join as it is stored. */
export type Join = z.infer<typeof joinSchema>;
/** A kind of join. */
export type JoinKind = Join['kind'];

/** Whether its solder is laid along a seam, in a strip or as pallions. */
export function isAlongSeam({ form }: Pick<Join, 'form'>): boolean {
  return form === 'seam' || form === 'seam-snippets';
}

/** Whether a join is made with the torch. */
export function isHot({ kind }: Pick<Join, 'kind'>): boolean {
  return kind === 'solder' || kind === 'fuse';
}

// The piece: a design as the maker describes it. Measures stand as typed; `reckon` makes numbers of them.
import { z } from 'zod';
import { nameSchema, noteSchema, rowIdSchema, typedSchema } from '../measure/typed.ts';
import { pricingMethods } from '../studio/pricing-methods.ts';
import { joinSchema } from './join.ts';
import { partSchema } from './part.ts';
import { noSizes, sizesSchema } from './sizes.ts';
import { stepSchema } from './step.ts';

export const stoneShapes = ['round', 'oval', 'rectangle', 'cushion', 'teardrop'] as const;
export const findingKinds = ['finding', 'stone', 'blank', 'sent-out', 'customer'] as const;

/** Put in as it comes: bought by the piece, a stone, work sent out, or the customer's own object. */
export const findingSchema = z.strictObject({
  id: rowIdSchema,
  name: nameSchema,
  count: typedSchema,
  price: typedSchema,
  grams: typedSchema,
  kind: z.enum(findingKinds).default('finding'),
  /** What it is made of, where that matters to heat and pickle; blank when it is not known. */
  alloy: z.string().max(40).default(''),
  group: z.string().max(40).default(''),
  /** Of a stone: its outline, and from its base to where it starts to curve in. */
  shape: z.enum(stoneShapes).default('round'),
  length: typedSchema.default(''),
  width: typedSchema.default(''),
  girdle: typedSchema.default(''),
});

/** Parts joined into one that from then on behaves as one. */
const groupSchema = z.strictObject({
  id: rowIdSchema,
  name: nameSchema,
  /** How many of it are in one piece. */
  count: typedSchema,
  /** Joined it closes on air. */
  closed: z.boolean(),
  /** Holes that let the air out; blank or 0 for none. */
  vents: typedSchema,
});

/** A remark of the bench check that the maker has seen and lets stand. */
const knownSchema = z.strictObject({ rule: z.string().max(40), about: z.string().max(40), reason: noteSchema });

const photoSchema = z.strictObject({ id: z.string().max(80), caption: nameSchema });

/** How it is priced where that is not the studio's rule, and why. */
const pricingSchema = z.strictObject({
  school: z.enum(['', ...pricingMethods]),
  reason: noteSchema,
  /** The retail price to go back from. */
  target: typedSchema,
});

export const pieceSchema = z.strictObject({
  name: nameSchema,
  note: noteSchema,
  /** How many are usually made at once; set-up is spread over them. */
  batchSize: typedSchema,
  /** Sold singly or by the pair; a piece is then a pair. */
  soldBy: z.enum(['one', 'pair']).default('one'),
  groups: z.array(groupSchema).max(40, 'A piece holds 40 sub-assemblies at most.').default([]),
  parts: z.array(partSchema).max(200, 'A piece holds 200 parts at most.'),
  findings: z.array(findingSchema).max(100, 'A piece holds 100 findings at most.'),
  joins: z.array(joinSchema).max(100, 'A piece holds 100 joins at most.').default([]),
  /** Each later join a lower solder, or one grade for all with the earlier ones shielded. */
  school: z.enum(['step-down', 'one-grade']).default('step-down'),
  /** Length × width × thickness of a snippet of solder. */
  snippet: typedSchema.default(''),
  steps: z.array(stepSchema).max(200, 'A piece holds 200 steps at most.'),
  /** Proposals for the route the maker does not want. */
  declined: z.array(z.string().max(80)).max(400).default([]),
  sizes: sizesSchema.default(noSizes),
  /** How consumables are counted; blank: as the studio does. */
  consumables: z.enum(['', 'hour', 'use', 'share']).default(''),
  pricing: pricingSchema.default({ school: '', reason: '', target: '' }),
  /** What it is packed in; blank: as the studio's pieces are. */
  packaging: typedSchema.default(''),
  /** Whether it is sent for its marks; blank: when they are due. */
  marks: z.enum(['', 'yes', 'no']).default(''),
  known: z.array(knownSchema).max(200).default([]),
  tags: z.array(z.string().min(1).max(40)).max(30, 'A piece has 30 tags at most.').default([]),
  collection: nameSchema.default(''),
  photos: z.array(photoSchema).max(24, 'A piece has 24 pictures at most.').default([]),
});

export type Piece = z.infer<typeof pieceSchema>;
/** A piece as written down: what is left out is as usual. */
export type PieceTyped = z.input<typeof pieceSchema>;
export type Finding = z.infer<typeof findingSchema>;
export type Group = z.infer<typeof groupSchema>;

export const emptyPiece: Piece = pieceSchema.parse({
  name: '',
  note: '',
  batchSize: '1',
  parts: [],
  findings: [],
  steps: [],
});

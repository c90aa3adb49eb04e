// A piece: a design. Measures are kept as typed; `computeRecipe` reads them into numbers.
import { z } from 'zod';
import { nameSchema, noteSchema, rowIdSchema, typedSchema } from '../measure/typed.ts';
import { pricingMethods } from '../studio/pricing-methods.ts';
import { joinSchema } from './join.ts';
import { partSchema } from './part.ts';
import { noSizes, sizesSchema } from './sizes.ts';
import { stepSchema } from './step.ts';
import { workRowSchema } from './work-row.ts';

/** Outlines of stones. */
export const stoneShapes = ['round', 'oval', 'rectangle', 'cushion', 'teardrop', 'free'] as const;
/** Kinds of findings. */
export const findingKinds = ['finding', 'stone', 'blank', 'sent-out', 'customer'] as const;

/** A finding, a stone, outwork, or the customer's own object. */
export const findingSchema = z.strictObject({
  id: rowIdSchema,
  name: nameSchema,
  count: typedSchema,
  price: typedSchema,
  grams: typedSchema,
  kind: z.enum(findingKinds).default('finding'),
  /** Its alloy where that matters for heat and pickle; blank when unknown. */
  alloy: z.string().max(40).default(''),
  group: z.string().max(40).default(''),
  /** Of a stone: its outline, and the girdle height from its base to where it curves in. */
  shape: z.enum(stoneShapes).default('round'),
  length: typedSchema.default(''),
  width: typedSchema.default(''),
  girdle: typedSchema.default(''),
  /** Of a free outline: the length round it, measured with a strip of paper. */
  girth: typedSchema.default(''),
  /** Of a free outline: its corners as `x,y` in mm; the girth follows from them where it is blank. */
  points: z.string().max(400).default(''),
});

/** A sub-assembly: parts that are joined into one. */
const groupSchema = z.strictObject({
  id: rowIdSchema,
  name: nameSchema,
  /** Number in one piece. */
  count: typedSchema,
  /** Whether it is hollow and sealed. */
  closed: z.boolean(),
  /** Vent holes; blank or 0 for none. */
  vents: typedSchema,
});

/** A remark of the bench check that the maker overrides. */
const knownSchema = z.strictObject({ rule: z.string().max(40), about: z.string().max(40), reason: noteSchema });

const photoSchema = z.strictObject({ id: z.string().max(80), caption: nameSchema });

/** A price that does not follow the studio's rule, and why. */
const pricingSchema = z.strictObject({
  school: z.enum(['', ...pricingMethods]),
  reason: noteSchema,
  /** The retail price to work back from. */
  target: typedSchema,
});

/** A piece as it is stored. */
export const pieceSchema = z.strictObject({
  name: nameSchema,
  note: noteSchema,
  /** Usual number made at once; set-up is spread over it. */
  batchSize: typedSchema,
  /** Sold singly or by the pair; then a piece is a pair. */
  soldBy: z.enum(['one', 'pair']).default('one'),
  groups: z.array(groupSchema).max(40, 'A piece holds 40 sub-assemblies at most.').default([]),
  parts: z.array(partSchema).max(200, 'A piece holds 200 parts at most.'),
  findings: z.array(findingSchema).max(100, 'A piece holds 100 findings at most.'),
  joins: z.array(joinSchema).max(100, 'A piece holds 100 joins at most.').default([]),
  /** Step soldering, or one grade of solder with the earlier joins shielded. */
  school: z.enum(['step-down', 'one-grade']).default('step-down'),
  /** Length × width × thickness of a pallion. */
  snippet: typedSchema.default(''),
  /** Work beside what the parts and joins imply: texture, holes, patina. */
  work: z.array(workRowSchema).max(200, 'A piece holds 200 rows of work at most.').default([]),
  /** `recipe`: the route is kept in step with the recipe; blank: it stays as the maker wrote it. */
  route: z.enum(['', 'recipe']).default(''),
  steps: z.array(stepSchema).max(200, 'A piece holds 200 steps at most.'),
  /** Proposals for the route that the maker declined. */
  declined: z.array(z.string().max(80)).max(400).default([]),
  sizes: sizesSchema.default(noSizes),
  /** How consumables are counted; blank for the studio's way. */
  consumables: z.enum(['', 'hour', 'use', 'share']).default(''),
  pricing: pricingSchema.default({ school: '', reason: '', target: '' }),
  /** Its packaging; blank for the studio's. */
  packaging: typedSchema.default(''),
  /** Whether it is sent for hallmarks; blank: when they are required. */
  marks: z.enum(['', 'yes', 'no']).default(''),
  known: z.array(knownSchema).max(200).default([]),
  tags: z.array(z.string().min(1).max(40)).max(30, 'A piece has 30 tags at most.').default([]),
  collection: nameSchema.default(''),
  photos: z.array(photoSchema).max(24, 'A piece has 24 pictures at most.').default([]),
});

/** A piece as it is stored. */
export type Piece = z.infer<typeof pieceSchema>;
/** A piece as written in a file: fields may be left out. */
export type PieceTyped = z.input<typeof pieceSchema>;
/** A finding as it is stored. */
export type Finding = z.infer<typeof findingSchema>;
/** A sub-assembly as it is stored. */
export type Group = z.infer<typeof groupSchema>;

/** A piece before anything is typed. */
export const emptyPiece: Piece = pieceSchema.parse({
  name: '',
  note: '',
  batchSize: '1',
  parts: [],
  findings: [],
  steps: [],
});

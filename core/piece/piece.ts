// The piece: a design as the maker describes it. Measures stand as typed; `reckon` makes numbers of them.
import { z } from 'zod';
import { ringSizeSystems } from '../measure/ring-size.ts';
import { nameSchema, noteSchema, rowIdSchema, typedSchema } from '../measure/typed.ts';

const sectionSchema = z.discriminatedUnion('form', [
  z.strictObject({ form: z.literal('round'), diameter: typedSchema }),
  z.strictObject({ form: z.literal('square'), side: typedSchema }),
  z.strictObject({ form: z.literal('strip'), width: typedSchema, thickness: typedSchema }),
  z.strictObject({ form: z.literal('tube'), outside: typedSchema, wall: typedSchema }),
  z.strictObject({ form: z.literal('sheet'), thickness: typedSchema }),
]);

/** How the metal is cut: from wire, strip and tube by length, from sheet by outline. */
const blankSchema = z.discriminatedUnion('rule', [
  z.strictObject({ rule: z.literal('straight'), length: typedSchema }),
  z.strictObject({ rule: z.literal('ring-band'), system: z.enum(ringSizeSystems), size: typedSchema }),
  z.strictObject({ rule: z.literal('jump-ring'), inside: typedSchema }),
  z.strictObject({ rule: z.literal('disc'), diameter: typedSchema }),
  z.strictObject({ rule: z.literal('rectangle'), width: typedSchema, length: typedSchema }),
]);

const partSchema = z.strictObject({
  id: rowIdSchema,
  name: nameSchema,
  alloy: z.string().min(1).max(40),
  section: sectionSchema,
  blank: blankSchema,
  /** How many of it are in one piece. */
  count: typedSchema,
  /** Lost of each blank to kerf, filing square and sanding: off a length, or all round an outline. */
  trim: typedSchema,
});

/** Bought and put in as it comes, by the piece. */
const findingSchema = z.strictObject({
  id: rowIdSchema,
  name: nameSchema,
  count: typedSchema,
  price: typedSchema,
  grams: typedSchema,
});

const stepSchema = z.strictObject({
  id: rowIdSchema,
  name: nameSchema,
  station: nameSchema,
  /** Attended, once a batch. */
  setUp: typedSchema,
  /** Attended, for each piece. */
  each: typedSchema,
  /** Unattended, once a batch, after the attended time: pickle, tumbler, glue. */
  byItself: typedSchema,
  /** Whether it may start while the step before it still works by itself. */
  meanwhile: z.boolean(),
});

export const pieceSchema = z.strictObject({
  name: nameSchema,
  note: noteSchema,
  /** How many are usually made at once; set-up is spread over them. */
  batchSize: typedSchema,
  parts: z.array(partSchema).max(200, 'A piece holds 200 parts at most.'),
  findings: z.array(findingSchema).max(100, 'A piece holds 100 findings at most.'),
  steps: z.array(stepSchema).max(200, 'A piece holds 200 steps at most.'),
});

export type Piece = z.infer<typeof pieceSchema>;
export type Part = z.infer<typeof partSchema>;
export type PartSection = z.infer<typeof sectionSchema>;
export type Blank = z.infer<typeof blankSchema>;
export type Finding = z.infer<typeof findingSchema>;
export type Step = z.infer<typeof stepSchema>;
export type SectionForm = PartSection['form'];
export type BlankRule = Blank['rule'];

/** Which blanks can be cut from which stock; the first is offered first. */
export const blankRulesByForm = {
  round: ['straight', 'ring-band', 'jump-ring'],
  square: ['straight', 'ring-band', 'jump-ring'],
  strip: ['straight', 'ring-band'],
  tube: ['straight'],
  sheet: ['disc', 'rectangle'],
} as const satisfies Record<SectionForm, readonly BlankRule[]>;

export const emptyPiece: Piece = { name: '', note: '', batchSize: '1', parts: [], findings: [], steps: [] };

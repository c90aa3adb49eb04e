// The nesting problem for sheet: problem, plan and totals.
import { z } from 'zod';

const idSchema = z.string().min(1).max(80);
/** mm */
const sizeSchema = z.number().positive().max(1e5);
const countSchema = z.int().min(0).max(10_000);

const sheetSchema = z.strictObject({
  id: idSchema,
  width: sizeSchema,
  height: sizeSchema,
  /** Number in stock; null for any number. */
  count: countSchema.nullable(),
  /** Cost of one, in any unit; 0 for paid stock. */
  cost: z.number().min(0).max(1e9),
});

const sheetPieceSchema = z.discriminatedUnion('shape', [
  z.strictObject({
    id: idSchema,
    shape: z.literal('rect'),
    width: sizeSchema,
    height: sizeSchema,
    /** Whether it may be turned by a right angle; not where the grain has a direction. */
    rotatable: z.boolean().default(true),
    count: countSchema,
  }),
  z.strictObject({ id: idSchema, shape: z.literal('disc'), diameter: sizeSchema, count: countSchema }),
  /** A disc with a hole; a smaller blank may be cut from the hole. */
  z
    .strictObject({
      id: idSchema,
      shape: z.literal('washer'),
      outside: sizeSchema,
      inside: sizeSchema,
      count: countSchema,
    })
    .refine(({ inside, outside }) => inside < outside, 'The middle of a washer is smaller than the washer.'),
  /** A free outline by its corners in order; one that crosses itself counts as its convex hull. */
  z.strictObject({
    id: idSchema,
    shape: z.literal('outline'),
    points: z
      .array(z.tuple([z.number(), z.number()]))
      .min(3)
      .max(200),
    rotatable: z.boolean().default(true),
    count: countSchema,
  }),
]);

/** A nesting problem. */
export const sheetProblemSchema = z
  .strictObject({
    sheets: z.array(sheetSchema).min(1).max(50),
    /** Least gap between shapes, mm. */
    gap: z.number().min(0).max(1000),
    /** Least distance to the edge of the sheet, mm. */
    margin: z.number().min(0).max(1000),
    /** Shears cut right across what is left; a saw or a laser cuts anywhere. */
    cutting: z.enum(['free', 'guillotine']).default('free'),
    /** The smallest offcut worth keeping, mm: both its sides. */
    keepFrom: z
      .strictObject({ short: z.number().min(0).max(1e5), long: z.number().min(0).max(1e5) })
      .default({ short: 0, long: 0 }),
    pieces: z.array(sheetPieceSchema).min(1).max(200),
  })
  .refine(({ sheets }) => areDifferent(sheets), { path: ['sheets'], error: 'Two sheets have the same id.' })
  .refine(({ pieces }) => areDifferent(pieces), { path: ['pieces'], error: 'Two pieces have the same id.' });
/** A nesting problem. */
export type SheetProblem = z.infer<typeof sheetProblemSchema>;
/** A kind of blank that is wanted. */
export type SheetPiece = SheetProblem['pieces'][number];

/** A blank on a sheet. */
export interface Placement {
  readonly piece: string;
  /** Lower left corner of the blank's bounding box as it lies, mm. */
  readonly x: number;
  readonly y: number;
  /** Whether it is turned by a right angle. */
  readonly rotated: boolean;
  /** Degrees a free outline is turned by, counter-clockwise; left out where `rotated` says it. */
  readonly turn?: number;
}

/** Lower left corner and sides, mm. */
export interface Rectangle {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** One sheet of a plan. */
export interface PlannedSheet {
  readonly sheet: string;
  readonly placements: readonly Placement[];
  /** The largest rectangle left along a whole edge that is worth keeping; null where none is. */
  readonly offcut: Rectangle | null;
}

/** A plan for sheets with its bound. */
export interface SheetPlan {
  readonly cost: number;
  /** Lower bound of the cost. */
  readonly bound: number;
  /** Whether the cost is proved optimal. */
  readonly proved: boolean;
  /** mm² of the sheets less the offcuts worth keeping. */
  readonly consumed: number;
  /** Lower bound of `consumed`: the area of all blanks. */
  readonly consumedBound: number;
  readonly sheets: readonly PlannedSheet[];
}

function areDifferent(rows: readonly { readonly id: string }[]): boolean {
  return new Set(rows.map(({ id }) => id)).size === rows.length;
}

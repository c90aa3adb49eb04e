// Cutting blanks out of sheets: the problem, a plan, and what a plan comes to.
import { z } from 'zod';

const idSchema = z.string().min(1).max(80);
/** mm */
const sizeSchema = z.number().positive().max(1e5);
const countSchema = z.int().min(0).max(10_000);

const sheetSchema = z.strictObject({
  id: idSchema,
  width: sizeSchema,
  height: sizeSchema,
  /** How many there are; null: as many as are wanted. */
  count: countSchema.nullable(),
  /** Of one, in any money; 0 for what is on the shelf already. */
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
  /** A disc whose middle is cut out: a smaller blank may come of it. */
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

export const sheetProblemSchema = z
  .strictObject({
    sheets: z.array(sheetSchema).min(1).max(50),
    /** mm between one shape and the next, at least. */
    gap: z.number().min(0).max(1000),
    /** mm to the edge of the sheet, at least. */
    margin: z.number().min(0).max(1000),
    pieces: z.array(sheetPieceSchema).min(1).max(200),
  })
  .refine(({ sheets }) => areDifferent(sheets), { path: ['sheets'], error: 'Two sheets have the same id.' })
  .refine(({ pieces }) => areDifferent(pieces), { path: ['pieces'], error: 'Two pieces have the same id.' });
export type SheetProblem = z.infer<typeof sheetProblemSchema>;
export type SheetPiece = SheetProblem['pieces'][number];

export interface Placement {
  readonly piece: string;
  /** mm, the lower left corner of the piece's bounding box as it lies. */
  readonly x: number;
  readonly y: number;
  /** Turned by a right angle. */
  readonly rotated: boolean;
  /** Of a free outline, degrees it is turned against the clock; left out where `rotated` says it all. */
  readonly turn?: number;
}

/** mm, lower left corner and sides. */
export interface Rectangle {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

export interface PlannedSheet {
  readonly sheet: string;
  readonly placements: readonly Placement[];
  /** The largest rectangle left along a whole edge; null where nothing is. */
  readonly offcut: Rectangle | null;
}

export interface SheetPlan {
  readonly cost: number;
  /** No plan costs less. */
  readonly bound: number;
  /** A cheaper plan is not possible. */
  readonly proved: boolean;
  readonly sheets: readonly PlannedSheet[];
}

function areDifferent(rows: readonly { readonly id: string }[]): boolean {
  return new Set(rows.map(({ id }) => id)).size === rows.length;
}

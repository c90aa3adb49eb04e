// Cutting wire, strip and tube out of bars: the problem, a plan, and what a plan comes to.
import { z } from 'zod';

const lengthSchema = z.number().positive().max(1e6);

const barStockSchema = z.strictObject({
  id: z.string().min(1).max(80),
  /** mm */
  length: lengthSchema,
  /** How many there are; null: as many as are wanted. */
  count: z.int().min(0).max(100_000).nullable(),
  /** Of one, in any money; 0 for what is on the shelf already. */
  cost: z.number().min(0).max(1e9),
});

const barPieceSchema = z.strictObject({
  id: z.string().min(1).max(80),
  /** mm */
  length: lengthSchema,
  count: z.int().min(0).max(100_000),
});

export const barProblemSchema = z
  .strictObject({
    /** mm lost to each cut. */
    kerf: z.number().min(0).max(100),
    stock: z.array(barStockSchema).min(1).max(200),
    pieces: z.array(barPieceSchema).min(1).max(200),
    /** mm; a remainder at least so long is an offcut to keep, a shorter one is scrap. Left out: nothing is kept. */
    keepFrom: z.number().min(0).max(1e6).optional(),
  })
  .refine(({ stock }) => areDifferent(stock), { path: ['stock'], error: 'Two bars have the same id.' })
  .refine(({ pieces }) => areDifferent(pieces), { path: ['pieces'], error: 'Two pieces have the same id.' });
export type BarProblem = z.infer<typeof barProblemSchema>;

/** One bar of a plan. */
export interface PlannedBar {
  readonly stock: string;
  /** How many of which piece come out of it. */
  readonly cuts: Readonly<Record<string, number>>;
  /** mm left at the end. */
  readonly remainder: number;
}

export interface BarPlan {
  readonly cost: number;
  /** No plan costs less. */
  readonly bound: number;
  /** mm of bars, less what is kept of them. */
  readonly consumed: number;
  /** At this cost no plan takes less of the metal than this, mm. */
  readonly consumedBound: number;
  /** Neither a cheaper plan nor, at its cost, one that takes less is possible. */
  readonly proved: boolean;
  readonly bars: readonly PlannedBar[];
}

function areDifferent(rows: readonly { readonly id: string }[]): boolean {
  return new Set(rows.map(({ id }) => id)).size === rows.length;
}

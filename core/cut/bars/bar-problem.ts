// The cutting stock problem for wire, strip and tube: problem, plan and totals.
import { z } from 'zod';

const lengthSchema = z.number().positive().max(1e6);

const barStockSchema = z.strictObject({
  id: z.string().min(1).max(80),
  /** mm */
  length: lengthSchema,
  /** Number in stock; null for any number. */
  count: z.int().min(0).max(100_000).nullable(),
  /** Cost of one, in any unit; 0 for paid stock. */
  cost: z.number().min(0).max(1e9),
});

const barPieceSchema = z.strictObject({
  id: z.string().min(1).max(80),
  /** mm */
  length: lengthSchema,
  count: z.int().min(0).max(100_000),
});

/** A cutting stock problem. */
export const barProblemSchema = z
  .strictObject({
    /** Kerf, mm. */
    kerf: z.number().min(0).max(100),
    stock: z.array(barStockSchema).min(1).max(200),
    pieces: z.array(barPieceSchema).min(1).max(200),
    /** mm; a longer remainder is a kept offcut, a shorter one is scrap. Left out: nothing is kept. */
    keepFrom: z.number().min(0).max(1e6).optional(),
  })
  .refine(({ stock }) => areDifferent(stock), { path: ['stock'], error: 'Two bars have the same id.' })
  .refine(({ pieces }) => areDifferent(pieces), { path: ['pieces'], error: 'Two pieces have the same id.' });
/** A cutting stock problem. */
export type BarProblem = z.infer<typeof barProblemSchema>;

/** One bar of a plan. */
export interface PlannedBar {
  readonly stock: string;
  /** Number of each piece cut from it. */
  readonly cuts: Readonly<Record<string, number>>;
  /** mm left at the end. */
  readonly remainder: number;
}

/** A cutting plan for bars with its bounds. */
export interface BarPlan {
  readonly cost: number;
  /** Lower bound of the cost. */
  readonly bound: number;
  /** mm of bars used, less the kept offcuts. */
  readonly consumed: number;
  /** Lower bound of the metal used at this cost, mm. */
  readonly consumedBound: number;
  /** Whether the plan is proved optimal: in cost, and at its cost in metal. */
  readonly proved: boolean;
  readonly bars: readonly PlannedBar[];
}

function areDifferent(rows: readonly { readonly id: string }[]): boolean {
  return new Set(rows.map(({ id }) => id)).size === rows.length;
}

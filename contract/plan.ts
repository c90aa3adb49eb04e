// The plan over the wire: what happened at the bench, plans kept, and asking for a better one.
import { z } from 'zod';
import { benchEntrySchema, newBenchEntrySchema } from '../core/plan/studio/bench-entry.ts';
import { keptPlanSchema } from '../core/plan/studio/kept-plan.ts';
import { scheduleProblemSchema, type Schedule } from '../core/plan/model/problem.ts';

export const benchPageSchema = z.object({
  /** Earliest first. */
  entries: z.array(benchEntrySchema),
  kept: keptPlanSchema.nullable(),
});
export type BenchPage = z.infer<typeof benchPageSchema>;

export const newBenchEntriesSchema = z.strictObject({ entries: z.array(newBenchEntrySchema).min(1).max(500) });

export const searchAskedSchema = z.strictObject({
  problem: scheduleProblemSchema,
  seconds: z.number().positive().max(120),
});

/** One line of the answer: a better plan, or a higher bound. */
export type SearchTold = Schedule & { readonly isDone: boolean };

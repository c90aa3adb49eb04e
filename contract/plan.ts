// Routes of the plan: the bench log, kept plans, and the search for a better plan.
import { z } from 'zod';
import { type Schedule, scheduleProblemSchema } from '../core/plan/model/problem.ts';
import { benchEntrySchema, newBenchEntrySchema } from '../core/plan/studio/bench-entry.ts';
import { keptPlanSchema, newKeptPlanSchema } from '../core/plan/studio/kept-plan.ts';
import { route } from './route.ts';

const benchPageSchema = z.object({
  /** Earliest first. */
  entries: z.array(benchEntrySchema),
  kept: keptPlanSchema.nullable(),
});
/** The bench log and the kept plan. */
export type BenchPage = z.infer<typeof benchPageSchema>;

const newBenchEntriesSchema = z.strictObject({ entries: z.array(newBenchEntrySchema).min(1).max(500) });

/** A problem to search a better plan for, with the time the search may take. */
export const searchAskedSchema = z.strictObject({
  problem: scheduleProblemSchema,
  seconds: z.number().positive().max(120),
});

/** One line of the answer: a better plan, or a higher bound. */
export type SearchTold = Schedule & { readonly isDone: boolean };

/** Routes of the plan. */
export const planRoutes = {
  bench: route({
    method: 'GET',
    path: '/api/bench',
    tag: 'plan',
    summary: 'What happened at the bench, and the plan kept last',
    answer: benchPageSchema,
  }),
  addEntries: route({
    method: 'POST',
    path: '/api/bench',
    tag: 'plan',
    summary: 'Record what happened at the bench',
    body: newBenchEntriesSchema,
    answer: benchPageSchema,
    status: 201,
  }),
  keep: route({
    method: 'POST',
    path: '/api/plan',
    tag: 'plan',
    summary: 'Keep a plan',
    body: newKeptPlanSchema,
    answer: benchPageSchema,
    status: 201,
  }),
  calendar: route({
    method: 'GET',
    path: '/api/plan/calendar.ics',
    tag: 'plan',
    summary: 'The plan kept last, as a calendar (RFC 5545)',
  }),
  search: route({
    method: 'POST',
    path: '/api/plan/search',
    tag: 'plan',
    summary: 'Look for better plans; a line of JSON for each',
    body: searchAskedSchema,
  }),
};

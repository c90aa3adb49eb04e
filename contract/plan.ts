// Routes of the plan: the bench log, and the plan with its versions.
import { z } from 'zod';
import { benchEntrySchema, newBenchEntrySchema } from '../core/bench/bench-entry.ts';
import { isoDateSchema } from '../core/measure/typed.ts';
import { planDocumentSchema } from '../core/plan/studio/plan-document.ts';
import { idSchema } from './document.ts';
import { route } from './route.ts';

/** The bench log. */
export const benchPageSchema = z.object({
  /** Earliest first. */
  entries: z.array(benchEntrySchema),
});
/** The bench log. */
export type BenchPage = z.infer<typeof benchPageSchema>;

const newBenchEntriesSchema = z.strictObject({ entries: z.array(newBenchEntrySchema).min(1).max(500) });

/** Day and minute by the wall clock of the page: a plan that has to be made begins there. */
const momentSchema = z.strictObject({ day: isoDateSchema, minute: z.coerce.number().int().min(0).max(1440) });

const planOfferSchema = planDocumentSchema.pick({ version: true, lines: true, moved: true });
/** A better plan than that of a version; `moved` against the plan as it stands. */
export type PlanOffer = z.infer<typeof planOfferSchema>;

const planPageSchema = z.object({
  /** Null before the first. */
  plan: planDocumentSchema.nullable(),
  /** Why there is no plan; '' where there is one. */
  sentence: z.string(),
  offer: planOfferSchema.nullable(),
  /** Whether a better plan is looked for. */
  isFinding: z.boolean(),
});
/** The plan as every page shows it. */
export type PlanPage = z.infer<typeof planPageSchema>;

const planVersionsSchema = z.array(planDocumentSchema.omit({ lines: true, key: true }));
/** The last versions without their lines, newest first. */
export type PlanVersions = z.infer<typeof planVersionsSchema>;

/** Routes of the plan. */
export const planRoutes = {
  bench: route({
    method: 'GET',
    path: '/api/bench',
    tag: 'plan',
    summary: 'What happened at the bench: of batches that are not done, or of one batch',
    query: z.object({ batch: idSchema.optional() }),
    answer: benchPageSchema,
  }),
  addEntries: route({
    method: 'POST',
    path: '/api/bench',
    tag: 'plan',
    summary: 'Record what happened at the bench; answers with the new entries',
    body: newBenchEntriesSchema,
    answer: benchPageSchema,
    status: 201,
  }),
  plan: route({
    method: 'GET',
    path: '/api/plan',
    tag: 'plan',
    summary: 'The plan; made again first where something it rests on has changed',
    query: momentSchema,
    answer: planPageSchema,
  }),
  versions: route({
    method: 'GET',
    path: '/api/plan/versions',
    tag: 'plan',
    summary: 'The last versions of the plan: when, why, and what moved',
    answer: planVersionsSchema,
  }),
  replan: route({
    method: 'POST',
    path: '/api/plan/replan',
    tag: 'plan',
    summary: 'Plan again from this minute on',
    body: momentSchema,
    answer: planPageSchema,
  }),
  take: route({
    method: 'POST',
    path: '/api/plan/take',
    tag: 'plan',
    summary: 'Take the better plan that was offered for a version',
    body: momentSchema.extend({ version: z.int().min(1) }),
    answer: planPageSchema,
  }),
  calendar: route({
    method: 'GET',
    path: '/api/plan/calendar.ics',
    tag: 'plan',
    summary: 'The plan as a calendar (RFC 5545)',
  }),
};

// Routes of what the bench log tells: times that were learned, what was done last time, and hours.
import { z } from 'zod';
import { happenings } from '../core/bench/bench-entry.ts';
import { isoDateSchema } from '../core/measure/typed.ts';
import { documentParams } from './document.ts';
import { benchPageSchema } from './plan.ts';
import { route } from './route.ts';

/** Bounds in which it lies with a chance of 80 %. */
const likelySchema = z.tuple([z.number(), z.number()]);

const observedSchema = z.object({
  batchId: z.string(),
  on: isoDateSchema,
  maker: z.string(),
  pieces: z.number(),
  drivers: z.number(),
  actualMin: z.number(),
  expectedMin: z.number(),
});

const shareSchema = z.object({
  share: z.number(),
  likely: likelySchema,
  /** Counted: how many of how many. */
  hits: z.number(),
  of: z.number(),
});

const learnedStepSchema = z.object({
  pieceId: z.string(),
  piece: z.string(),
  stepId: z.string(),
  step: z.string(),
  kind: z.string(),
  /** Batches it was learned from. */
  batches: z.int(),
  /** Actual ÷ expected minutes: typical, and the bounds. */
  factor: z.number(),
  likely: likelySchema,
  /** Variation from batch to batch, one standard deviation as a share. */
  spread: z.number(),
  /** Minutes as the step has them, and as learned; each for one driver, without what is done again. */
  setUpMin: z.number(),
  eachMin: z.number(),
  learnedSetUpMin: z.number(),
  learnedEachMin: z.number(),
  eachLikely: likelySchema,
  /** Whether batches of different sizes told set-up and each apart. */
  isApart: z.boolean(),
  curve: z.object({ perDoubling: z.number(), likely: likelySchema, nextMin: z.number() }).nullable(),
  /** Null where nobody counted. */
  again: shareSchema.nullable(),
  lost: shareSchema.nullable(),
  makers: z.array(z.object({ maker: z.string(), factor: z.number() })),
  used: z.array(observedSchema),
  setApart: z.array(observedSchema),
});
/** What was learned of a step of a piece. */
export type LearnedStepPage = z.infer<typeof learnedStepSchema>;

const lastTimeSchema = z.object({
  batchId: z.string(),
  /** The day it ended, or was due. */
  on: isoDateSchema.or(z.literal('')),
  isDone: z.boolean(),
  customer: z.string(),
  note: z.string(),
  sizes: z.string(),
  pieces: z.number(),
  /** Attended minutes of one piece: by the recipe, and as they were. */
  expectedEachMin: z.number(),
  actualEachMin: z.number(),
  again: z.number(),
  lost: z.number(),
  /** g of one finished piece; null where nothing was weighed. */
  grams: z.number().nullable(),
  /** The price in force then, minor units; null where there was none. */
  chargedMinor: z.number().nullable(),
  isRetail: z.boolean(),
  /** What it left for an hour at the bench, minor units. */
  earnedPerHourMinor: z.number().nullable(),
  happenings: z.array(z.enum(happenings)),
  photos: z.array(z.string()),
});
/** A batch in which a piece was made. */
export type LastTime = z.infer<typeof lastTimeSchema>;

const pieceAtBenchSchema = z.object({ learned: z.array(learnedStepSchema), lastTimes: z.array(lastTimeSchema) });
/** What the bench log tells of a piece. */
export type PieceAtBench = z.infer<typeof pieceAtBenchSchema>;

const workedSchema = z.object({
  on: isoDateSchema,
  batchId: z.string(),
  batch: z.string(),
  kind: z.string(),
  maker: z.string(),
  minutes: z.number(),
});
/** Minutes of a maker at a kind of work for a batch on a day. */
export type WorkedPage = z.infer<typeof workedSchema>;

const learnedKindSchema = z.object({
  kind: z.string(),
  /** Batches it was learned from. */
  batches: z.int(),
  /** Actual ÷ minutes of the steps as they were: typical of a new step of the kind, and the bounds. */
  factor: z.number(),
  likely: likelySchema,
});
/** What was learned of a kind of work. */
export type LearnedKind = z.infer<typeof learnedKindSchema>;

/** A photo belongs to a step at a moment, as any entry of the bench log does. */
const benchPhotoSchema = z.strictObject({
  uid: z.string().min(1).max(40),
  batchId: z.string().min(1).max(40),
  step: z.string().min(1).max(160),
  maker: z.string().max(40),
  on: isoDateSchema,
  minute: z.coerce.number().int().min(0).max(1440),
  ms: z.coerce.number().int().min(0).max(59_999),
});
/** The entry of a photo that is about to be sent. */
export type BenchPhoto = z.infer<typeof benchPhotoSchema>;

/** Routes of what the bench log tells. */
export const benchRoutes = {
  addPhoto: route({
    method: 'POST',
    path: '/api/bench/photos',
    tag: 'bench',
    summary: 'Add a picture to a step: an image/* body; answers with the new entry',
    query: benchPhotoSchema,
    answer: benchPageSchema,
    status: 201,
  }),
  ofPiece: route({
    method: 'GET',
    path: '/api/bench/pieces/:id',
    tag: 'bench',
    summary: 'What was learned of the steps of a piece, and every batch in which it was made, the latest first',
    params: documentParams,
    answer: pieceAtBenchSchema,
  }),
  learned: route({
    method: 'GET',
    path: '/api/bench/learned',
    tag: 'bench',
    summary: 'What was learned of the steps of all pieces',
    answer: z.array(learnedStepSchema),
  }),
  kinds: route({
    method: 'GET',
    path: '/api/bench/kinds',
    tag: 'bench',
    summary: 'What was learned of each kind of work',
    answer: z.array(learnedKindSchema),
  }),
  hours: route({
    method: 'GET',
    path: '/api/bench/hours',
    tag: 'bench',
    summary: 'Attended minutes by day, batch, kind of work and maker',
    query: z.object({ from: isoDateSchema, to: isoDateSchema }),
    answer: z.array(workedSchema),
  }),
};

// Entries of the bench: what happened, and what was pinned in the plan. The last entries of a step give its standing.
import { z } from 'zod';
import { isoDateSchema } from '../../measure/typed.ts';

/** A step was started or done; a mistake was taken back; it was pinned to a time and a maker, or unpinned. */
const benchHows = ['started', 'done', 'taken-back', 'pinned', 'let-go'] as const;

/** An entry as it is sent. */
export const newBenchEntrySchema = z.strictObject({
  batchId: z.string().min(1).max(40),
  /** `BenchStep.key`. */
  step: z.string().min(1).max(160),
  how: z.enum(benchHows),
  /** Id; '' where it does not matter or no maker is needed. */
  maker: z.string().max(40),
  /** Day and minute by the wall clock. */
  on: isoDateSchema,
  minute: z.int().min(0).max(1440),
});
/** An entry as it is sent. */
export type NewBenchEntry = z.infer<typeof newBenchEntrySchema>;

/** An entry as it is kept. */
export const benchEntrySchema = newBenchEntrySchema.extend({ id: z.int(), at: z.iso.datetime() });
/** An entry as it is kept. */
export type BenchEntry = z.infer<typeof benchEntrySchema>;

/** Standing of a step. */
export interface Standing {
  readonly done: boolean;
  readonly started: NewBenchEntry | null;
  readonly pinned: NewBenchEntry | null;
}

const untouched: Standing = { done: false, started: null, pinned: null };

/** Key of a step among all batches. */
export const standingKey = (batchId: string, step: string) => `${batchId} ${step}`;

/** The standing of each step. @param entries  earliest first */
export function standings(entries: readonly NewBenchEntry[]): ReadonlyMap<string, Standing> {
  const all = new Map<string, Standing>();
  for (const entry of entries) {
    const key = standingKey(entry.batchId, entry.step);
    const before = all.get(key) ?? untouched;
    all.set(key, after(before, entry));
  }
  return all;
}

function after(before: Standing, entry: NewBenchEntry): Standing {
  switch (entry.how) {
    case 'started':
      return { ...before, started: entry, done: false };
    case 'done':
      return { ...before, done: true };
    case 'taken-back':
      // Goes one state back: done becomes started, started becomes not started.
      return before.done ? { ...before, done: false } : { ...before, started: null };
    case 'pinned':
      return { ...before, pinned: entry };
    case 'let-go':
      return { ...before, pinned: null };
  }
}

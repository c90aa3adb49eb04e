// What happened at the bench, and what was set by hand in the plan: entries only; the last of a step says how it stands.
import { z } from 'zod';
import { isoDateSchema } from '../../measure/typed.ts';

/**
 * A step was started or done; either was a mistake and is taken back; it was put to a time and a maker by hand, or let go again.
 */
const benchHows = ['started', 'done', 'taken-back', 'pinned', 'let-go'] as const;

export const newBenchEntrySchema = z.strictObject({
  batchId: z.string().min(1).max(40),
  /** As `BenchStep.key` has it. */
  step: z.string().min(1).max(160),
  how: z.enum(benchHows),
  /** Id; '' where it does not matter or no hands are needed. */
  maker: z.string().max(40),
  /** When it was, or is to be: day and minute of it, by the clock on the wall. */
  on: isoDateSchema,
  minute: z.int().min(0).max(1440),
});
export type NewBenchEntry = z.infer<typeof newBenchEntrySchema>;

export const benchEntrySchema = newBenchEntrySchema.extend({ id: z.int(), at: z.iso.datetime() });
export type BenchEntry = z.infer<typeof benchEntrySchema>;

export interface Standing {
  readonly done: boolean;
  readonly started: NewBenchEntry | null;
  readonly pinned: NewBenchEntry | null;
}

const untouched: Standing = { done: false, started: null, pinned: null };

export const standingKey = (batchId: string, step: string) => `${batchId} ${step}`;

/** How each step stands. @param entries  earliest first */
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
      // One step back: what was done is started again, what was started is not.
      return before.done ? { ...before, done: false } : { ...before, started: null };
    case 'pinned':
      return { ...before, pinned: entry };
    case 'let-go':
      return { ...before, pinned: null };
  }
}

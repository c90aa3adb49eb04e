// Where each step stands: what the plan needs to know of the bench log.
import { inOrder, momentOf, type NewBenchEntry, standingKey } from './bench-entry.ts';

/** Standing of a step. */
export interface Standing {
  readonly done: boolean;
  /** The entry its present stretch of work began with; null while nobody works at it. */
  readonly started: NewBenchEntry | null;
  readonly pinned: NewBenchEntry | null;
  /** The entry with which it was left unattended; null while it is not. */
  readonly left?: NewBenchEntry | null;
  /** Attended minutes of earlier stretches; left out: none. */
  readonly workedMin?: number;
  /** Pieces that are good, done; left out: none. */
  readonly good?: number;
}

const untouched: Standing = { done: false, started: null, pinned: null };

/** The standing of each step, whatever the order of the entries. */
export function standings(entries: readonly NewBenchEntry[]): ReadonlyMap<string, Standing> {
  const all = new Map<string, Standing>();
  for (const entry of inOrder(entries)) {
    const key = standingKey(entry.batchId, entry.step);
    all.set(key, after(all.get(key) ?? untouched, entry));
  }
  return all;
}

function after(before: Standing, entry: NewBenchEntry): Standing {
  switch (entry.how) {
    case 'started':
      return { ...before, started: before.done ? entry : (before.started ?? entry), done: false, left: null };
    case 'paused':
      return paused(before, entry);
    case 'left':
      return { ...paused(before, entry), started: before.started ?? entry, left: entry };
    case 'done':
      return { ...before, done: true };
    case 'worked':
      return { ...before, workedMin: (before.workedMin ?? 0) + (entry.detail?.minutes ?? 0) };
    case 'counted':
      return { ...before, good: (before.good ?? 0) + (entry.detail?.good ?? 0) };
    case 'pinned':
      return { ...before, pinned: entry };
    case 'let-go':
      return { ...before, pinned: null };
    case 'weighed':
    case 'noted':
    case 'photo':
    case 'taken-back':
    case 'voided':
      return before;
  }
}

function paused(before: Standing, entry: NewBenchEntry): Standing {
  if (!before.started || before.left) return before;
  const worked = Math.max(0, momentOf(entry) - momentOf(before.started));
  return { ...before, started: null, workedMin: (before.workedMin ?? 0) + worked };
}

/** Attended minutes that are left of a step: by the pieces that are not done, or else by the minutes. */
export function attendedLeft(standing: Standing, attendedMin: number, pieces: number): number {
  const { workedMin = 0, good = 0 } = standing;
  if (attendedMin === 0 || (workedMin === 0 && good <= 0)) return attendedMin;
  const byMinutes = attendedMin - workedMin;
  const byPieces = attendedMin * (1 - Math.min(1, good / Math.max(1, pieces)));
  return Math.max(1, Math.ceil(good > 0 ? byPieces : byMinutes));
}

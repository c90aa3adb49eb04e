// The usual loss of a batch: what saw, file and polish take and nobody sweeps up.

import { returnSums } from './batch-return.ts';
import type { MetalEntry } from './entry.ts';

/** Kinds of work that take metal off. */
const REMOVING: ReadonlySet<string> = new Set([
  'file', 'sand', 'saw', 'saw-pattern', 'polish', 'drill', 'engrave', 'trim', 'tumble', 'round-ends', 'texture',
]); // prettier-ignore

/** A range of loss as shares of the metal issued. */
export interface LossRange {
  readonly low: number;
  readonly high: number;
  readonly why: string;
}

/** Scales, and what stays in the piece from solder, can show a little more than was issued. */
const LOW = -0.003;
/** Fabricated work loses 2 to 3 % at most (common practice). */
const FABRICATED = 0.03;
/** Much filing, sawing and polishing loses more (common practice). */
const MUCH_REMOVED = 0.06;
/** From this many removing steps on, much is removed. */
const MANY_STEPS = 4;
/** Batches from which the studio's own losses say more than the usual ones. */
const ENOUGH = 6;

/**
 * @param kinds  of the steps of the batch
 * @param past   losses of the studio's closed batches without a flag, as shares
 */
export function usualLoss(kinds: readonly string[], past: readonly number[] = []): LossRange {
  const removing = kinds.filter((kind) => REMOVING.has(kind)).length;
  const high = removing >= MANY_STEPS ? MUCH_REMOVED : FABRICATED;
  if (past.length < ENOUGH) {
    const why = high === FABRICATED ? 'usual for fabricated pieces' : 'usual where much is filed, sawn or polished';
    return { low: LOW, high, why };
  }
  const mean = past.reduce((sum, share) => sum + share, 0) / past.length;
  const deviation = Math.sqrt(past.reduce((sum, share) => sum + (share - mean) ** 2, 0) / (past.length - 1));
  // Two standard deviations, and half a percent at least: scales are read to a tenth of a gram.
  const reach = Math.max(0.005, 2 * deviation);
  return {
    low: Math.max(LOW, mean - reach),
    high: Math.min(high, Math.max(mean + reach, 0.01)),
    why: `your last ${String(past.length)} batches`,
  };
}

/** Losses of returns that were booked and stand, as shares; those outside a range are left out. */
export function pastLosses(entries: readonly MetalEntry[], range: LossRange): number[] {
  return entries.flatMap((entry) => {
    if (entry.kind !== 'returned' || entry.correctedBy !== null) return [];
    const { issuedMg, lossMg } = returnSums(entry);
    return issuedMg > 0 && !isUnusual(lossMg, issuedMg, range) ? [lossMg / issuedMg] : [];
  });
}

/** Whether a loss deserves a reason: outside the range by more than 0.1 g. */
export function isUnusual(lossMg: number, issuedMg: number, { low, high }: LossRange): boolean {
  return lossMg > high * issuedMg + 100 || lossMg < low * issuedMg - 100;
}

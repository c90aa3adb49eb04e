// Brings the pieces of finished batches in, with what they cost.
import { randomUUID } from 'node:crypto';
import type { TakeIn, WaitingBatch } from '../../contract/made.ts';
import { returnSums } from '../../core/account/batch-return.ts';
import type { Batch } from '../../core/batch/batch.ts';
import { type BatchCount, batchTitle } from '../../core/batch/count-batch.ts';
import type { Grade, MadeEntry } from '../../core/made/made-entry.ts';
import { type BatchActuals, itemOfRun, mgOfRun, runKey, takeInLines } from '../../core/made/take-in.ts';
import type { Issue } from '../../core/measure/issue.ts';
import { readCount } from '../../core/measure/read/read-number.ts';
import { NotAcceptable } from '../store/refusals.ts';
import type { Stores } from '../store/stores.ts';
import { benchHistoryOf } from './bench-history.ts';
import { MADE_REFUSED, newEntry } from './made-booking.ts';
import { countBatchNow } from './made-lines.ts';
import { refuseIssues } from './refuse.ts';
import { today } from './stockroom.ts';

/** Whether the pieces of a batch are the studio's, and finished. */
export function isReady({ state, kind }: Batch): boolean {
  return (state === 'finished' || state === 'closed') && kind !== 'repair';
}

/** A finished batch whose pieces did not come in yet. */
export function waitingBatch(stores: Stores, batchId: string, body: Batch): WaitingBatch {
  const count = countBatchNow(stores, body);
  const { weighed } = actualsOf(stores, batchId, count);
  const [only] = count.runs.length === 1 ? count.runs : [];
  return {
    batchId,
    title: batchTitle(count),
    rows: count.runs.map((run) => ({
      key: runKey(run),
      name: run.name,
      good: run === only && weighed > 0 ? weighed : run.quantity,
    })),
  };
}

/** What a batch took, from the bench and the metal account. */
function actualsOf(stores: Stores, batchId: string, count: BatchCount): BatchActuals {
  const past = benchHistoryOf(stores)
    .batches()
    .find(({ id }) => id === batchId);
  const returned = stores.account
    .entries({ batchId, kind: 'returned', limit: 100 })
    .filter(({ correctedBy }) => correctedBy === null);
  const finishedMg = new Map<string, number>();
  let weighed = 0;
  for (const entry of returned) {
    weighed += returnSums(entry).finishedMg > 0 ? (entry.detail.finished?.pieces ?? 0) : 0;
    for (const { place, alloy, mg } of entry.lines)
      if (place === 'finished') finishedMg.set(alloy, (finishedMg.get(alloy) ?? 0) + mg);
  }
  return {
    minutes: past?.story.actualDoneMin ?? 0,
    estimateMinutes: past?.story.estimatedDoneMin ?? 0,
    finishedMg,
    weighed: count.quantity === 0 ? 0 : weighed,
  };
}

/**
 * Brings in the pieces of a finished batch with what they cost.
 * @throws NotThere; NotAcceptable when it is not finished, or its pieces came in before
 */
export function takeInBatch(stores: Stores, batchId: string, typed: TakeIn): MadeEntry[] {
  return stores.inTransaction(() => {
    const { body } = stores.batches.get(batchId);
    if (!isReady(body)) throw new NotAcceptable('This batch is not finished, or it is a repair.', []);
    if (stores.made.batchesTakenIn().has(batchId))
      throw new NotAcceptable('The pieces of this batch came in before.', []);
    const count = countBatchNow(stores, body);
    const actuals = actualsOf(stores, batchId, count);
    const issues: Issue[] = [];
    const lines = count.runs.flatMap((run) => {
      const row = typed.rows.findIndex(({ key }) => key === runKey(run));
      const read = (grade: Grade) => {
        const text = typed.rows[row]?.[grade] ?? '';
        const reading = text.trim() ? readCount(text, 0) : null;
        if (reading && !reading.ok) issues.push({ path: `rows.${String(row)}.${grade}`, sentence: reading.sentence });
        return reading?.ok ? reading.value : 0;
      };
      const pieces = { good: read('good'), second: read('second'), sample: read('sample') };
      const mg = mgOfRun(run, count, actuals);
      const isSingle = run.line.units.length > 0 || (body.kind === 'commission' && run.quantity === 1);
      if (pieces.good + pieces.second + pieces.sample === 0) return [];
      const item = stores.made.keepItem(itemOfRun(run, randomUUID(), isSingle, mg));
      return takeInLines(run, item.id, pieces, actuals, mg);
    });
    refuseIssues(issues, MADE_REFUSED);
    if (lines.length === 0) throw new NotAcceptable('No piece came out of this batch.', []);
    return [stores.made.add(newEntry(stores, { kind: 'made', on: typed.on, batchId, lines }))];
  });
}

/** Closing a batch brings its pieces in as they are expected, unless they came in before. */
export function takeInWhenClosed(stores: Stores, batchId: string): void {
  const { body } = stores.batches.get(batchId);
  if (!isReady(body) || stores.made.batchesTakenIn().has(batchId)) return;
  const rows = waitingBatch(stores, batchId, body).rows.map(({ key, good }) => ({
    key,
    good: String(good),
    second: '',
    sample: '',
  }));
  if (rows.some(({ good }) => good !== '0')) takeInBatch(stores, batchId, { on: today(stores), rows });
}

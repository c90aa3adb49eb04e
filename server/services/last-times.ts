// Every batch in which a piece was made: what it took, what was lost, what was charged and what an hour earned.
import type { LastTime } from '../../contract/bench.ts';
import { isDone } from '../../core/batch/batch.ts';
import type { MadeLine } from '../../core/batch/batch-run.ts';
import { quantityOf } from '../../core/batch/count-batch.ts';
import { EPOCH } from '../../core/bench/bench-entry.ts';
import { dayAfter, MINUTES_A_DAY } from '../../core/measure/days.ts';
import { readCount } from '../../core/measure/read/read-number.ts';
import { hasSizes, sizesOf } from '../../core/piece/all-sizes.ts';
import { countPiece } from '../../core/price/piece/count-piece.ts';
import type { Stores } from '../store/stores.ts';
import { currentBasis } from './basis.ts';
import type { BenchHistory, PastBatch } from './bench-history.ts';

/** The latest first. */
export function lastTimes(stores: Stores, history: BenchHistory, pieceId: string): LastTime[] {
  return history
    .batches()
    .flatMap((past) =>
      past.made.flatMap((made) => (made.line.pieceId === pieceId ? [lastTime(stores, past, made)] : [])),
    )
    .toSorted((a, b) => (a.on < b.on ? 1 : -1));
}

function lastTime(stores: Stores, past: PastBatch, { line, piece }: MadeLine): LastTime {
  const { batch, story } = past;
  const own = story.steps.filter(({ key }) => key.startsWith(`${line.id}/`));
  const sizes = (hasSizes(piece) ? sizesOf(piece) : [{ id: '', name: '' }]).flatMap(({ id, name }) => {
    const reading = readCount(quantityOf(line, piece, id), 0);
    return reading.ok && reading.value > 0 ? [{ id, name, count: reading.value }] : [];
  });
  const pieces = sizes.reduce((sum, { count }) => sum + count, 0);
  const done = own.filter(({ state }) => state === 'done');
  const sum = (of: (step: (typeof own)[number]) => number, steps = own) =>
    steps.reduce((total, step) => total + of(step), 0);
  const extra = sum(({ actualMin }) => actualMin, story.steps.filter(({ index }) => index < 0)); // prettier-ignore
  const actualEachMin = (sum(({ actualMin }) => actualMin, done) + extra / past.made.length) / Math.max(1, pieces);
  const ended = Math.max(...own.flatMap(({ doneAt }) => doneAt ?? []));
  const on = Number.isFinite(ended) ? dayAfter(EPOCH, Math.floor(ended / MINUTES_A_DAY)) : batch.due;
  const isRetail = batch.kind === 'commission' || batch.kind === 'fair';
  const charged = chargedThen(stores, line.pieceId, on, isRetail);
  const isFinished = isDone(batch) || own.every(({ state }) => state === 'done');
  return {
    batchId: past.id,
    on,
    isDone: isFinished,
    customer: batch.customer,
    note: batch.note,
    sizes: sizes
      .filter(({ name }) => name)
      .map(({ name, count }) => `${String(count)} × ${name}`)
      .join(', '),
    pieces,
    expectedEachMin: sum(({ estimatedMin }) => estimatedMin, done) / Math.max(1, pieces),
    actualEachMin,
    again: sum(({ again }) => again),
    lost: sum(({ lost }) => lost),
    grams: past.made.length === 1 && story.metalOut !== null && pieces > 0 ? story.metalOut / pieces : null,
    chargedMinor: charged,
    isRetail,
    earnedPerHourMinor:
      charged === null || !isFinished || actualEachMin <= 0
        ? null
        : ((charged - costWithoutLabour(stores, piece, pieces, sizes[0]?.id ?? '')) / actualEachMin) * 60,
    happenings: own.flatMap(({ notes }) => notes),
    photos: own.flatMap(({ photos }) => photos),
  };
}

/** The price in force on a day, minor units; null where there was none. */
function chargedThen(stores: Stores, pieceId: string, on: string, isRetail: boolean): number | null {
  const prices = stores.prices.ofPiece(pieceId);
  const price = prices.find(({ at }) => at.slice(0, 10) <= on) ?? prices.at(-1);
  if (!price) return null;
  return isRetail ? price.retailMinor : price.wholesaleMinor;
}

/** Cost of one piece at today's rates without the makers' time, minor units. */
function costWithoutLabour(stores: Stores, piece: MadeLine['piece'], batchSize: number, size: string): number {
  const { rates, fix } = currentBasis(stores);
  const { column } = countPiece(piece, rates, fix, { batchSize: Math.max(1, batchSize), ...(size && { size }) });
  return column.lines.reduce((sum, { key, each }) => sum + (key === 'labour' ? 0 : each.value), 0);
}

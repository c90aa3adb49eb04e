// Changes the stock of metal and goods: received, counted, used by batches, returned.
import { randomUUID } from 'node:crypto';
import type { LotCount } from '../../contract/shelf.ts';
import type { BatchRun } from '../../core/batch/batch-run.ts';
import {
  entriesOfGoodsReturn,
  entriesOfUse,
  type GoodsCounted,
  readGoodsCount,
} from '../../core/batch/buying/goods.ts';
import { entriesOfReturn } from '../../core/batch/cutting/issue-metal.ts';
import { type NewLot, readLot, type ShelfEntry } from '../../core/batch/stock/shelf.ts';
import { readCount } from '../../core/measure/read/read-number.ts';
import { NotAcceptable, NotThere } from '../store/refusals.ts';
import type { Stores } from '../store/stores.ts';
import { currentBasis } from './basis.ts';

/** Receives stock. @throws NotAcceptable when a size cannot be read */
export function addLot(stores: Stores, typed: NewLot): ShelfEntry[] {
  const { alloys, currency } = currentBasis(stores).rates;
  const read = readLot(typed, alloys, currency);
  if ('problems' in read) throw new NotAcceptable('This stock can’t be saved yet.', read.problems);
  const lot = { ...read.lot, id: randomUUID() };
  const grams = read.count * lot.grams;
  return stores.shelf.add([{ lot, how: 'in', change: read.count, grams, batchId: null, why: typed.why }]);
}

/** Records the count of a lot. @throws NotThere; NotAcceptable when the count cannot be read */
export function countLot({ shelf }: Stores, id: string, { count, why }: LotCount): ShelfEntry[] {
  const lot = shelf.lots().find((one) => one.id === id);
  if (!lot) throw new NotThere('This item is not in stock.');
  const reading = readCount(count, 0);
  if (!reading.ok)
    throw new NotAcceptable('This count was not saved.', [{ path: 'count', sentence: reading.sentence }]);
  const change = reading.value - lot.count;
  if (change === 0) return [];
  return shelf.add([{ lot, how: 'counted', change, grams: change * lot.grams, batchId: null, why }]);
}

/** Records the count of goods. @throws NotAcceptable when an amount cannot be read */
export function countGoods({ goods }: Stores, typed: GoodsCounted): void {
  const entry = readGoodsCount(
    typed,
    goods.stocked().find(({ key }) => key === typed.key),
  );
  if (entry && 'problems' in entry) throw new NotAcceptable('This count was not saved.', entry.problems);
  if (entry) goods.add([entry]);
}

/** Takes the goods of a batch from stock, as far as there are any; only once. */
export function takeGoods({ goods }: Stores, batchId: string, runs: readonly BatchRun[]): void {
  const before = goods.entriesOf(batchId).reduce((sum, { change }) => sum + change, 0);
  if (before === 0) goods.add(entriesOfUse(runs, goods.stocked(), batchId));
}

/** Returns exactly what a batch holds. @throws NotAcceptable when an offcut of it has been used since */
export function giveStockBack({ shelf, goods }: Stores, batchId: string): ShelfEntry[] {
  const entries = entriesOfReturn(shelf.entries(batchId), shelf.lots(), batchId);
  if ('sentence' in entries) throw new NotAcceptable(entries.sentence, []);
  const added = shelf.add(entries);
  goods.add(entriesOfGoodsReturn(goods.entriesOf(batchId)));
  return added;
}

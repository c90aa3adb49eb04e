// What the studio has in hand: metal on the shelf, and goods. What comes in, is counted, taken for batches, given back.
import { randomUUID } from 'node:crypto';
import type { BatchRun } from '../../core/batch/batch-run.ts';
import {
  entriesOfGoodsReturn,
  entriesOfUse,
  readGoodsCount,
  type GoodsCounted,
} from '../../core/batch/buying/goods.ts';
import { entriesOfCut, entriesOfReturn, type AcceptedCut } from '../../core/batch/cutting/issue-metal.ts';
import { readLot, type NewLot } from '../../core/batch/stock/shelf.ts';
import { readCount } from '../../core/measure/read/read-number.ts';
import type { Rates } from '../../core/studio/rates.ts';
import type { LotCount } from '../../contract/shelf.ts';
import { GoodsStore } from './goods.ts';
import type { Ledger } from './ledger.ts';
import { NotAcceptable, NotThere } from './refusals.ts';
import { Shelf } from './shelf.ts';

export class Stockroom {
  readonly shelf: Shelf;
  readonly goods: GoodsStore;

  constructor(ledger: Ledger, now: () => string) {
    this.shelf = new Shelf(ledger, now);
    this.goods = new GoodsStore(ledger, now);
  }

  /** Stock that came in. @throws NotAcceptable when a size cannot be read */
  addLot(typed: NewLot, { alloys, currency }: Rates): void {
    const read = readLot(typed, alloys, currency);
    if ('problems' in read) throw new NotAcceptable('This stock cannot be kept yet.', read.problems);
    const lot = { ...read.lot, id: randomUUID() };
    this.shelf.add([
      { lot, how: 'in', change: read.count, grams: read.count * lot.grams, batchId: null, why: typed.why },
    ]);
  }

  /** A lot counted anew. @throws NotThere; NotAcceptable when the count cannot be read */
  countLot(id: string, { count, why }: LotCount): void {
    const lot = this.shelf.lots().find((one) => one.id === id);
    if (!lot) throw new NotThere('This stock is not on the shelf.');
    const reading = readCount(count, 0);
    if (!reading.ok)
      throw new NotAcceptable('This count is not kept.', [{ path: 'count', sentence: reading.sentence }]);
    const change = reading.value - lot.count;
    if (change !== 0) this.shelf.add([{ lot, how: 'counted', change, grams: change * lot.grams, batchId: null, why }]);
  }

  /** Goods counted anew. @throws NotAcceptable when an amount cannot be read */
  countGoods(typed: GoodsCounted): void {
    const entry = readGoodsCount(
      typed,
      this.goods.stocked().find(({ key }) => key === typed.key),
    );
    if (entry && 'problems' in entry) throw new NotAcceptable('This count is not kept.', entry.problems);
    if (entry) this.goods.add([entry]);
  }

  /** Takes what an accepted cutting plan takes. @throws NotAcceptable when the shelf does not hold it */
  takeMetal(batchId: string, cut: AcceptedCut, { alloys }: Rates): void {
    const entries = entriesOfCut(cut, this.shelf.lots(), alloys, randomUUID, batchId);
    if ('sentence' in entries) throw new NotAcceptable(entries.sentence, []);
    this.shelf.add(entries);
  }

  /** Takes the goods of a batch that are counted, as far as they reach; once. */
  takeGoods(batchId: string, runs: readonly BatchRun[]): void {
    const before = this.goods.entriesOf(batchId).reduce((sum, { change }) => sum + change, 0);
    if (before === 0) this.goods.add(entriesOfUse(runs, this.goods.stocked(), batchId));
  }

  /** Gives back just what a batch holds. @throws NotAcceptable when an offcut of it has been used since */
  giveBack(batchId: string): void {
    const entries = entriesOfReturn(this.shelf.entries(batchId), this.shelf.lots(), batchId);
    if ('sentence' in entries) throw new NotAcceptable(entries.sentence, []);
    this.shelf.add(entries);
    this.goods.add(entriesOfGoodsReturn(this.goods.entriesOf(batchId)));
  }
}

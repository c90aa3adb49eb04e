// The stores of one ledger: its documents and its entries.
import { type Batch, batchSchema } from '../../core/batch/batch.ts';
import { type Piece, pieceSchema } from '../../core/piece/piece.ts';
import { type Fair, fairSchema } from '../../core/price/fair/fair.ts';
import { type Quote, quoteSchema } from '../../core/price/quote/quote.ts';
import { type Studio, studioSchema } from '../../core/studio/studio.ts';
import { serverClock } from '../clock.ts';
import { Account } from './account.ts';
import { BenchLog } from './bench.ts';
import { Devices } from './devices.ts';
import { Documents } from './documents.ts';
import { Fixes } from './fixes.ts';
import { GoodsStore } from './goods.ts';
import type { Ledger } from './ledger.ts';
import { MadePieces } from './made.ts';
import { Orders } from './orders.ts';
import { Photos } from './photos.ts';
import { Plans } from './plans.ts';
import { PriceLists } from './price-lists.ts';
import { PriceEntries } from './prices.ts';
import { Requests } from './requests.ts';

/** Everything that services read and write. */
export interface Stores {
  /** The present moment as ISO 8601. */
  readonly now: () => string;
  /** Runs writes in one transaction: all of them, or none. */
  readonly inTransaction: <Result>(work: () => Result) => Result;
  readonly studio: Documents<Studio>;
  readonly pieces: Documents<Piece>;
  readonly batches: Documents<Batch>;
  readonly fairs: Documents<Fair>;
  readonly quotes: Documents<Quote>;
  readonly fixes: Fixes;
  readonly prices: PriceEntries;
  readonly photos: Photos;
  readonly account: Account;
  readonly goods: GoodsStore;
  readonly orders: Orders;
  readonly made: MadePieces;
  readonly priceLists: PriceLists;
  readonly bench: BenchLog;
  readonly plans: Plans;
  readonly requests: Requests;
  readonly devices: Devices;
}

/** @param now  the time as ISO 8601, read at each write */
export function openStores(ledger: Ledger, now: () => string = () => serverClock().toISOString()): Stores {
  return {
    now,
    inTransaction: (work) => ledger.transaction(work).immediate(),
    studio: new Documents(ledger, 'studio', studioSchema, now),
    pieces: new Documents(ledger, 'piece', pieceSchema, now),
    batches: new Documents(ledger, 'batch', batchSchema, now),
    fairs: new Documents(ledger, 'fair', fairSchema, now),
    quotes: new Documents(ledger, 'quote', quoteSchema, now),
    fixes: new Fixes(ledger, now),
    prices: new PriceEntries(ledger, now),
    photos: new Photos(ledger, now),
    account: new Account(ledger, now),
    goods: new GoodsStore(ledger, now),
    orders: new Orders(ledger, now),
    made: new MadePieces(ledger, now),
    priceLists: new PriceLists(ledger, now),
    bench: new BenchLog(ledger, now),
    plans: new Plans(ledger, now),
    requests: new Requests(ledger, now),
    devices: new Devices(ledger, now),
  };
}

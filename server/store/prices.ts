// Stores prices of pieces as entries; the last one of a piece holds.
import type { PriceEntry } from '../../contract/prices.ts';
import { sizePricesSchema } from '../../core/price/piece/standing.ts';
import type { Ledger } from './ledger.ts';
import { type Prepare, preparedOnce } from './statements.ts';

interface Row {
  id: number;
  piece_id: string;
  recorded_at: string;
  currency: string;
  wholesale_minor: number;
  retail_minor: number;
  cost_minor: number;
  fix_on: string | null;
  how: PriceEntry['how'];
  why: string;
  sizes: string;
}

/** The prices of a ledger. */
export class PriceEntries {
  readonly #now: () => string;
  readonly #prepare: Prepare;

  constructor(ledger: Ledger, now: () => string) {
    this.#now = now;
    this.#prepare = preparedOnce(ledger);
  }

  /** Every price of a piece, latest first. */
  ofPiece(pieceId: string): PriceEntry[] {
    return this.#prepare<[string], Row>('select * from price_entry where piece_id = ? order by id desc')
      .all(pieceId)
      .map(read);
  }

  /** The current price of a piece; null before the first. */
  last(pieceId: string): PriceEntry | null {
    const row = this.#prepare<[string], Row>(
      'select * from price_entry where piece_id = ? order by id desc limit 1',
    ).get(pieceId);
    return row ? read(row) : null;
  }

  add(entry: Omit<PriceEntry, 'id' | 'at'>): PriceEntry {
    const at = this.#now();
    const { lastInsertRowid } = this.#prepare(
      `insert into price_entry
           (piece_id, recorded_at, currency, wholesale_minor, retail_minor, cost_minor, fix_on, how, why, sizes)
         values (:pieceId, :at, :currency, :wholesaleMinor, :retailMinor, :costMinor, :fixOn, :how, :why, :sizes)`,
    ).run({ ...entry, sizes: JSON.stringify(entry.sizes), at });
    return { ...entry, id: Number(lastInsertRowid), at };
  }
}

function read(row: Row): PriceEntry {
  return {
    id: row.id,
    pieceId: row.piece_id,
    at: row.recorded_at,
    currency: row.currency,
    wholesaleMinor: row.wholesale_minor,
    retailMinor: row.retail_minor,
    costMinor: row.cost_minor,
    fixOn: row.fix_on,
    how: row.how,
    why: row.why,
    sizes: sizePricesSchema.parse(JSON.parse(row.sizes)),
  };
}

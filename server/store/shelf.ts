// Stores metal stock as entries; the stock is their sum.
import { lotSchema, type NewShelfEntry, type ShelfEntry, type ShelfLot } from '../../core/batch/stock/shelf.ts';
import type { Ledger } from './ledger.ts';
import { type Prepare, preparedOnce } from './statements.ts';

interface Row {
  id: number;
  recorded_at: string;
  lot: string | null;
  how: ShelfEntry['how'];
  change: number;
  grams: number;
  batch_id: string | null;
  why: string;
}

/** The metal stock of a ledger. */
export class Shelf {
  readonly #ledger: Ledger;
  readonly #now: () => string;
  readonly #prepare: Prepare;

  constructor(ledger: Ledger, now: () => string) {
    this.#ledger = ledger;
    this.#now = now;
    this.#prepare = preparedOnce(ledger);
  }

  /** Lots in stock, oldest first; used-up lots are left out. */
  lots(): ShelfLot[] {
    return this.#prepare<[], { lot: string; count: number }>(
      `select lot, sum(change) as count from shelf_entry where lot_id is not null
          group by lot_id having sum(change) > 0 order by min(id)`,
    )
      .all()
      .map(({ lot, count }) => ({ ...lotSchema.parse(JSON.parse(lot)), count }));
  }

  /** Entries, latest first. @param batchId  of one batch only */
  entries(batchId?: string): ShelfEntry[] {
    const rows =
      batchId === undefined
        ? this.#prepare<[], Row>('select * from shelf_entry order by id desc limit 500').all()
        : this.#prepare<[string], Row>('select * from shelf_entry where batch_id = ? order by id desc').all(batchId);
    return rows.map(read);
  }

  /** @returns the entries as they are stored */
  add(entries: readonly NewShelfEntry[]): ShelfEntry[] {
    const at = this.#now();
    const insert = this.#prepare(
      `insert into shelf_entry (recorded_at, lot_id, lot, how, change, grams, batch_id, why)
       values (:at, :lotId, :lot, :how, :change, :grams, :batchId, :why)`,
    );
    return this.#ledger.transaction(() =>
      entries.map(({ lot, ...entry }) => {
        const kept = lot && lotSchema.parse(lot);
        const { lastInsertRowid } = insert.run({
          ...entry,
          at,
          lotId: kept?.id ?? null,
          lot: kept && JSON.stringify(kept),
        });
        return { ...entry, id: Number(lastInsertRowid), at, lot: kept };
      }),
    )();
  }
}

function read(row: Row): ShelfEntry {
  return {
    id: row.id,
    at: row.recorded_at,
    lot: row.lot === null ? null : lotSchema.parse(JSON.parse(row.lot)),
    how: row.how,
    change: row.change,
    grams: row.grams,
    batchId: row.batch_id,
    why: row.why,
  };
}

// Stores goods as entries; the stock is their sum.
import type { NewGoodsEntry, Stocked } from '../../core/batch/buying/goods.ts';
import type { Ledger } from './ledger.ts';
import { type Prepare, preparedOnce } from './statements.ts';

/** The goods of a ledger. */
export class GoodsStore {
  readonly #ledger: Ledger;
  readonly #now: () => string;
  readonly #prepare: Prepare;

  constructor(ledger: Ledger, now: () => string) {
    this.#ledger = ledger;
    this.#now = now;
    this.#prepare = preparedOnce(ledger);
  }

  /** Stock by name, with the reorder level of the last entry. */
  stocked(): Stocked[] {
    // SQLite takes the other columns of a group from the row with the greatest id.
    return this.#prepare<[], Stocked & { id: number }>(
      `select max(id) as id, key, name, unit, least, max(0, round(sum(change), 3)) as there
           from goods_entry group by key order by name`,
    )
      .all()
      .map(({ key, name, unit, least, there }) => ({ key, name, unit, least, there }));
  }

  /** The entries of a batch, in order. */
  entriesOf(batchId: string): NewGoodsEntry[] {
    return this.#prepare<[string], NewGoodsEntry>(
      'select key, name, unit, how, change, least, batch_id as batchId from goods_entry where batch_id = ? order by id',
    ).all(batchId);
  }

  add(entries: readonly NewGoodsEntry[]): void {
    const at = this.#now();
    const insert = this.#prepare(
      `insert into goods_entry (recorded_at, key, name, unit, how, change, least, batch_id)
       values (:at, :key, :name, :unit, :how, :change, :least, :batchId)`,
    );
    this.#ledger.transaction(() => {
      for (const { key, name, unit, how, change, least, batchId } of entries)
        insert.run({ at, key, name, unit, how, change, least, batchId });
    })();
  }
}

// Stores goods as entries; the stock is their sum.
import type { NewGoodsEntry, Stocked } from '../../core/batch/buying/goods.ts';
import { monthsBefore } from '../../core/measure/days.ts';
import type { Ledger } from './ledger.ts';
import { type Prepare, preparedOnce } from './statements.ts';

/** Months that say what is usually used. */
const USED_MONTHS = 6;

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
    const used = this.#usedByMonth();
    return this.#prepare<[], Stocked & { id: number }>(
      `select max(id) as id, key, name, unit, least, max(0, round(sum(change), 3)) as there
           from goods_entry group by key order by name`,
    )
      .all()
      .map(({ key, name, unit, least, there }) => ({
        key,
        name,
        unit,
        least,
        there,
        usedByMonth: used.get(key) ?? [],
      }));
  }

  /** What batches used in each of the last whole months, by key; months before the first use are left out. */
  #usedByMonth(): ReadonlyMap<string, number[]> {
    const months = monthsBefore(this.#now().slice(0, 7), USED_MONTHS);
    const rows = this.#prepare<[string], { key: string; month: string; used: number }>(
      `select key, substr(recorded_at, 1, 7) as month, -sum(change) as used from goods_entry
        where how in ('used', 'back') and recorded_at >= ? group by key, month`,
    ).all(`${months[0] ?? ''}-01`);
    const byKey = new Map<string, number[]>();
    for (const { key, month, used } of rows) {
      const at = months.indexOf(month);
      if (at < 0) continue;
      const values = byKey.get(key) ?? months.map(() => 0);
      values[at] = Math.max(0, used);
      byKey.set(key, values);
    }
    return new Map([...byKey].map(([key, values]) => [key, values.slice(values.findIndex((value) => value > 0))]));
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

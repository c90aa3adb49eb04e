// Stores suppliers' price lists as they came; the last one of a supplier holds.
import { type SupplierItem, supplierItemSchema } from '../../core/batch/buying/price-list.ts';
import type { Ledger } from './ledger.ts';
import { type Prepare, preparedOnce } from './statements.ts';

/** The price lists of a ledger. */
export class PriceLists {
  readonly #ledger: Ledger;
  readonly #now: () => string;
  readonly #prepare: Prepare;

  constructor(ledger: Ledger, now: () => string) {
    this.#ledger = ledger;
    this.#now = now;
    this.#prepare = preparedOnce(ledger);
  }

  /** What can be bought, supplier by supplier. */
  items(): SupplierItem[] {
    return this.#prepare<[], { items: string }>(
      `select items from price_list_entry
          where id in (select max(id) from price_list_entry group by supplier) order by supplier`,
    )
      .all()
      .flatMap(({ items }) => supplierItemSchema.array().parse(JSON.parse(items)));
  }

  /** Sets the list of a supplier as it was before its last one, which may be none. */
  undoLast(supplier: string): void {
    const [, before] = this.#prepare<{ supplier: string }, { items: string }>(
      'select items from price_list_entry where supplier = :supplier order by id desc limit 2',
    ).all({ supplier });
    this.#prepare('insert into price_list_entry (recorded_at, supplier, items) values (:at, :supplier, :items)').run({
      at: this.#now(),
      supplier,
      items: before?.items ?? '[]',
    });
  }

  /** Adds the lists of a file, which may hold several suppliers. */
  add(items: readonly SupplierItem[]): void {
    const at = this.#now();
    const insert = this.#prepare(
      'insert into price_list_entry (recorded_at, supplier, items) values (:at, :supplier, :items)',
    );
    this.#ledger.transaction(() => {
      for (const supplier of new Set(items.map((item) => item.supplier)))
        insert.run({ at, supplier, items: JSON.stringify(items.filter((item) => item.supplier === supplier)) });
    })();
  }
}

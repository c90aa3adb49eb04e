// Stores orders to suppliers, and what came of them.
import { type NewOrder, newOrderSchema, type Order } from '../../core/batch/buying/order.ts';
import type { Ledger } from './ledger.ts';
import { NotThere } from './refusals.ts';
import { type Prepare, preparedOnce } from './statements.ts';

interface Row {
  readonly id: string;
  readonly body: string;
  readonly cancelled: number;
}

/** What came of one line. */
type Receipt = Order['receipts'][number];

/** The orders of a ledger. */
export class Orders {
  readonly #now: () => string;
  readonly #prepare: Prepare;

  constructor(ledger: Ledger, now: () => string) {
    this.#now = now;
    this.#prepare = preparedOnce(ledger);
  }

  /** Latest first. */
  list(): Order[] {
    return this.#prepare<[], Row>(`${ORDER} order by on_day desc, recorded_at desc limit 500`)
      .all()
      .map((row) => this.#read(row));
  }

  /** @throws NotThere */
  get(id: string): Order {
    const row = this.#prepare<[string], Row>(`${ORDER} where id = ?`).get(id);
    if (!row) throw new NotThere('This order is not in the ledger.');
    return this.#read(row);
  }

  #read({ id, body, cancelled }: Row): Order {
    // What was corrected in the metal account did not come.
    const receipts = this.#prepare<[string], Receipt>(
      `select line, on_day as "on", packs, paid_minor as paidMinor, entry_id as entryId from order_receipt
        where order_id = ?
          and not exists (select 1 from metal_entry where corrects = entry_id)
        order by id`,
    ).all(id);
    return { ...newOrderSchema.parse(JSON.parse(body)), id, isCancelled: cancelled === 1, receipts };
  }

  add(id: string, order: NewOrder): void {
    this.#prepare(
      'insert into purchase_order (id, supplier, on_day, recorded_at, body) values (:id, :supplier, :on, :at, :body)',
    ).run({ id, supplier: order.supplier, on: order.on, at: this.#now(), body: JSON.stringify(order) });
  }

  receive(orderId: string, { line, on, packs, paidMinor, entryId }: Receipt): void {
    this.#prepare(
      `insert into order_receipt (order_id, line, on_day, recorded_at, packs, paid_minor, entry_id)
       values (:orderId, :line, :on, :at, :packs, :paidMinor, :entryId)`,
    ).run({ orderId, line, on, at: this.#now(), packs, paidMinor, entryId });
  }

  cancel(orderId: string): void {
    this.#prepare('insert or ignore into order_cancelled (order_id, recorded_at) values (?, ?)').run(
      orderId,
      this.#now(),
    );
  }
}

const ORDER = `select id, body, exists (select 1 from order_cancelled where order_id = purchase_order.id) as cancelled
                 from purchase_order`;

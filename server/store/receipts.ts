// Stores metal receipts as entries.
import type { NewReceipt, Receipt } from '../../core/metal/receipt.ts';
import type { Ledger } from './ledger.ts';
import { type Prepare, preparedOnce } from './statements.ts';

interface Row extends Omit<Receipt, 'on' | 'at'> {
  received_on: string;
  recorded_at: string;
}

/** The metal receipts of a ledger. */
export class Receipts {
  readonly #now: () => string;
  readonly #prepare: Prepare;

  constructor(ledger: Ledger, now: () => string) {
    this.#now = now;
    this.#prepare = preparedOnce(ledger);
  }

  /** Latest day first; within a day the last entry first. */
  list(): Receipt[] {
    return this.#prepare<[], Row>('select * from receipt_entry order by received_on desc, id desc')
      .all()
      .map(({ received_on: on, recorded_at: at, ...row }) => ({ ...row, on, at }));
  }

  add(receipt: NewReceipt): Receipt {
    const at = this.#now();
    const { lastInsertRowid } = this.#prepare(
      `insert into receipt_entry (received_on, recorded_at, alloy, form, grams, paid, currency, source)
         values (:on, :at, :alloy, :form, :grams, :paid, :currency, :source)`,
    ).run({ ...receipt, at });
    return { ...receipt, id: Number(lastInsertRowid), at };
  }
}

// Stores metal prices as entries.
import { dayAfter } from '../../core/measure/days.ts';
import type { Fix, NewFix } from '../../core/metal/fix.ts';
import type { Ledger } from './ledger.ts';
import { type Prepare, preparedOnce } from './statements.ts';

interface Row {
  id: number;
  fixed_on: string;
  recorded_at: string;
  currency: string;
  prices: string;
  source: string;
}

/** The metal prices of a ledger. */
export class Fixes {
  readonly #now: () => string;
  readonly #prepare: Prepare;

  constructor(ledger: Ledger, now: () => string) {
    this.#now = now;
    this.#prepare = preparedOnce(ledger);
  }

  /**
   * Prices in a currency up to tomorrow, which may have begun elsewhere: latest day first; within a day the last entry
   * first, since it corrects the others. Others are kept and never used.
   */
  list(currency: string): Fix[] {
    return this.#prepare<{ currency: string; tomorrow: string }, Row>(
      `select * from fix_entry where currency = :currency and fixed_on <= :tomorrow
        order by fixed_on desc, id desc limit 400`,
    )
      .all({ currency, tomorrow: this.tomorrow() })
      .map(read);
  }

  /** The current metal prices in a currency; null before the first. */
  current(currency: string): Fix | null {
    return this.list(currency)[0] ?? null;
  }

  /** `2026-03-03` */
  tomorrow(): string {
    return dayAfter(this.#now().slice(0, 10), 1);
  }

  add(fix: NewFix): Fix {
    const at = this.#now();
    const { lastInsertRowid } = this.#prepare(
      `insert into fix_entry (fixed_on, recorded_at, currency, prices, source)
         values (:on, :at, :currency, :prices, :source)`,
    ).run({ on: fix.on, at, currency: fix.currency, prices: JSON.stringify(fix.prices), source: fix.source });
    return { ...fix, id: Number(lastInsertRowid), at };
  }
}

function read(row: Row): Fix {
  return {
    id: row.id,
    on: row.fixed_on,
    at: row.recorded_at,
    currency: row.currency,
    prices: JSON.parse(row.prices) as Fix['prices'],
    source: row.source,
  };
}

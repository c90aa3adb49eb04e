// Stores the bench log and pins.
import type { BenchEntry, NewBenchEntry } from '../../core/plan/studio/bench-entry.ts';
import type { Ledger } from './ledger.ts';
import { type Prepare, preparedOnce } from './statements.ts';

interface Row extends Omit<BenchEntry, 'at' | 'batchId' | 'on'> {
  recorded_at: string;
  batch_id: string;
  on_day: string;
}

/** The bench log of a ledger. */
export class BenchLog {
  readonly #ledger: Ledger;
  readonly #now: () => string;
  readonly #prepare: Prepare;

  constructor(ledger: Ledger, now: () => string) {
    this.#ledger = ledger;
    this.#now = now;
    this.#prepare = preparedOnce(ledger);
  }

  /** Earliest first. */
  entries(): BenchEntry[] {
    return this.#prepare<[], Row>('select * from bench_entry order by id')
      .all()
      .map(({ recorded_at: at, batch_id: batchId, on_day: on, ...row }) => ({ ...row, at, batchId, on }));
  }

  add(entries: readonly NewBenchEntry[]): void {
    const at = this.#now();
    const insert = this.#prepare(
      `insert into bench_entry (recorded_at, batch_id, step, how, maker, on_day, minute)
       values (:at, :batchId, :step, :how, :maker, :on, :minute)`,
    );
    this.#ledger.transaction(() => {
      for (const entry of entries) insert.run({ ...entry, at });
    })();
  }
}

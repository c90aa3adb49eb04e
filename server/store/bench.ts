// Stores the bench log and pins.
import { randomUUID } from 'node:crypto';
import type { BenchEntry, NewBenchEntry } from '../../core/bench/bench-entry.ts';
import type { Ledger } from './ledger.ts';
import { type Prepare, preparedOnce } from './statements.ts';
import { untilChange } from './until-change.ts';

interface Row extends Omit<BenchEntry, 'at' | 'batchId' | 'on' | 'detail'> {
  recorded_at: string;
  batch_id: string;
  on_day: string;
  detail: string;
}

/** Latest entries that are current whatever became of their batch. */
const LATEST = 200;

/** The bench log of a ledger. */
export class BenchLog {
  readonly #ledger: Ledger;
  readonly #now: () => string;
  readonly #prepare: Prepare;
  readonly #current: () => BenchEntry[];
  #all: readonly BenchEntry[] = [];

  constructor(ledger: Ledger, now: () => string) {
    this.#ledger = ledger;
    this.#now = now;
    this.#prepare = preparedOnce(ledger);
    this.#current = untilChange(ledger, () => this.#readCurrent());
  }

  /** All of them, in the order in which they were stored. Entries are only added, so each is read once. */
  entries(): readonly BenchEntry[] {
    // Inside a transaction that may still be undone, nothing is kept.
    if (this.#ledger.inTransaction) return this.#after(0);
    const { last, count } = this.#prepare<[], { last: number; count: number }>(
      'select coalesce(max(id), 0) as last, count(*) as count from bench_entry',
    ).get() ?? { last: 0, count: 0 };
    const known = this.#all.at(-1)?.id ?? 0;
    if (last === known && count === this.#all.length) return this.#all;
    const added = this.#after(known);
    // Fewer than before: the ledger was replaced.
    this.#all = this.#all.length + added.length === count ? [...this.#all, ...added] : this.#after(0);
    return this.#all;
  }

  #after(id: number): BenchEntry[] {
    return this.#prepare<[number], Row>('select * from bench_entry where id > ? order by id').all(id).map(read);
  }

  /** Of batches that are not done, and the latest of all; earliest first. */
  current(): readonly BenchEntry[] {
    return this.#current();
  }

  #readCurrent(): BenchEntry[] {
    return this.#prepare<{ latest: number }, Row>(
      `select * from bench_entry
        where id > (select coalesce(max(id), 0) from bench_entry) - :latest
           or batch_id in (
                select document.id
                  from document
                  left join document_revision
                    on document_revision.document_id = document.id
                   and document_revision.revision = document.revision
                 where document.kind = 'batch'
                   and coalesce(draft, body) ->> 'state' not in ('finished', 'closed', 'called-off'))
        order by id`,
    )
      .all({ latest: LATEST })
      .map(read);
  }

  /** Of one batch, earliest first. */
  ofBatch(batchId: string): BenchEntry[] {
    return this.#prepare<[string], Row>('select * from bench_entry where batch_id = ? order by id')
      .all(batchId)
      .map(read);
  }

  hasEntriesOf(batchId: string): boolean {
    return this.#prepare('select 1 from bench_entry where batch_id = ? limit 1').get(batchId) !== undefined;
  }

  /** An entry whose uid is known already counts once. @returns the entries as they are stored */
  add(entries: readonly NewBenchEntry[]): BenchEntry[] {
    const at = this.#now();
    const insert = this.#prepare(
      `insert into bench_entry (recorded_at, uid, batch_id, step, how, maker, on_day, minute, ms, detail)
       values (:at, :uid, :batchId, :step, :how, :maker, :on, :minute, :ms, :detail)
       on conflict (uid) do nothing`,
    );
    const stored = this.#prepare<[string], Row>('select * from bench_entry where uid = ?');
    return this.#ledger.transaction(() =>
      entries.flatMap(({ uid = randomUUID(), ms = 0, detail = {}, ...entry }) => {
        insert.run({ ...entry, uid, ms, detail: JSON.stringify(detail), at });
        return stored.all(uid).map(read);
      }),
    )();
  }
}

function read({ recorded_at: at, batch_id: batchId, on_day: on, detail, ...row }: Row): BenchEntry {
  return { ...row, at, batchId, on, detail: JSON.parse(detail) as BenchEntry['detail'] };
}

// Requests that were answered: a repeated one is answered from here and changes nothing.
import type { Ledger } from './ledger.ts';
import { type Prepare, preparedOnce } from './statements.ts';

/** What a request was answered with. */
export interface AnsweredRequest {
  readonly fingerprint: string;
  readonly status: number;
  /** JSON */
  readonly answer: string;
}

/** Days that an answer is kept: a device may be away for a season. */
const KEPT_DAYS = 120;
const MS_PER_DAY = 86_400_000;

/** The answered requests of a ledger. */
export class Requests {
  readonly #now: () => string;
  readonly #prepare: Prepare;

  constructor(ledger: Ledger, now: () => string) {
    this.#now = now;
    this.#prepare = preparedOnce(ledger);
  }

  /** @returns null for a new id */
  find(id: string): AnsweredRequest | null {
    return (
      this.#prepare<[string], AnsweredRequest>(
        'select fingerprint, status, answer from request_entry where id = ?',
      ).get(id) ?? null
    );
  }

  add(id: string, { fingerprint, status, answer }: AnsweredRequest): void {
    const at = this.#now();
    this.#prepare(
      `insert into request_entry (id, fingerprint, status, answer, recorded_at)
         values (:id, :fingerprint, :status, :answer, :at)`,
    ).run({ id, fingerprint, status, answer, at });
  }

  /** Deletes answers that no device will ask for again. */
  forgetOld(): void {
    const before = new Date(Date.parse(this.#now()) - KEPT_DAYS * MS_PER_DAY).toISOString();
    this.#prepare('delete from request_entry where recorded_at < ?').run(before);
  }
}

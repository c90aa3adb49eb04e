// Entries with ids of their own, sent again until they are answered: over cut connections, and while the server is killed.
// In the end the ledger holds each exactly once.
import Database from 'better-sqlite3';

/** What was sent and what the ledger holds. */
export interface Counted {
  readonly acknowledged: number;
  readonly tries: number;
  readonly lost: number;
  readonly doubled: number;
}

const LONGEST_TRIES = 400;
const PAUSE_MS = 20;

/** Receives stock, each bar of its own length, so that each can be found again. */
export class EntrySender {
  readonly #urlOf: () => string;
  readonly #lengths: number[] = [];
  #next = 1000;
  #tries = 0;

  /** @param urlOf  where the server answers now */
  constructor(urlOf: () => string) {
    this.#urlOf = urlOf;
  }

  /** Sends one entry until it is answered. @returns whether it was */
  async send(): Promise<boolean> {
    const length = (this.#next += 1);
    const id = `torture-${String(length).padStart(8, '0')}`;
    const body = JSON.stringify({
      alloy: 'silver-925',
      section: { form: 'round', diameter: '1 mm' },
      length: `${String(length)} mm`,
      count: '1',
    });
    for (let at = 0; at < LONGEST_TRIES; at += 1) {
      this.#tries += 1;
      try {
        const answer = await fetch(`${this.#urlOf()}/api/shelf`, {
          method: 'POST',
          headers: { 'content-type': 'application/json', 'idempotency-key': id, connection: 'close' },
          body,
          signal: AbortSignal.timeout(5000),
        });
        await answer.json();
        if (answer.status === 201) {
          this.#lengths.push(length);
          return true;
        }
      } catch {
        // Cut or killed: sent again.
      }
      await new Promise((resolve) => setTimeout(resolve, PAUSE_MS));
    }
    return false;
  }

  /** Compares with the ledger file. */
  counted(path: string): Counted {
    const ledger = new Database(path, { readonly: true });
    const found = ledger
      .prepare<[], { length: number }>(`select lot ->> '$.size.lengthMm' as length from shelf_entry where how = 'in'`)
      .all();
    ledger.close();
    const counts = new Map<number, number>();
    for (const { length } of found) counts.set(length, (counts.get(length) ?? 0) + 1);
    return {
      acknowledged: this.#lengths.length,
      tries: this.#tries,
      lost: this.#lengths.filter((length) => !counts.has(length)).length,
      doubled: [...counts.values()].filter((count) => count > 1).length,
    };
  }
}

// Whether a ledger file is whole: pages, foreign keys, and the rows of each table.
import Database from 'better-sqlite3';

/** What was found in a ledger file. */
export interface LedgerCheck {
  /** Sentences; empty for a whole file. */
  readonly faults: readonly string[];
  /** Rows by table. */
  readonly rows: Readonly<Record<string, number>>;
}

const MOST_FAULTS = 20;

/** Checks a file without writing to it. A file that cannot be opened has a fault. */
export function verifyLedger(path: string): LedgerCheck {
  let ledger: Database.Database | null = null;
  try {
    ledger = new Database(path, { readonly: true, fileMustExist: true });
    const pages = ledger.pragma(`integrity_check(${String(MOST_FAULTS)})`) as { integrity_check: string }[];
    const faults = pages.map(({ integrity_check: found }) => found).filter((found) => found !== 'ok');
    if (faults.length > 0) return { faults, rows: {} };
    const keys = ledger.pragma('foreign_key_check') as { table: string }[];
    const tables = ledger
      .prepare<[], { name: string }>(`select name from sqlite_master where type = 'table' and name not like 'sqlite_%'`)
      .all();
    if (!tables.some(({ name }) => name === 'ledger'))
      return { faults: ['This file is no ledger of Noon Ledger.'], rows: {} };
    const opened = ledger;
    const rows = tables.map(({ name }) => {
      const found = opened
        .prepare<[], { n: number }>(`select count(*) as n from "${name.replaceAll('"', '""')}"`)
        .get();
      return [name, found?.n ?? 0] as const;
    });
    const broken = keys.slice(0, MOST_FAULTS).map(({ table }) => `A row of ${table} refers to a row that is missing.`);
    return { faults: broken, rows: Object.fromEntries(rows) };
  } catch (error) {
    return { faults: [error instanceof Error ? error.message : String(error)], rows: {} };
  } finally {
    ledger?.close();
  }
}

// The ledger file: opened, brought up to date, closed.
import { readdirSync, readFileSync, mkdirSync } from 'node:fs';
import { dirname, join } from 'node:path';
import Database from 'better-sqlite3';

export type LedgerKind = 'own' | 'demo';
export type Ledger = Database.Database;

/**
 * Opens a ledger file, making it when there is none, and brings its tables up to date in one transaction.
 * @param path           of the file, or `:memory:`
 * @param migrationsDir  numbered .sql files, run in order of their names
 * @throws Error when the file was written by a newer Noon Ledger, or is a ledger of the other kind
 */
export function openLedger(path: string, migrationsDir: string, kind: LedgerKind): Ledger {
  if (path !== ':memory:') mkdirSync(dirname(path), { recursive: true });
  const ledger = new Database(path);
  try {
    ledger.pragma('journal_mode = wal');
    ledger.pragma('synchronous = full');
    ledger.pragma('busy_timeout = 2000');
    // A table that others refer to can only be made anew with the references let go; they are checked before it counts.
    ledger.pragma('foreign_keys = off');
    migrate(ledger, migrationsDir, kind);
    ledger.pragma('foreign_keys = on');
    checkKind(ledger, path, kind);
  } catch (error) {
    ledger.close();
    throw error;
  }
  return ledger;
}

function migrate(ledger: Ledger, migrationsDir: string, kind: LedgerKind): void {
  const files = readdirSync(migrationsDir)
    .filter((name) => /^\d{3}-.*\.sql$/.test(name))
    .sort();
  const run = ledger.transaction(() => {
    const done = ledger.pragma('user_version', { simple: true }) as number;
    if (done > files.length) {
      throw new Error('This ledger was written by a newer Noon Ledger. Nothing was changed: open it with that one.');
    }
    for (const name of files.slice(done)) ledger.exec(readFileSync(join(migrationsDir, name), 'utf8'));
    const broken = ledger.pragma('foreign_key_check') as unknown[];
    if (broken.length > 0) throw new Error('Bringing the ledger up to date would lose something. Nothing was changed.');
    if (done === 0) ledger.prepare('insert into ledger (kind) values (?)').run(kind);
    ledger.pragma(`user_version = ${String(files.length)}`);
  });
  run.immediate();
}

function checkKind(ledger: Ledger, path: string, kind: LedgerKind): void {
  const found = ledger.prepare<[], { kind: LedgerKind }>('select kind from ledger').get()?.kind;
  if (found !== kind) {
    throw new Error(
      kind === 'demo'
        ? `${path} holds a maker’s own ledger, so the sample studio is not loaded there. Nothing was changed.`
        : `${path} holds the sample studio, not your own ledger. Nothing was changed.`,
    );
  }
}

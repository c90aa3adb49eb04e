// Saves what can be read of a damaged ledger: every readable row, table by table, into a new and whole file.
import { existsSync } from 'node:fs';
import Database from 'better-sqlite3';
import { type Ledger, openLedger } from '../store/ledger.ts';
import { type LedgerTable, ledgerTables, primaryKeyOf } from './ledger-tables.ts';

/** What was saved. */
export interface Salvaged {
  readonly salvaged: string;
  readonly rows: Readonly<Record<string, number>>;
  /** Rows that are damaged, or refer to a row that could not be read. */
  readonly leftOut: number;
}

type Row = Readonly<Record<string, unknown>>;

/**
 * @param from  the damaged ledger, which stays as it is
 * @param to    a path where no file stands
 * @throws Error when nothing can be read, or a file stands there
 */
export function salvageLedger(from: string, to: string, migrationsDir: string): Salvaged {
  if (existsSync(to)) throw new Error(`${to} exists already. Name a new file.`);
  const damaged = new Database(from, { readonly: true, fileMustExist: true });
  try {
    const [migrations, kind] = versionOf(damaged);
    const ledger = openLedger(to, migrationsDir, kind, migrations);
    try {
      return { salvaged: to, ...copied(damaged, ledger) };
    } finally {
      ledger.close();
    }
  } finally {
    damaged.close();
  }
}

/** @throws Error when the head of the file cannot be read */
function versionOf(damaged: Ledger): [migrations: number, kind: 'own' | 'demo'] {
  try {
    const migrations = damaged.pragma('user_version', { simple: true }) as number;
    const { kind } = damaged.prepare<[], { kind: 'own' | 'demo' }>('select kind from ledger').get() ?? { kind: 'own' };
    if (migrations > 0) return [migrations, kind];
  } catch {
    // Told below.
  }
  throw new Error('Nothing of this file can be read. Restore a copy.');
}

function copied(damaged: Ledger, ledger: Ledger): Pick<Salvaged, 'rows' | 'leftOut'> {
  const rows: Record<string, number> = {};
  let leftOut = 0;
  ledger.transaction(() => {
    // A row comes after those it refers to; without them it is left out.
    for (const table of parentsFirst(ledger, ledgerTables(ledger))) {
      const names = table.columns.map(({ name }) => name);
      const insert = ledger.prepare(
        `insert into ${table.name} (${names.join(', ')}) values (${names.map((name) => `:${name}`).join(', ')})`,
      );
      let saved = 0;
      for (const row of readableRows(damaged, table)) {
        if (tried(() => insert.run(row))) saved += 1;
        else leftOut += 1;
      }
      rows[table.name] = saved;
    }
  })();
  return { rows, leftOut };
}

function parentsFirst(ledger: Ledger, tables: readonly LedgerTable[]): LedgerTable[] {
  const refers = ({ name }: LedgerTable) => (ledger.pragma(`foreign_key_list(${name})`) as unknown[]).length > 0;
  return [...tables.filter((table) => !refers(table)), ...tables.filter(refers)];
}

/** Rows of a table from the first on, and from the last back, and one by one between: a damaged page hides its own only. */
function* readableRows(damaged: Ledger, table: LedgerTable): Generator<Row> {
  const seen = new Set<string>();
  const keys = table.columns.filter(({ key }) => key > 0).map(({ name }) => name);
  const isNew = (row: Row) => {
    const key = JSON.stringify(keys.map((name) => row[name]));
    if (seen.has(key)) return false;
    seen.add(key);
    return true;
  };
  const byKey = primaryKeyOf(table);
  const backwards = byKey.split(', ').map((name) => `${name} desc`).join(', '); // prettier-ignore
  // By place in the file, and by the index of the key, each from both ends: one may be readable where the other is not.
  for (const order of ['rowid', 'rowid desc', byKey, backwards]) {
    let isWhole = false;
    try {
      for (const row of damaged.prepare<[], Row>(`select * from ${table.name} order by ${order}`).iterate())
        if (isNew(row)) yield row;
      isWhole = true;
    } catch {
      // Up to the damaged page; a table without row numbers has no such order.
    }
    if (isWhole) return;
  }
  yield* rowsById(damaged, table, isNew);
}

const MOST_IDS = 1_000_000;

/** Rows asked for one by one by their number in the file. */
function* rowsById(damaged: Ledger, { name }: LedgerTable, isNew: (row: Row) => boolean): Generator<Row> {
  const last = tried(() => damaged.prepare<[], { n: number }>(`select max(rowid) as n from ${name}`).get()?.n) ?? 0;
  const one = tried(() => damaged.prepare<[number], Row>(`select * from ${name} where rowid = ?`));
  for (let id = 1; one && id <= Math.min(last, MOST_IDS); id += 1) {
    const row = tried(() => one.get(id));
    if (row && isNew(row)) yield row;
  }
}

function tried<Result>(work: () => Result): Result | undefined {
  try {
    return work();
  } catch {
    return undefined;
  }
}

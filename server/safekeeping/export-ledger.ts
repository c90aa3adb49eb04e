// The whole ledger as one zip: a table a JSON file, pictures as JPEG, and each table once more as CSV for a spreadsheet.
// The same content gives the same bytes. Documented in docs/formats/ledger.md.
import { strToU8, type Zippable, zipSync } from 'fflate';
import { csvOf } from '../../core/format/csv.ts';
import type { Ledger } from '../store/ledger.ts';
import { type LedgerTable, ledgerTables, primaryKeyOf } from './ledger-tables.ts';

/** Names the format of the file. */
export const LEDGER_FORMAT = 'noon-ledger/ledger';
/** Version of the layout of the zip; the tables have that of their migrations. */
export const LEDGER_FORMAT_VERSION = 1;

/** What stands in `ledger.json`. */
interface LedgerManifest {
  readonly format: typeof LEDGER_FORMAT;
  readonly version: typeof LEDGER_FORMAT_VERSION;
  /** Number of migrations that the tables went through. */
  readonly migrations: number;
  /** Rows by table. */
  readonly rows: Readonly<Record<string, number>>;
}

/** A row as JSON holds it. */
export type LedgerRow = Readonly<Record<string, unknown>>;

// The first moment a zip can name: the time of the export would make each file another one.
const NO_TIME = '1980-01-01T00:00:00';

/** @returns the bytes of the zip */
export function exportLedger(ledger: Ledger): Uint8Array {
  // One transaction: what is written meanwhile is all in the export or not at all.
  return ledger.transaction(() => {
    const files: Zippable = {};
    const rows: Record<string, number> = {};
    for (const table of ledgerTables(ledger)) {
      const all = rowsOf(ledger, table);
      rows[table.name] = all.length;
      files[`tables/${table.name}.json`] = json(all);
      files[`csv/${table.name}.csv`] = strToU8(csvOfTable(table, all));
    }
    // The first form of a ledger had no pictures.
    if ('photo' in rows)
      for (const { id, bytes } of picturesOf(ledger)) files[`photos/${id}.jpg`] = [new Uint8Array(bytes), { level: 0 }];
    const migrations = ledger.pragma('user_version', { simple: true }) as number;
    const manifest: LedgerManifest = { format: LEDGER_FORMAT, version: LEDGER_FORMAT_VERSION, migrations, rows };
    return zipSync({ 'ledger.json': json(manifest), ...files }, { level: 6, mtime: NO_TIME });
  })();
}

function picturesOf(ledger: Ledger): Iterable<{ id: string; bytes: Buffer }> {
  return ledger.prepare<[], { id: string; bytes: Buffer }>('select id, bytes from photo order by id').iterate();
}

function json(value: unknown): Uint8Array {
  return strToU8(`${JSON.stringify(value, null, 1)}\n`);
}

function rowsOf(ledger: Ledger, table: LedgerTable): LedgerRow[] {
  const kept = table.columns.filter(({ type }) => type !== 'BLOB');
  const columns = kept.map(({ name }) => name).join(', ');
  const rows = ledger
    .prepare<[], LedgerRow>(`select ${columns} from ${table.name} order by ${primaryKeyOf(table)}`)
    .all();
  const parsed = kept.filter(({ isJson }) => isJson).map(({ name }) => name);
  return rows.map((row) => ({
    ...row,
    ...Object.fromEntries(
      parsed.map((name) => [name, typeof row[name] === 'string' ? (JSON.parse(row[name]) as unknown) : null]),
    ),
  }));
}

function csvOfTable({ columns }: LedgerTable, rows: readonly LedgerRow[]): string {
  const kept = columns.filter(({ type }) => type !== 'BLOB');
  return csvOf([
    kept.map(({ name }) => name),
    ...rows.map((row) =>
      kept.map(({ name, isJson }) => {
        const value = row[name];
        if (value === null || value === undefined) return '';
        return isJson ? JSON.stringify(value) : (value as string | number);
      }),
    ),
  ]);
}

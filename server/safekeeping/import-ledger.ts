// Makes a ledger of an export: the tables as they were when it was made, then the migrations since.
import { existsSync, renameSync, rmSync } from 'node:fs';
import { strFromU8, unzipSync } from 'fflate';
import { z } from 'zod';
import { type Ledger, type LedgerKind, openLedger } from '../store/ledger.ts';
import { openStores } from '../store/stores.ts';
import { LEDGER_FORMAT, LEDGER_FORMAT_VERSION, type LedgerRow } from './export-ledger.ts';
import { type LedgerTable, ledgerTables } from './ledger-tables.ts';

const manifestSchema = z.object({
  format: z.literal(LEDGER_FORMAT),
  version: z.literal(LEDGER_FORMAT_VERSION),
  migrations: z.int().min(1),
  rows: z.record(z.string(), z.int().min(0)),
});
const rowsSchema = z.array(z.record(z.string(), z.unknown()));

/** Bytes of an export that is unpacked: ten years with thousands of pictures. */
const MOST_BYTES = 4e9;

/** What was imported: rows by table. */
export type ImportedRows = Readonly<Record<string, number>>;

/**
 * Writes the ledger of an export to a new file. It is complete, or there is none.
 * @param zip            bytes of the export
 * @param to             a path where no ledger with content stands
 * @throws Error in words where the file is no export, is damaged, of a newer Noon Ledger, or a ledger with content is
 *   there
 */
export function importLedger(zip: Uint8Array, to: string, migrationsDir: string, kind: LedgerKind): ImportedRows {
  refuseUsed(to, migrationsDir, kind);
  const { files, manifest } = readExport(zip);
  const unfinished = `${to}.importing`;
  const clear = (path: string) => {
    for (const rest of ['', '-wal', '-shm']) rmSync(`${path}${rest}`, { force: true });
  };
  clear(unfinished);
  try {
    const earlier = openLedger(unfinished, migrationsDir, kind, manifest.migrations);
    try {
      fill(earlier, files, manifest.rows);
    } finally {
      earlier.close();
    }
    // The migrations since, and every document read by the schema of today.
    const ledger = openLedger(unfinished, migrationsDir, kind);
    try {
      const stores = openStores(ledger);
      for (const documents of [stores.studio, stores.pieces, stores.batches, stores.fairs, stores.quotes])
        documents.list();
      stores.account.lots();
      ledger.pragma('wal_checkpoint(truncate)');
    } finally {
      ledger.close();
    }
    clear(to);
    renameSync(unfinished, to);
  } catch (error) {
    clear(unfinished);
    throw error;
  }
  return manifest.rows;
}

/** @throws Error where a ledger with content stands already */
function refuseUsed(path: string, migrationsDir: string, kind: LedgerKind): void {
  if (!existsSync(path)) return;
  const ledger = openLedger(path, migrationsDir, kind);
  try {
    const { n = 0 } = ledger.prepare<[], { n: number }>('select count(*) as n from document').get() ?? {};
    if (n > 0)
      throw new Error(`${path} holds a ledger with ${String(n)} documents. Import into an empty one: name another file in NOON_LEDGER.`); // prettier-ignore
  } finally {
    ledger.close();
  }
}

function readExport(zip: Uint8Array) {
  let files: Record<string, Uint8Array>;
  let manifest: z.infer<typeof manifestSchema>;
  try {
    let bytes = 0;
    files = unzipSync(zip, {
      filter: ({ name, originalSize }) => {
        bytes += originalSize;
        if (bytes > MOST_BYTES) throw new RangeError('too large');
        return !name.startsWith('csv/');
      },
    });
    manifest = manifestSchema.parse(parsed(files['ledger.json']));
  } catch (error) {
    throw new Error('This is no export of a ledger, or the file is damaged. Nothing was imported.', { cause: error });
  }
  return { files, manifest };
}

function parsed(bytes: Uint8Array | undefined): unknown {
  return bytes === undefined ? undefined : JSON.parse(strFromU8(bytes));
}

function fill(ledger: Ledger, files: Readonly<Record<string, Uint8Array>>, wanted: ImportedRows): void {
  const tables = ledgerTables(ledger);
  const strange = Object.keys(wanted).find((name) => !tables.some((table) => table.name === name));
  if (strange)
    throw new Error(`This export holds ${strange}, which this Noon Ledger does not know. Nothing was imported.`);
  ledger.pragma('foreign_keys = off');
  ledger.transaction(() => {
    // A migration may have put rows of its own into a new ledger.
    for (const { name } of tables) if (ledger.prepare(`select 1 from ${name} limit 1`).get()) throw new Error(`${name} is not empty.`); // prettier-ignore
    for (const table of tables) {
      const rows = rowsOf(files, table.name);
      if (rows.length !== (wanted[table.name] ?? 0))
        throw new Error(`The export is not whole: ${table.name} should have ${String(wanted[table.name] ?? 0)} rows and has ${String(rows.length)}. Nothing was imported.`); // prettier-ignore
      insert(ledger, table, rows, files);
    }
    const broken = ledger.pragma('foreign_key_check') as unknown[];
    if (broken.length > 0) throw new Error('The export is not whole: a row refers to one that is missing. Nothing was imported.'); // prettier-ignore
  })();
}

function rowsOf(files: Readonly<Record<string, Uint8Array>>, name: string): readonly LedgerRow[] {
  const bytes = files[`tables/${name}.json`];
  if (bytes === undefined) return [];
  const rows = rowsSchema.safeParse(tryParsed(bytes));
  if (!rows.success) throw new Error(`The export is damaged at ${name}. Nothing was imported.`);
  return rows.data;
}

function tryParsed(bytes: Uint8Array): unknown {
  try {
    return parsed(bytes);
  } catch {
    return null;
  }
}

function insert(
  ledger: Ledger,
  { name, columns }: LedgerTable,
  rows: readonly LedgerRow[],
  files: Readonly<Record<string, Uint8Array>>,
): void {
  const names = columns.map((column) => column.name);
  const known = new Set(names);
  const statement = ledger.prepare(
    `insert into ${name} (${names.join(', ')}) values (${names.map((column) => `:${column}`).join(', ')})`,
  );
  for (const row of rows) {
    const strange = Object.keys(row).find((column) => !known.has(column));
    if (strange)
      throw new Error(`The export has ${strange} in ${name}, which has no place there. Nothing was imported.`);
    const values = columns.map((column) => {
      if (column.type === 'BLOB') return [column.name, pictureOf(files, row)] as const;
      const value = row[column.name] ?? null;
      return [column.name, column.isJson && value !== null ? JSON.stringify(value) : value] as const;
    });
    try {
      statement.run(Object.fromEntries(values));
    } catch (error) {
      const why = error instanceof Error ? error.message : '';
      throw new Error(`A row of ${name} cannot be imported: ${why}. Nothing was imported.`, { cause: error });
    }
  }
}

function pictureOf(files: Readonly<Record<string, Uint8Array>>, { id }: LedgerRow): Buffer {
  const bytes = files[`photos/${String(id)}.jpg`];
  if (!bytes) throw new Error(`The picture ${String(id)} is missing from the export. Nothing was imported.`);
  return Buffer.from(bytes);
}

// Opens the ledger file and migrates it.
import { createHash } from 'node:crypto';
import { mkdirSync, readdirSync, readFileSync, renameSync, rmSync } from 'node:fs';
import { dirname, join } from 'node:path';
import Database from 'better-sqlite3';
import { type FineMetal, fineOf } from '../../core/account/entry.ts';
import { alloysWith } from '../../core/metal/alloy.ts';
import type { Alloy } from '../../core/metal/alloys.ts';
import { readRates } from '../../core/studio/rates.ts';
import { studioSchema } from '../../core/studio/studio.ts';
import { serverClock } from '../clock.ts';

/** A maker's own ledger, or the sample workshop. */
export type LedgerKind = 'own' | 'demo';
/** An open ledger file. */
export type Ledger = Database.Database;

/**
 * Opens a ledger file, creates it when there is none, and migrates it in one transaction. A file that
 * needs a migration is copied beside itself first. Each migration is recorded with its checksum.
 * @param path           of the file, or `:memory:`
 * @param migrationsDir  numbered .sql files, run in order of their names
 * @param upTo           number of migrations, for an earlier form of the ledger; all when left out
 * @throws Error when the file was written by a newer Noon Ledger, went through a migration that was changed since, or
 *   is
 * a ledger of the other kind
 */
export function openLedger(path: string, migrationsDir: string, kind: LedgerKind, upTo?: number): Ledger {
  if (path !== ':memory:') mkdirSync(dirname(path), { recursive: true });
  const ledger = opened(path);
  try {
    refuseForeign(ledger, path);
    ledger.pragma('journal_mode = wal');
    ledger.pragma('synchronous = full');
    ledger.pragma('busy_timeout = 2000');
    // A migration can rebuild a referenced table only with foreign keys off; they are checked before it commits.
    ledger.pragma('foreign_keys = off');
    const migrations = readMigrations(migrationsDir);
    if (upTo !== undefined && upTo > migrations.length)
      throw new Error('This was written by a newer Noon Ledger. Nothing was changed: open it with that one.');
    migrate(ledger, path, migrations.slice(0, upTo), kind);
    ledger.pragma('foreign_keys = on');
    checkKind(ledger, path, kind);
  } catch (error) {
    ledger.close();
    throw error;
  }
  return ledger;
}

/** `NoonL`, the first four letters as a number: SQLite keeps it in the head of the file. */
const APPLICATION_ID = 0x4e6f6f6e;

function opened(path: string): Ledger {
  try {
    return new Database(path);
  } catch (error) {
    throw new Error(`${path} cannot be opened: ${error instanceof Error ? error.message : ''}. Check the folder and its rights.`, { cause: error }); // prettier-ignore
  }
}

/**
 * A file that another program made, or that is damaged, is never written to.
 * @throws Error when the file is no ledger, or its pages do not check
 */
function refuseForeign(ledger: Ledger, path: string): void {
  const found = readChecked(ledger);
  if (found === null)
    throw new Error(
      `${path} is damaged, or no ledger at all. Nothing was changed. Restore a copy: npm run -s noon -- restore FILE. Copies are in ${path.replace(/\.sqlite$/, '')}-backups. Or save what can be read: npm run -s noon -- salvage NEWFILE.`,
    );
  const { application, tables } = found;
  if (tables.length > 0 && !tables.includes('ledger') && application !== APPLICATION_ID)
    throw new Error(`${path} belongs to another program. Nothing was changed. Choose another file for the ledger.`);
}

/** @returns null where the pages of the file do not check */
function readChecked(ledger: Ledger): { application: number; tables: string[] } | null {
  try {
    if (ledger.pragma('quick_check(1)', { simple: true }) !== 'ok') return null;
    const rows = ledger.prepare<[], { name: string }>(`select name from sqlite_master where type = 'table'`).all();
    const application = ledger.pragma('application_id', { simple: true }) as number;
    return { application, tables: rows.map(({ name }) => name) };
  } catch {
    return null;
  }
}

interface Migration {
  readonly number: number;
  readonly name: string;
  readonly sql: string;
  /** SHA-256 of the file, in hexadecimal. */
  readonly checksum: string;
}

function readMigrations(dir: string): Migration[] {
  const names = readdirSync(dir).filter((name) => /^\d{3}-.*\.sql$/.test(name));
  return names.sort().map((name, index) => {
    const sql = readFileSync(join(dir, name), 'utf8');
    return { number: index + 1, name, sql, checksum: createHash('sha256').update(sql).digest('hex') };
  });
}

function migrate(ledger: Ledger, path: string, migrations: readonly Migration[], kind: LedgerKind): void {
  const done = ledger.pragma('user_version', { simple: true }) as number;
  if (done > migrations.length) {
    throw new Error('This ledger was written by a newer Noon Ledger. Nothing was changed: open it with that one.');
  }
  checkApplied(ledger, migrations);
  if (done > 0 && done < migrations.length && path !== ':memory:') copyBeforeMigration(ledger, path, done);
  offerFineContent(ledger);
  const run = ledger.transaction(() => {
    for (const { sql } of migrations.slice(done)) ledger.exec(sql);
    const broken = ledger.pragma('foreign_key_check') as unknown[];
    if (broken.length > 0) throw new Error('Updating the ledger would lose data. Nothing was changed.');
    if (done === 0) ledger.prepare('insert into ledger (kind) values (?)').run(kind);
    recordApplied(ledger, migrations);
    ledger.pragma(`user_version = ${String(migrations.length)}`);
    ledger.pragma(`application_id = ${String(APPLICATION_ID)}`);
  });
  run.immediate();
}

/** Gives migrations the fine content of metal: `fine_mg(alloy, 'Ag', mg)`, whole mg; 0 for an alloy of no book. */
function offerFineContent(ledger: Ledger): void {
  // Read before: a function cannot ask the ledger while a statement runs.
  const alloys = hasTable(ledger, 'document') ? alloysOf(ledger) : alloysWith([]);
  ledger.function('fine_mg', { deterministic: true }, (alloy, metal, mg) => {
    return BigInt(fineOf(alloys.get(String(alloy)), Number(mg))[metal as FineMetal]);
  });
}

/** The alloys of the ledger: its own too, where its settings can be read. */
function alloysOf(ledger: Ledger): ReadonlyMap<string, Alloy> {
  const sql = `select body from document join document_revision on document_id = id and document_revision.revision = document.revision where kind = 'studio'`;
  const body = ledger.prepare<[], { body: string }>(sql).get()?.body;
  const studio = studioSchema.safeParse(body === undefined ? null : JSON.parse(body));
  return studio.success ? readRates(studio.data, 1).alloys : alloysWith([]);
}

/** @throws Error when a migration that this ledger went through has changed */
function checkApplied(ledger: Ledger, migrations: readonly Migration[]): void {
  if (!hasMigrationTable(ledger)) return;
  const applied = ledger
    .prepare<[], { number: number; checksum: string }>('select number, checksum from migration order by number')
    .all();
  for (const { number, checksum } of applied) {
    const migration = migrations[number - 1];
    if (migration && migration.checksum !== checksum)
      throw new Error(
        `Migration ${migration.name} was changed after it was applied to this ledger. Nothing was changed.`,
      );
  }
}

/** A ledger from before migrations were recorded gets a row for each migration it went through. */
function recordApplied(ledger: Ledger, migrations: readonly Migration[]): void {
  if (!hasMigrationTable(ledger)) return;
  const insert = ledger.prepare(
    `insert into migration (number, name, checksum, applied_at) values (:number, :name, :checksum, :now)
         on conflict (number) do nothing`,
  );
  const now = serverClock().toISOString();
  for (const { number, name, checksum } of migrations) insert.run({ number, name, checksum, now });
}

function hasMigrationTable(ledger: Ledger): boolean {
  return hasTable(ledger, 'migration');
}

function hasTable(ledger: Ledger, name: string): boolean {
  return ledger.prepare(`select 1 from sqlite_master where type = 'table' and name = ?`).get(name) !== undefined;
}

/**
 * Writes a copy of the ledger beside it: `ledger.sqlite.before-migration-9`. It replaces the copy of an earlier try.
 */
function copyBeforeMigration(ledger: Ledger, path: string, done: number): void {
  const copy = `${path}.before-migration-${String(done + 1)}`;
  const unfinished = `${copy}.unfinished`;
  rmSync(unfinished, { force: true });
  ledger.prepare('vacuum into ?').run(unfinished);
  renameSync(unfinished, copy);
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

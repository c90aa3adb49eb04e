// noon backup, restore, verify, export, import, salvage: the ledger that NOON_LEDGER names.
import { existsSync, mkdirSync } from 'node:fs';
import { readFile, rename, writeFile } from 'node:fs/promises';
import { dirname } from 'node:path';
import Database from 'better-sqlite3';
import { serverClock } from '../clock.ts';
import { backUp } from '../safekeeping/back-up.ts';
import { exportLedger } from '../safekeeping/export-ledger.ts';
import { importLedger } from '../safekeeping/import-ledger.ts';
import { lockLedger } from '../safekeeping/ledger-lock.ts';
import { restoreLedger } from '../safekeeping/restore.ts';
import { salvageLedger } from '../safekeeping/salvage-ledger.ts';
import { verifyLedger } from '../safekeeping/verify.ts';
import { kindOfLedger, migrationsFolder } from '../store/migrations-folder.ts';

/** What a command did, or why it could not. */
export type SafekeepingOutcome = { readonly done: object } | { readonly error: string };

/** Copies a ledger to a file; the ledger may be in use. */
export async function backupOutcome(ledgerPath: string, file: string): Promise<SafekeepingOutcome> {
  if (!existsSync(ledgerPath)) return { error: `There is no ledger at ${ledgerPath}.` };
  return tried(async () => {
    const ledger = new Database(ledgerPath, { fileMustExist: true });
    try {
      const { path, bytes, checksum } = await backUp(ledger, file, serverClock().toISOString());
      return { backup: path, bytes, sha256: checksum };
    } finally {
      ledger.close();
    }
  });
}

/** Puts a copy in the place of the ledger, which is kept beside it. */
export async function restoreOutcome(ledgerPath: string, file: string): Promise<SafekeepingOutcome> {
  return tried(async () => {
    const unlock = lockLedger(ledgerPath);
    try {
      const { kept, rows } = await restoreLedger(file, ledgerPath, serverClock().toISOString());
      return { restored: ledgerPath, kept, rows };
    } finally {
      unlock();
    }
  });
}

/** Writes the whole ledger to a zip; the ledger may be in use. */
export async function exportOutcome(ledgerPath: string, file: string): Promise<SafekeepingOutcome> {
  if (!existsSync(ledgerPath)) return { error: `There is no ledger at ${ledgerPath}.` };
  return tried(async () => {
    const ledger = new Database(ledgerPath, { fileMustExist: true, readonly: true });
    try {
      const bytes = exportLedger(ledger);
      await writeFile(`${file}.unfinished`, bytes);
      await rename(`${file}.unfinished`, file);
      return { export: file, bytes: bytes.length };
    } finally {
      ledger.close();
    }
  });
}

/** Makes the ledger of an export, where no ledger with content stands. */
export async function importOutcome(ledgerPath: string, file: string): Promise<SafekeepingOutcome> {
  if (!existsSync(file)) return { error: `There is no file ${file}.` };
  return tried(async () => {
    mkdirSync(dirname(ledgerPath), { recursive: true });
    const unlock = lockLedger(ledgerPath);
    try {
      const rows = importLedger(await readFile(file), ledgerPath, migrationsFolder(), kindOfLedger());
      return { imported: ledgerPath, rows };
    } finally {
      unlock();
    }
  });
}

/** Saves every readable row of a damaged ledger to a new file. */
export async function salvageOutcome(ledgerPath: string, file: string): Promise<SafekeepingOutcome> {
  if (!existsSync(ledgerPath)) return { error: `There is no ledger at ${ledgerPath}.` };
  return tried(() => Promise.resolve(salvageLedger(ledgerPath, file, migrationsFolder())));
}

/** Checks a ledger or a copy. */
export function verifyOutcome(file: string): SafekeepingOutcome {
  if (!existsSync(file)) return { error: `There is no file ${file}.` };
  const { faults, rows } = verifyLedger(file);
  return faults.length > 0 ? { error: `${file} is not whole: ${faults.join('; ')}` } : { done: { whole: file, rows } };
}

async function tried(run: () => Promise<object>): Promise<SafekeepingOutcome> {
  try {
    return { done: await run() };
  } catch (error) {
    return { error: error instanceof Error ? error.message : String(error) };
  }
}

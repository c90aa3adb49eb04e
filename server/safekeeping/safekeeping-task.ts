// Work on a whole ledger file: it takes seconds for a large one.
import Database from 'better-sqlite3';
import { exportLedger } from './export-ledger.ts';
import { type LedgerCheck, verifyLedger } from './verify.ts';

/** What is done with a ledger file. */
export interface SafekeepingTask {
  readonly kind: 'export' | 'verify';
  readonly path: string;
}

/** Checks a file, or exports it. */
export function doSafekeeping({ kind, path }: SafekeepingTask): LedgerCheck | Uint8Array {
  if (kind === 'verify') return verifyLedger(path);
  const ledger = new Database(path, { readonly: true, fileMustExist: true });
  try {
    return exportLedger(ledger);
  } finally {
    ledger.close();
  }
}

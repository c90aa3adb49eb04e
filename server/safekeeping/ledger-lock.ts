// One server a ledger: an exclusive transaction on a small database beside it. The system gives such a lock back when a
// process ends in any way, so that a crash or a restart of the computer locks nobody out.
import { rmSync } from 'node:fs';
import Database from 'better-sqlite3';

/**
 * Takes the lock of a ledger for as long as this process lives.
 * @param path  of the ledger file
 * @returns gives the lock back
 * @throws Error when another running process has it
 */
export function lockLedger(path: string): () => void {
  const file = `${path}.lock`;
  const lock = new Database(file, { timeout: 0 });
  try {
    lock.exec('begin exclusive');
  } catch (error) {
    lock.close();
    if ((error as { code?: string }).code !== 'SQLITE_BUSY') throw error;
    throw new Error('Another Noon Ledger has this ledger open. Close it first, or use the page that it shows.', {
      cause: error,
    });
  }
  return () => {
    lock.close();
    rmSync(file, { force: true });
  };
}

// Faults of the disk and of the ledger file, in words a maker can act on.
import { type Stats, statSync } from 'node:fs';

/** The ledger file cannot be written or read; nothing was saved. */
export class FileFault extends Error {}

const words: Readonly<Record<string, string>> = {
  SQLITE_FULL: 'The disk is full. Nothing was saved. Make room on it; what you typed is tried again.',
  SQLITE_READONLY: 'The ledger file is read-only. Nothing was saved. Check the rights of the file and its folder.',
  SQLITE_CANTOPEN: 'The ledger file cannot be opened. Check that its folder exists, and its rights.',
  SQLITE_IOERR: 'The disk reports a fault. Nothing was saved. Check the disk, and restore a copy if it persists.',
  SQLITE_CORRUPT: 'The ledger file is damaged. Nothing was saved. Stop here and restore the last copy.',
  SQLITE_NOTADB: 'The ledger file is damaged. Nothing was saved. Stop here and restore the last copy.',
  SQLITE_BUSY:
    'Another program has the ledger file in use. Nothing was saved. Close it; what you typed is tried again.',
};

/** @returns the words for an error of SQLite; null for any other */
export function fileFaultOf(error: unknown): string | null {
  const { code } = (error ?? {}) as { code?: unknown };
  if (typeof code !== 'string') return null;
  return Object.entries(words).find(([start]) => code.startsWith(start))?.[1] ?? null;
}

/**
 * Watches that the ledger file stays the one that was opened: a file that was replaced or deleted would take every
 * further change with it.
 * @returns throws FileFault once it is another file
 */
export function watchedFile(path: string): () => void {
  const opened = statSync(path);
  return () => {
    if (isSame(opened, path)) return;
    throw new FileFault(
      'The ledger file was moved, replaced or deleted while Noon Ledger runs. Nothing was saved. Put it back, or start Noon Ledger again.',
    );
  };
}

function isSame({ ino, dev }: Stats, path: string): boolean {
  const now = statSync(path, { throwIfNoEntry: false });
  return now !== undefined && now.ino === ino && now.dev === dev;
}

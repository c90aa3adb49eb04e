// One copy of an open ledger: made online, opened and checked, and only then given its name, with its checksum beside it.
import { createHash } from 'node:crypto';
import { createReadStream, mkdirSync, renameSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { basename, join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import type { Ledger } from '../store/ledger.ts';
import { verifyInThread } from './in-thread.ts';

/** A copy that was checked. */
export interface Backup {
  readonly name: string;
  readonly path: string;
  readonly at: string;
  readonly bytes: number;
  /** SHA-256, in hexadecimal. */
  readonly checksum: string;
}

/**
 * Copies a ledger while it is in use.
 * @param path  of the copy; one of the same name is replaced
 * @param at    the present moment, ISO 8601
 * @throws Error when the copy is not whole, or cannot be written; a copy of that name stays as it was
 */
export async function backUp(ledger: Ledger, path: string, at: string): Promise<Backup> {
  mkdirSync(join(path, '..'), { recursive: true });
  const unfinished = `${path}.unfinished`;
  rmSync(unfinished, { force: true });
  try {
    await ledger.backup(unfinished);
    const { faults, rows } = await verifyInThread(unfinished);
    if (faults.length > 0) throw new Error(`The copy is not whole: ${faults.join('; ')}`);
    const { n = 0 } = ledger.prepare<[], { n: number }>('select count(*) as n from migration').get() ?? {};
    if (rows['migration'] !== n) throw new Error('The copy is not whole: it has other migrations than the ledger.');
    const checksum = await checksumOf(unfinished);
    renameSync(unfinished, path);
    writeFileSync(checksumPath(path), `${checksum}  ${basename(path)}\n`);
    return { name: basename(path), path, at, bytes: statSync(path).size, checksum };
  } finally {
    for (const rest of ['', '-wal', '-shm', '-journal']) rmSync(`${unfinished}${rest}`, { force: true });
  }
}

/** Where the checksum of a copy stands, in the form of `sha256sum`. */
export const checksumPath = (path: string) => `${path}.sha256`;

/** SHA-256 of a file, in hexadecimal. */
export async function checksumOf(path: string): Promise<string> {
  const hash = createHash('sha256');
  await pipeline(createReadStream(path), hash);
  return hash.digest('hex');
}

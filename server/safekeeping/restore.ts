// Puts a copy in the place of a ledger. The ledger that was there is kept beside it.
import { copyFileSync, existsSync, readFileSync, renameSync, rmSync } from 'node:fs';
import { checksumOf, checksumPath } from './back-up.ts';
import { verifyLedger } from './verify.ts';

/** What was restored. */
export interface Restored {
  /** Where the ledger that was there is kept; '' when there was none. */
  readonly kept: string;
  readonly rows: Readonly<Record<string, number>>;
}

/**
 * Restores a copy. No server may have the ledger open.
 * @param from  the copy
 * @param to    the ledger file
 * @param at    the present moment, ISO 8601
 * @throws Error when the copy is damaged; nothing is changed then
 */
export async function restoreLedger(from: string, to: string, at: string): Promise<Restored> {
  if (!existsSync(from)) throw new Error(`There is no file ${from}.`);
  const noted = existsSync(checksumPath(from)) ? readFileSync(checksumPath(from), 'utf8').split(/\s/)[0] : undefined;
  if (noted !== undefined && noted !== (await checksumOf(from)))
    throw new Error(`${from} was changed since it was made: its checksum differs. Choose another copy.`);
  const { faults, rows } = verifyLedger(from);
  if (faults.length > 0) throw new Error(`${from} is not whole: ${faults.join('; ')}`);
  const unfinished = `${to}.restored`;
  copyFileSync(from, unfinished);
  const kept = existsSync(to) ? `${to}.before-restore-${at.slice(0, 19).replaceAll(/[:T]/g, '-')}` : '';
  // What was written last may still stand in the files beside the ledger: they go with it.
  for (const rest of ['', '-wal', '-shm']) {
    if (kept && existsSync(`${to}${rest}`)) renameSync(`${to}${rest}`, `${kept}${rest}`);
    else rmSync(`${to}${rest}`, { force: true });
  }
  renameSync(unfinished, to);
  return { kept, rows };
}

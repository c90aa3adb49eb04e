// Hands work on a ledger file to a thread; where that has not been built, it is done here.
import { existsSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { Worker } from 'node:worker_threads';
import { doSafekeeping } from './safekeeping-task.ts';
import type { LedgerCheck } from './verify.ts';

const script = join(dirname(fileURLToPath(import.meta.url)), 'safekeeping-thread.js');

/** Checks a ledger file without writing to it. */
export async function verifyInThread(path: string): Promise<LedgerCheck> {
  return (await done('verify', path)) as LedgerCheck;
}

/** @returns the bytes of the export of a ledger file, which may be in use */
export async function exportInThread(path: string): Promise<Uint8Array> {
  return (await done('export', path)) as Uint8Array;
}

async function done(kind: 'export' | 'verify', path: string): Promise<LedgerCheck | Uint8Array> {
  const task = { kind, path };
  if (!existsSync(script)) return doSafekeeping(task);
  return await new Promise((resolve, reject) => {
    const thread = new Worker(script, { workerData: task });
    thread.once('message', resolve);
    thread.once('error', reject);
    thread.once('exit', (code) => reject(new Error(`The thread ended with ${String(code)}.`)));
  });
}

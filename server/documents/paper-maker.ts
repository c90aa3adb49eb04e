// Makes papers in threads, one after the other: a long one keeps nobody waiting but those who print, and ends with the
// request that asked for it.
import { existsSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { Worker } from 'node:worker_threads';
import { NotAcceptable } from '../store/refusals.ts';
import { madePaper, type PaperTask } from './paper-task.ts';

/** Papers that wait at most. */
const MOST_WAITING = 8;
const LONGEST_MS = 120_000;

const script = fileURLToPath(new URL('./paper-thread.js', import.meta.url));
let last: Promise<unknown> = Promise.resolve();
let waiting = 0;

/**
 * Makes a paper; in this thread where the other has not been built.
 * @param signal  of the request: a paper that nobody waits for any more is not made
 * @throws NotAcceptable when too many papers wait already, or it takes more than two minutes
 */
export async function makePaper(task: PaperTask, signal: AbortSignal): Promise<Buffer> {
  if (waiting >= MOST_WAITING) throw new NotAcceptable('Other papers are being made. Try again in a minute.', []);
  waiting += 1;
  const run = last.then(async () => (signal.aborted ? new Uint8Array() : await inThread(task, signal)));
  last = run.catch(() => undefined);
  try {
    return Buffer.from(await run);
  } finally {
    waiting -= 1;
  }
}

async function inThread(task: PaperTask, signal: AbortSignal): Promise<Uint8Array> {
  if (!existsSync(script)) return await madePaper(task);
  const thread = new Worker(script, { workerData: task });
  const stop = () => void thread.terminate();
  const timer = setTimeout(stop, LONGEST_MS);
  signal.addEventListener('abort', stop, { once: true });
  try {
    return await new Promise<Uint8Array>((resolve, reject) => {
      thread.once('message', (bytes: Uint8Array) => resolve(bytes));
      thread.once('error', reject);
      thread.once('exit', () => reject(new NotAcceptable('This paper took too long. Choose fewer pieces.', [])));
    });
  } finally {
    clearTimeout(timer);
    signal.removeEventListener('abort', stop);
  }
}

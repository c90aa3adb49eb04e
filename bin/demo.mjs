// npm run demo: the sample workshop, fresh each time, in a file of its own.
import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { ensureBuilt, ensureInstalled, root, serve } from './setup.mjs';

ensureInstalled();
ensureBuilt();
const path = process.env.NOON_LEDGER ?? join(root, 'data/demo.sqlite');
await clearSample(path);
serve({ NOON_LEDGER: path, NOON_DEMO: '1' });

// Only a file that says of itself that it is the sample is taken away; the server refuses any other.
async function clearSample(file) {
  const { default: Database } = await import('better-sqlite3');
  let kind;
  try {
    const ledger = new Database(file, { fileMustExist: true, readonly: true });
    kind = ledger.prepare('select kind from ledger').get()?.kind;
    ledger.close();
  } catch {
    return;
  }
  if (kind === 'demo') for (const suffix of ['', '-wal', '-shm']) rmSync(file + suffix, { force: true });
}

// The server process: opens the ledger named in the environment, serves it on this machine, and closes it in order.
import { mkdirSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { openFinder } from '../solver/finder.ts';
import { AccessKeeper } from './access/access-keeper.ts';
import { createApp } from './app.ts';
import { serverClock } from './clock.ts';
import { loadDemo } from './demo/load.ts';
import { BackupKeeper } from './safekeeping/backup-keeper.ts';
import { lockLedger } from './safekeeping/ledger-lock.ts';
import { fileFaultOf, watchedFile } from './store/file-faults.ts';
import { openLedger } from './store/ledger.ts';
import { kindOfLedger, migrationsFolder } from './store/migrations-folder.ts';
import { openStores } from './store/stores.ts';

/** ms that running answers may take after the server is told to close. */
const CLOSE_WITHIN_MS = 1000;

const here = dirname(fileURLToPath(import.meta.url));
const kind = kindOfLedger();
const path = process.env['NOON_LEDGER'];
if (!path) {
  console.error('NOON_LEDGER must name the ledger file. Start with npm start or npm run demo, which do.');
  process.exit(2);
}

const { ledger, unlock } = opened(path, migrationsFolder());
const stores = openStores(ledger);
if (kind === 'demo' && stores.studio.list().length === 0) loadDemo(ledger, serverClock());

const backups = new BackupKeeper(ledger, path, serverClock);
// The sample workshop is made anew whenever it is wanted.
if (kind === 'own') backups.start();

const access = new AccessKeeper(path, stores.devices, stores.now);
const app = await createApp(stores, {
  access,
  backups,
  finder: openFinder(),
  checkFile: watchedFile(path),
  webDir: process.env['NOON_WEB'] ?? join(here, '../web'),
  logLevel: process.env['NOON_LOG'] === 'info' ? 'info' : 'warn',
});

/** Opens the ledger for this server alone; one that cannot be opened is named in one sentence. */
function opened(file: string, migrations: string) {
  try {
    mkdirSync(dirname(file), { recursive: true });
    const release = lockLedger(file);
    return { ledger: openLedger(file, migrations, kind), unlock: release };
  } catch (error) {
    const fault = fileFaultOf(error);
    console.error(fault ? `${file}: ${fault}` : error instanceof Error ? error.message : error);
    process.exit(2);
  }
}

async function close(): Promise<void> {
  // Running requests are answered, then the ledger is closed; nothing acknowledged is lost either way. A browser opens
  // idle connections ahead, and Node would wait a minute for each.
  const waited = setTimeout(() => app.server.closeAllConnections(), CLOSE_WITHIN_MS);
  await access.stop();
  await app.close();
  clearTimeout(waited);
  await backups.stop();
  ledger.close();
  unlock();
  process.exit(0);
}
for (const signal of ['SIGINT', 'SIGTERM'] as const) process.once(signal, () => void close());

const address = await listen(Number(process.env['PORT'] ?? 4410));
await access.start((request, reply) => app.routing(request, reply));
console.log(`Noon Ledger is open at ${address}`);
if (kind === 'own') console.log(`Your ledger is in ${path}`);

async function listen(port: number): Promise<string> {
  try {
    return await app.listen({ host: '127.0.0.1', port });
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code !== 'EADDRINUSE' || process.env['PORT']) throw error;
    return app.listen({ host: '127.0.0.1', port: 0 });
  }
}

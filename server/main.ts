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
import { lookInto } from './safekeeping/look-into.ts';
import { openSample } from './safekeeping/open-sample.ts';
import { restoreLedger } from './safekeeping/restore.ts';
import type { Look } from './safekeeping/serve-aside.ts';
import { emptyTrash } from './services/trash.ts';
import { fileFaultOf, watchedFile } from './store/file-faults.ts';
import { openLedger } from './store/ledger.ts';
import { kindOfLedger, migrationsFolder } from './store/migrations-folder.ts';
import { openStores } from './store/stores.ts';

/** ms that running answers may take after the server is told to close. */
const CLOSE_WITHIN_MS = 1000;
/** ms until a restart: the request that asked for it is answered first. */
const RESTART_AFTER_MS = 200;

const here = dirname(fileURLToPath(import.meta.url));
const webDir = process.env['NOON_WEB'] ?? join(here, '../web');
const logLevel = process.env['NOON_LOG'] === 'info' ? 'info' : 'warn';
const kind = kindOfLedger();
const path = ledgerPath();
const unlock = locked();
let look: Look | null = null;

/** A server over the open ledger. */
interface Running {
  readonly address: string;
  readonly close: () => Promise<void>;
}
let running = await start(Number(process.env['PORT'] ?? 4410), Boolean(process.env['PORT']));
console.log(`Noon Ledger is open at ${running.address}`);
if (kind === 'own') console.log(`Your ledger is in ${path}`);

for (const signal of ['SIGINT', 'SIGTERM'] as const)
  process.once(signal, () => {
    void (async () => {
      await look?.close();
      await running.close();
      unlock();
      process.exit(0);
    })();
  });

/** Opens the ledger and serves it. @param isFixed  whether no other port will do */
async function start(port: number, isFixed: boolean): Promise<Running> {
  const ledger = opened();
  const stores = openStores(ledger);
  emptyTrash(ledger, serverClock().getTime());
  if (kind === 'demo' && stores.studio.list().length === 0) loadDemo(ledger, serverClock());
  const keeper = new BackupKeeper(ledger, path, serverClock);
  // The sample workshop is made anew whenever it is wanted.
  if (kind === 'own') keeper.start();
  const access = new AccessKeeper(path, stores.devices, stores.now);
  const app = await createApp(stores, {
    access,
    backups: {
      keeper,
      lookInto: async (copy) => {
        await look?.close();
        look = await lookInto(copy, kind, (of, copyOf) => createApp(of, { webDir, copyOf, logLevel }));
        return look.address;
      },
      openSample: async (from) => {
        await look?.close();
        look = await openSample((of) => createApp(of, { webDir, sampleFrom: from, logLevel }));
        return look.address;
      },
      restore: (copy) => setTimeout(() => void restart(copy), RESTART_AFTER_MS),
    },
    finder: openFinder(),
    checkFile: watchedFile(path),
    webDir,
    apiDocs: process.env['NOON_API_DOCS'] === '1',
    logLevel,
  });
  const address = await listen(port);
  await access.start((request, reply) => app.routing(request, reply));
  return { address, close };

  async function close(): Promise<void> {
    // Running requests are answered, then the ledger is closed; nothing acknowledged is lost either way. A browser opens
    // idle connections ahead, and Node would wait a minute for each.
    const waited = setTimeout(() => app.server.closeAllConnections(), CLOSE_WITHIN_MS);
    await access.stop();
    await app.close();
    clearTimeout(waited);
    await keeper.stop();
    ledger.close();
  }

  async function listen(wanted: number): Promise<string> {
    try {
      return await app.listen({ host: '127.0.0.1', port: wanted });
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code !== 'EADDRINUSE' || isFixed) throw error;
      return app.listen({ host: '127.0.0.1', port: 0 });
    }
  }
}

/** Closes, puts a copy in the place of the ledger, and opens again at the same address. */
async function restart(copy: string): Promise<void> {
  const port = Number(new URL(running.address).port);
  await running.close();
  try {
    await restoreLedger(copy, path, serverClock().toISOString());
  } catch (error) {
    // The ledger is as it was.
    console.error(error instanceof Error ? error.message : error);
  }
  running = await start(port, true);
}

function ledgerPath(): string {
  const named = process.env['NOON_LEDGER'];
  if (named) return named;
  return stop('NOON_LEDGER must name the ledger file. Start with npm start or npm run demo, which do.');
}

/** One server a ledger. */
function locked(): () => void {
  try {
    mkdirSync(dirname(path), { recursive: true });
    return lockLedger(path);
  } catch (error) {
    return stop(wordsOf(error));
  }
}

/** A ledger that cannot be opened is named in one sentence. */
function opened() {
  try {
    return openLedger(path, migrationsFolder(), kind);
  } catch (error) {
    return stop(wordsOf(error));
  }
}

function wordsOf(error: unknown): string {
  const fault = fileFaultOf(error);
  return fault ? `${path}: ${fault}` : error instanceof Error ? error.message : String(error);
}

function stop(sentence: string): never {
  console.error(sentence);
  process.exit(2);
}

// Opens the sample workshop beside the ledger, to look around in. It is made anew each time and thrown away after.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { FastifyInstance } from 'fastify';
import { serverClock } from '../clock.ts';
import { loadDemo } from '../demo/load.ts';
import { openLedger } from '../store/ledger.ts';
import { migrationsFolder } from '../store/migrations-folder.ts';
import { openStores, type Stores } from '../store/stores.ts';
import { type Look, serveAside } from './serve-aside.ts';

/** @param serve  makes the server of the sample */
export async function openSample(serve: (stores: Stores) => Promise<FastifyInstance>): Promise<Look> {
  const dir = mkdtempSync(join(tmpdir(), 'noon-sample-'));
  const ledger = openLedger(join(dir, 'ledger.sqlite'), migrationsFolder(), 'demo');
  loadDemo(ledger, serverClock());
  return await serveAside(await serve(openStores(ledger)), () => {
    ledger.close();
    rmSync(dir, { recursive: true, force: true });
  });
}

// Opens a copy beside the ledger, only to look at. The copy itself is not touched: a second copy of it is opened.
import { copyFileSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { basename, join } from 'node:path';
import type { FastifyInstance } from 'fastify';
import { type LedgerKind, openLedger } from '../store/ledger.ts';
import { migrationsFolder } from '../store/migrations-folder.ts';
import { openStores, type Stores } from '../store/stores.ts';

/** A copy that is looked at. */
export interface Look {
  readonly address: string;
  readonly close: () => Promise<void>;
}

/** ms after which nobody looks any more. */
const CLOSE_AFTER_MS = 2 * 3_600_000;
const DAY = /\d{4}-\d{2}-\d{2}/;

/** @param serve  makes the server of the copy, which refuses every change */
export async function lookInto(
  copy: string,
  kind: LedgerKind,
  serve: (stores: Stores, copyOf: string) => Promise<FastifyInstance>,
): Promise<Look> {
  const dir = mkdtempSync(join(tmpdir(), 'noon-look-'));
  const path = join(dir, 'ledger.sqlite');
  copyFileSync(copy, path);
  const ledger = openLedger(path, migrationsFolder(), kind);
  const app = await serve(openStores(ledger), DAY.exec(basename(copy))?.[0] ?? '');
  const address = await app.listen({ host: '127.0.0.1', port: 0 });
  const timer = setTimeout(() => void close(), CLOSE_AFTER_MS).unref();
  let isClosed = false;
  const close = async () => {
    if (isClosed) return;
    isClosed = true;
    clearTimeout(timer);
    app.server.closeAllConnections();
    await app.close();
    ledger.close();
    rmSync(dir, { recursive: true, force: true });
  };
  return { address, close };
}

// Opens a copy beside the ledger, only to look at. The copy itself is not touched: a second copy of it is opened.
import { copyFileSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { basename, join } from 'node:path';
import type { FastifyInstance } from 'fastify';
import { type LedgerKind, openLedger } from '../store/ledger.ts';
import { migrationsFolder } from '../store/migrations-folder.ts';
import { openStores, type Stores } from '../store/stores.ts';
import { type Look, serveAside } from './serve-aside.ts';

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
  return await serveAside(app, () => {
    ledger.close();
    rmSync(dir, { recursive: true, force: true });
  });
}

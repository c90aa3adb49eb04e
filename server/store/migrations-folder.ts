// Where the migrations stand, beside the built server or in the source.
import { existsSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import type { LedgerKind } from './ledger.ts';

const here = dirname(fileURLToPath(import.meta.url));

/** @throws Error when they are missing */
export function migrationsFolder(): string {
  const found = [join(here, 'migrations'), join(here, '../migrations')].find((dir) => existsSync(dir));
  if (!found) throw new Error('The migrations are missing beside the server.');
  return found;
}

/** The kind of ledger that the environment asks for. */
export function kindOfLedger(): LedgerKind {
  return process.env['NOON_DEMO'] ? 'demo' : 'own';
}

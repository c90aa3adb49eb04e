// The sample workshop takes seconds to make: it is made once a run, and each test works on a copy.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { LedgerServer } from './ledger-server.ts';

/** Makes the ledger of the sample workshop before the first test. */
export default async function makeSampleLedger(): Promise<() => void> {
  const dir = mkdtempSync(join(tmpdir(), 'noon-sample-'));
  const ledger = join(dir, 'ledger.sqlite');
  process.env['NOON_E2E_SAMPLE'] = ledger;
  const server = new LedgerServer(ledger, 'demo');
  await server.start();
  // A server that closes in order leaves one whole file.
  await server.stop();
  return () => rmSync(dir, { recursive: true, force: true });
}

/** The file to copy. */
export function sampleLedger(): string {
  const ledger = process.env['NOON_E2E_SAMPLE'];
  if (!ledger) throw new Error('The sample ledger is made by the global setup of Playwright.');
  return ledger;
}

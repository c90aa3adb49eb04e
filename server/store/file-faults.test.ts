// Faults of the disk and the file: nothing is acknowledged that is not saved, and the words say what to do.
import { copyFileSync, mkdtempSync, renameSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { FastifyInstance } from 'fastify';
import { afterEach, beforeEach, expect, test } from 'vitest';
import { emptyPiece } from '../../core/piece/piece.ts';
import { createApp } from '../app.ts';
import { watchedFile } from './file-faults.ts';
import { type Ledger, openLedger } from './ledger.ts';
import { openStores } from './stores.ts';

let dir: string;
let path: string;
let ledger: Ledger;
let app: FastifyInstance;

const add = async (note = '') => {
  const payload = { ...emptyPiece, name: 'Buoy', note };
  const answer = await app.inject({ method: 'POST', url: '/api/pieces', headers: { host: '127.0.0.1' }, payload });
  return { status: answer.statusCode, detail: answer.json<{ detail?: string }>().detail ?? '' };
};

beforeEach(async () => {
  dir = mkdtempSync(join(tmpdir(), 'noon-faults-'));
  path = join(dir, 'ledger.sqlite');
  ledger = openLedger(path, 'server/migrations', 'own');
  app = await createApp(openStores(ledger), { logLevel: 'silent', checkFile: watchedFile(path) });
});
afterEach(async () => {
  await app.close();
  ledger.close();
  rmSync(dir, { recursive: true, force: true });
});

test('a full disk is named, and what was there stays', async () => {
  expect((await add()).status).toBe(201);
  const pages = ledger.pragma('page_count', { simple: true }) as number;
  ledger.pragma(`max_page_count = ${String(pages)}`);
  const full = await add('x'.repeat(4000));
  // A few small rows may still find room in pages that are not full.
  for (let tries = 0; full.status === 201 && tries < 50; tries += 1) Object.assign(full, await add('x'.repeat(4000)));
  expect(full).toMatchObject({ status: 503, detail: expect.stringContaining('disk is full') as string });
  ledger.pragma('max_page_count = 1000000');
  expect((await add()).status).toBe(201);
});

test('a ledger that became read-only is named', async () => {
  ledger.pragma('query_only = on');
  expect(await add()).toMatchObject({ status: 503, detail: expect.stringContaining('read-only') as string });
});

test.each<[string, () => void]>([
  ['deleted', () => rmSync(path)],
  ['moved', () => renameSync(path, `${path}.elsewhere`)],
  [
    'replaced by a copy',
    () => {
      copyFileSync(path, `${path}.copy`);
      renameSync(`${path}.copy`, path);
    },
  ],
])('a file that was %s under a running server is noticed before a change is acknowledged', async (_what, happens) => {
  expect((await add()).status).toBe(201);
  happens();
  expect(await add()).toMatchObject({
    status: 503,
    detail: expect.stringContaining('moved, replaced or deleted') as string,
  });
});

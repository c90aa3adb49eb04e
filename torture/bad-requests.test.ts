// A short form of the torture of bad requests, over a full workshop.
import type { FastifyInstance } from 'fastify';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { seeded } from '../core/measure/random.ts';
import { createApp } from '../server/app.ts';
import { loadDemo } from '../server/demo/load.ts';
import { type Ledger, openLedger } from '../server/store/ledger.ts';
import { openStores } from '../server/store/stores.ts';
import { sendBadRequests } from './bad-requests.ts';

const COUNT = Number(process.env['BAD_REQUESTS'] ?? 1500);
let ledger: Ledger;
let app: FastifyInstance;
let ids: string[];

beforeAll(async () => {
  ledger = openLedger(':memory:', 'server/migrations', 'own');
  loadDemo(ledger, new Date(2026, 2, 2, 12));
  const stores = openStores(ledger, () => '2026-03-02T12:00:00.000Z');
  app = await createApp(stores, { logLevel: 'silent', apiDocs: true });
  await app.ready();
  ids = [...stores.pieces.list(), ...stores.batches.list(), ...stores.fairs.list(), ...stores.quotes.list()].map(
    ({ id }) => id,
  );
}, 60_000);
afterAll(async () => {
  await app.close();
  ledger.close();
});

test('no bad request is a fault of the server, and none takes ten seconds', async () => {
  const { bad, byStatus } = await sendBadRequests(app, ids, COUNT, seeded(Number(process.env['SEED'] ?? 11)));
  expect(bad).toEqual([]);
  // Some get as far as a change, or the test would test nothing.
  expect([...byStatus.keys()]).toEqual(expect.arrayContaining([200, 400, 404]));
}, 600_000);

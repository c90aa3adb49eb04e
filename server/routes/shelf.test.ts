// Stock over HTTP: entries only, stock is their sum, and a batch returns what it held.
import type { FastifyInstance } from 'fastify';
import { afterEach, beforeEach, expect, test } from 'vitest';
import type { ShelfPage } from '../../contract/shelf.ts';
import type { Stocked } from '../../core/batch/buying/goods.ts';
import { pendant } from '../../core/price/fixtures/workshop.ts';
import { createApp } from '../app.ts';
import { type Ledger, openLedger } from '../store/ledger.ts';
import { openStores } from '../store/stores.ts';

let ledger: Ledger;
let app: FastifyInstance;
let batchId: string;

async function ask(method: 'GET' | 'POST', url: string, payload?: object) {
  const response = await app.inject({ method, url, headers: { host: '127.0.0.1' }, ...(payload && { payload }) });
  return {
    status: response.statusCode,
    body: response.json<ShelfPage & { id: string; version: number; detail: string }>(),
  };
}

/** Sends a change of stock. @returns the stock after it */
async function change(url: string, payload?: object) {
  const { status, body } = await ask('POST', url, payload);
  return { status, body: { ...(await ask('GET', '/api/shelf')).body, detail: body.detail } };
}

beforeEach(async () => {
  ledger = openLedger(':memory:', 'server/migrations', 'own');
  app = await createApp(openStores(ledger), { logLevel: 'silent' });
  await ask('POST', '/api/studio', { name: 'Test', country: 'GB', currency: 'GBP', units: 'mm', hourlyRate: '30' });
  await ask('POST', '/api/fixes', { on: '2026-03-02', currency: 'GBP', prices: { Ag: '1 / g' }, source: 'typed' });
  const { body: piece } = await ask('POST', '/api/pieces', pendant);
  await ask('POST', `/api/pieces/${piece.id}/revisions`, { version: piece.version });
  const lines = [{ id: 'l', pieceId: piece.id, pieceRevision: 1, quantities: { '': '4' } }];
  batchId = (await ask('POST', '/api/batches', { lines, due: '', customer: '', note: '' })).body.id;
});
afterEach(async () => {
  await app.close();
  ledger.close();
});

const wire = {
  alloy: 'silver-925',
  section: { form: 'round', diameter: '1 mm' },
  length: '1000 mm',
  count: '2',
  paid: '20',
};
const counts = (page: ShelfPage) => page.lots.map(({ size, count }) => ['lengthMm' in size && size.lengthMm, count]);

test('stock is received and counted, and every entry stays', async () => {
  const { body, status } = await change('/api/shelf', wire);
  expect(status).toBe(201);
  expect(counts(body)).toEqual([[1000, 2]]);
  const [lot] = body.lots;
  const counted = await change(`/api/shelf/${lot?.id ?? ''}/count`, {
    count: '5',
    why: 'three more in the drawer',
  });
  expect(counts(counted.body)).toEqual([[1000, 5]]);
  expect(counted.body.entries[0]).toMatchObject({ kind: 'counted', why: 'three more in the drawer' });
  expect(counted.body.entries[0]?.lines.find(({ place }) => place === 'stock')?.pieces).toBe(3);
  expect(() => ledger.prepare('update metal_line set mg = 9').run()).toThrow(/never change/);
  expect(() => ledger.prepare('delete from metal_entry').run()).toThrow(/never deleted/);
  expect((await change('/api/shelf', { ...wire, length: 'long' })).body.detail).toContain('can’t be saved yet');
  expect((await ask('POST', '/api/shelf/nowhere/count', { count: '1', why: '' })).status).toBe(404);
});

test('an accepted plan issues metal, adds offcuts, and is returned to the last gram', async () => {
  const { body } = await change('/api/shelf', wire);
  const [lot] = body.lots;
  const cut = { currency: 'GBP', stock: [{ lotId: lot?.id, blankGrams: 5, offcut: { lengthMm: 300 } }] };
  const issued = await change(`/api/batches/${batchId}/cut`, cut);
  expect(issued.status).toBe(201);
  expect(counts(issued.body)).toEqual([
    [1000, 1],
    [300, 1],
  ]);
  expect(issued.body.entries[0]?.lines.map(({ place }) => place).sort()).toEqual([
    'jar/clean/silver-925',
    'stock',
    'stock',
    `work/${batchId}`,
  ]);
  // Its entries name it, so it cannot be deleted.
  const removed = await app.inject({
    method: 'DELETE',
    url: `/api/batches/${batchId}`,
    headers: { host: '127.0.0.1' },
    payload: { version: 1 },
  });
  expect(removed.statusCode).toBe(400);
  expect(removed.body).toContain('Metal was issued');
  const back = await change(`/api/batches/${batchId}/give-back`);
  expect(counts(back.body)).toEqual([[1000, 2]]);
  expect(openStores(ledger).account.balances(`work/${batchId}`)).toEqual([]);
  expect(openStores(ledger).account.balances('jar/')).toEqual([]);
});

test('a plan with too little stock is refused whole', async () => {
  const { body } = await change('/api/shelf', wire);
  const line = { lotId: body.lots[0]?.id, blankGrams: 5, offcut: null };
  const refused = await change(`/api/batches/${batchId}/cut`, { currency: 'GBP', stock: [line, line, line] });
  expect(refused).toMatchObject({ status: 400, body: { detail: expect.stringContaining('fewer bars') as string } });
  expect(counts((await ask('GET', '/api/shelf')).body)).toEqual([[1000, 2]]);
  // If two devices try at once, the ledger itself keeps the count from going below zero.
  const take = `insert into metal_line select entry_id, 9, place, lot_id, alloy, -3, -mg, 0, 0, 0, 0, null
    from metal_line where place = 'stock'`;
  expect(() => ledger.prepare(take).run()).toThrow(/CHECK/);
});

test('a batch takes counted goods with its metal, and returns them with it', async () => {
  const [finding] = pendant.findings.filter(({ kind }) => kind !== 'sent-out');
  const name = finding?.name ?? '';
  const goods = { key: `finding ${name.toLowerCase()}`, name, unit: '' };
  const there = async () => {
    const { body } = await app.inject({ method: 'GET', url: '/api/goods', headers: { host: '127.0.0.1' } });
    return (JSON.parse(body) as Stocked[]).map((one) => [one.key, one.there, one.least]);
  };
  expect(await there()).toEqual([]);
  expect((await ask('POST', '/api/goods/count', { ...goods, there: 'many', least: '' })).status).toBe(400);
  await ask('POST', '/api/goods/count', { ...goods, there: '40', least: '10' });
  expect(await there()).toEqual([[goods.key, 40, 10]]);
  const { body } = await change('/api/shelf', wire);
  const cut = { currency: 'GBP', stock: [{ lotId: body.lots[0]?.id, blankGrams: 5, offcut: null }] };
  await ask('POST', `/api/batches/${batchId}/cut`, cut);
  const taken = 4 * Number(finding?.count);
  expect(await there()).toEqual([[goods.key, 40 - taken, 10]]);
  await ask('POST', `/api/batches/${batchId}/give-back`);
  expect(await there()).toEqual([[goods.key, 40, 10]]);
  expect(() => ledger.prepare('delete from goods_entry').run()).toThrow(/never deleted/);
});

// Finished pieces over HTTP: brought in with their cost, moved, sold, refunded, counted, imported once.
import type { FastifyInstance } from 'fastify';
import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import type { MadePage } from '../../contract/made.ts';
import { madeBalances, madeStatements } from '../../core/made/made-balance.ts';
import { type MadeEntry, wholeEntry } from '../../core/made/made-entry.ts';
import { seeded } from '../../core/measure/random.ts';
import { pendant } from '../../core/price/fixtures/workshop.ts';
import { createApp } from '../app.ts';
import { type Ledger, openLedger } from '../store/ledger.ts';
import { openStores, type Stores } from '../store/stores.ts';

const ON = '2026-03-02';
let ledger: Ledger;
let stores: Stores;
let app: FastifyInstance;
let pieceId: string;
let batchId: string;

const send = async (method: 'GET' | 'POST' | 'PUT', url: string, payload?: object) =>
  await app.inject({ method, url, headers: { host: '127.0.0.1' }, ...(payload && { payload }) });
async function post(url: string, payload: object = {}) {
  const response = await send('POST', url, payload);
  return {
    status: response.statusCode,
    body: response.json<MadeEntry[] & { id: string; version: number; detail: string }>(),
  };
}
const page = async () => {
  const answer = (await send('GET', '/api/made')).json<MadePage>();
  return { ...answer, entries: answer.entries.map(wholeEntry) };
};
const heldAt = async (place: string) =>
  madeBalances((await page()).entries)
    .filter((one) => one.place === place)
    .reduce((sum, { count }) => sum + count, 0);
const pick = (item: string, count: number, place = 'studio') => ({ item, place, grade: 'good', count });

beforeEach(async () => {
  ledger = openLedger(':memory:', 'server/migrations', 'own');
  stores = openStores(ledger, () => `${ON}T10:00:00.000Z`);
  app = await createApp(stores, { logLevel: 'silent' });
  await post('/api/studio', { name: 'Test', country: 'GB', currency: 'GBP', units: 'mm', hourlyRate: '30' });
  await post('/api/fixes', { on: ON, currency: 'GBP', prices: { Ag: '1 / g', Au: '60 / g' }, source: 'typed' });
  const { body: piece } = await post('/api/pieces', pendant);
  pieceId = piece.id;
  await post(`/api/pieces/${piece.id}/revisions`, { version: piece.version });
  const lines = [{ id: 'l', pieceId: piece.id, pieceRevision: 1, quantities: { '': '4' } }];
  batchId = (await post('/api/batches', { lines, due: '', customer: '', note: '' })).body.id;
  await send('PUT', '/api/made/outlets/cafe', { kind: 'shop', name: 'Ferry café', channel: 'left', commission: '', address: '', isClosed: false }); // prettier-ignore
});
afterEach(async () => {
  await app.close();
  ledger.close();
});

/** Puts the batch into a state. */
async function putIn(state: string) {
  const { version, body } = stores.batches.get(batchId);
  const saved = stores.batches.saveDraft(batchId, version, { ...body, state } as typeof body);
  return await post(`/api/batches/${batchId}/revisions`, { version: saved.version });
}

async function takeIn(good = '3', second = '1') {
  await putIn('finished');
  const { body } = await post(`/api/made/batches/${batchId}`, {
    on: ON,
    rows: [{ key: 'l ', good, second, sample: '' }],
  });
  return body[0]?.lines[0]?.item ?? '';
}

describe('a batch', () => {
  test('waits when it is finished, and comes in once with seconds apart and its cost', async () => {
    await putIn('finished');
    expect((await page()).waiting).toMatchObject([{ batchId, rows: [{ key: 'l ', good: 4 }] }]);
    const item = await takeIn();
    const { items, entries, waiting } = await page();
    expect(waiting).toEqual([]);
    expect(items).toMatchObject([{ id: item, number: 1, pieceId, revision: 1 }]);
    const came = entries[0]?.lines.filter(({ place }) => place === 'made') ?? [];
    expect(came.map(({ grade, count }) => [grade, count])).toEqual([['good', -3], ['second', -1]]); // prettier-ignore
    const cost = came.reduce((sum, { costMinor }) => sum + costMinor, 0);
    // Nothing was logged or weighed, so the cost is the estimate.
    expect(cost).toBe(came.reduce((sum, { estimateMinor }) => sum + estimateMinor, 0));
    expect(cost).toBeGreaterThan(0);
    expect((await post(`/api/made/batches/${batchId}`, { on: ON, rows: [] })).status).toBe(400);
  });

  test('that is closed brings its pieces in', async () => {
    await putIn('closed');
    expect(await heldAt('studio')).toBe(4);
  });

  test('that made fewer pieces than planned gives their cost to those that came out', async () => {
    await takeIn('2', '0');
    const line = (await page()).entries[0]?.lines[0];
    expect(line?.costMinor).toBeCloseTo(2 * (line?.estimateMinor ?? 0), -1);
  });
});

describe('sales', () => {
  test('a sale has the set price, its fees, and is refunded once', async () => {
    const item = await takeIn();
    const { body: sale } = await post('/api/made/sales', { on: ON, channel: 'table', buyer: 'A.', picks: [pick(item, 2)], prices: [''], why: '' }); // prettier-ignore
    const line = sale[0]?.lines.find(({ place }) => place === 'sold');
    expect(line?.paidMinor).toBeGreaterThan(0);
    expect(await heldAt('studio')).toBe(2);
    const refund = `/api/made/sales/${String(sale[0]?.id)}/refund`;
    expect((await post(refund, { on: ON, why: '' })).status).toBe(201);
    expect(await heldAt('studio')).toBe(4);
    expect((await post(refund, { on: ON, why: '' })).body.detail).toBe('This sale was refunded before.');
    const paid = (await page()).entries
      .flatMap(({ lines }) => lines)
      .reduce((sum, { paidMinor }) => sum + paidMinor, 0);
    expect(paid).toBe(0);
  });

  test('more than is there cannot be sold, and a day to come cannot be booked', async () => {
    const item = await takeIn();
    const sale = { on: ON, channel: '', buyer: '', picks: [pick(item, 4)], prices: ['10'], why: '' };
    expect((await post('/api/made/sales', sale)).body.detail).toBe('Fewer pieces are there than this entry takes.');
    expect((await post('/api/made/sales', { ...sale, on: '2026-04-02', picks: [pick(item, 1)] })).status).toBe(400);
  });

  test('a shop on consignment keeps its commission of what it sells', async () => {
    const item = await takeIn();
    await post('/api/made/moves', { on: ON, to: 'shop/cafe', picks: [pick(item, 2)], why: '' });
    const { body } = await post('/api/made/sales', { on: ON, channel: '', buyer: '', picks: [pick(item, 1, 'shop/cafe')], prices: ['50'], why: '' }); // prettier-ignore
    expect(body[0]?.lines[1]).toMatchObject({ paidMinor: 5000, commissionMinor: 2000, feeMinor: 0 });
    const note = await send('GET', `/api/made/outlets/cafe/statement.pdf?from=2026-03-01&until=2026-03-31`);
    expect(note.headers['content-type']).toContain('pdf');
    expect(note.rawPayload.length).toBeGreaterThan(2000);
  });

  test('a fair is ticked off: what did not come home was sold', async () => {
    const item = await takeIn('4', '0');
    const fair = (await post('/api/fairs', (await import('../../core/price/fair/fair.ts')).emptyFair)).body.id;
    const place = `fair/${fair}`;
    await post('/api/made/moves', { on: ON, to: place, picks: [pick(item, 4)], why: '' });
    const { body } = await post('/api/made/fair-sales', { on: ON, channel: 'table', place, home: [{ item, grade: 'good', home: '1', price: '20' }], customers: '2' }); // prettier-ignore
    expect(body.map(({ kind }) => kind)).toEqual(['sold', 'moved']);
    expect(body[0]).toMatchObject({ customers: 2 });
    expect(await heldAt('studio')).toBe(1);
    expect(await heldAt(place)).toBe(0);
  });

  test('sales of a file count once, and are undone together', async () => {
    const item = await takeIn();
    const row = (reference: string, count = 1) => ({ on: ON, reference, item, count, paidMinor: 2000 * count, feeMinor: 40 * count }); // prettier-ignore
    const file = { channel: 'table', place: 'studio', source: 'file', rows: [row('a'), row('b'), row('c', -1)] };
    const { body } = await post('/api/made/imports', file);
    expect(body.map(({ kind }) => kind)).toEqual(['sold', 'sold', 'refunded']);
    expect((await post('/api/made/imports', file)).body).toEqual([]);
    expect(await heldAt('studio')).toBe(3);
    await post('/api/made/imports/undo', { entries: body.map(({ id }) => id).reverse() });
    expect(await heldAt('studio')).toBe(4);
    expect((await post('/api/made/imports', file)).body).toHaveLength(3);
  });
});

describe('the metal of finished pieces', () => {
  test('leaves the metal account with them, goes into a jar when melted, and comes back when reversed', async () => {
    await post('/api/shelf', { alloy: 'silver-925', section: { form: 'grain' }, weighed: '60 g', isOpening: true });
    const lot = stores.account.bulk()[0]?.id ?? '';
    await post(`/api/batches/${batchId}/issue`, { on: ON, lot, amount: '40 g' });
    const issued = stores.account.balances(`work/${batchId}`)[0]?.mg ?? 0;
    expect(issued).toBe(40_000);
    await post(`/api/batches/${batchId}/return`, { on: ON, finished: '39.2 g', pieces: '4', other: '0', scrap: [], offcuts: [], why: 'test' }); // prettier-ignore
    const finished = () => stores.account.balances('finished').reduce((sum, { mg }) => sum + mg, 0);
    expect(finished()).toBe(39_200);
    const item = await takeIn('4', '0');
    const sale = await post('/api/made/sales', { on: ON, channel: '', buyer: '', picks: [pick(item, 1)], prices: ['50'], why: '' }); // prettier-ignore
    expect(finished()).toBe(29_400);
    await post('/api/made/leaves', { on: ON, how: 'melted', picks: [pick(item, 1)], why: 'bent' });
    expect(finished()).toBe(19_600);
    expect(stores.account.balances('jar/soldered/silver-925')[0]?.mg).toBe(9800);
    await post(`/api/made/entries/${String(sale.body[0]?.id)}/reverse`, { why: '' });
    expect(finished()).toBe(29_400);
    expect(await heldAt('studio')).toBe(3);
  });
});

describe('conservation', () => {
  test('balances of the ledger are those of a recount, and every piece is accounted for', async () => {
    const item = await takeIn('4', '0');
    await post('/api/made/opening', { on: ON, pieceId: '', size: '', name: 'Old comb', sizeName: '', count: '5', place: 'studio', grade: 'good', cost: '12' }); // prettier-ignore
    const other = (await page()).items.find(({ name }) => name === 'Old comb')?.id ?? '';
    const random = seeded(99);
    for (let step = 0; step < 60; step += 1) {
      const id = random() > 0.5 ? item : other;
      const place = random() > 0.5 ? 'studio' : 'shop/cafe';
      const picks = [pick(id, 1 + Math.floor(2 * random()), place)];
      const which = Math.floor(random() * 6);
      if (which === 0)
        await post('/api/made/sales', { on: ON, channel: '', buyer: '', picks, prices: ['10'], why: '' });
      else if (which === 1)
        await post('/api/made/moves', { on: ON, to: place === 'studio' ? 'shop/cafe' : 'studio', picks, why: '' }); // prettier-ignore
      else if (which === 2) await post('/api/made/leaves', { on: ON, how: 'given', picks, why: 'x' });
      else if (which === 3)
        await post('/api/made/counts', { on: ON, place, counts: [{ item: id, grade: 'good', count: Math.floor(4 * random()) }], why: 'x' }); // prettier-ignore
      else if (which === 4) await post('/api/made/grades', { on: ON, grade: 'second', picks, why: '' });
      else {
        const last = (await page()).entries.findLast(
          ({ kind, correctedBy }) => kind !== 'reversed' && correctedBy === null,
        );
        await post(`/api/made/entries/${String(last?.id ?? 0)}/reverse`, { why: '' });
      }
    }
    const { entries } = await page();
    const sorted = (list: readonly object[]) => list.map((one) => JSON.stringify(one)).sort();
    const inOrder = stores.made
      .balances()
      .map(({ place, item: own, grade, count }) => ({ place, item: own, grade, count }));
    expect(sorted(inOrder)).toEqual(sorted(madeBalances(entries)));
    for (const one of madeStatements(madeBalances(entries)))
      expect(one.made + one.opening + one.counted).toBe(one.held + one.sold + one.melted + one.given + one.lost);
  });
});

test('a single piece has a photo and a weight of its own, another has not', async () => {
  const single = stores.made.keepItem({ id: 'one', pieceId: '', size: '', revision: 0, name: 'Wreck brooch', sizeName: '', isSingle: true, mg: {} }); // prettier-ignore
  const many = stores.made.keepItem({ id: 'many', pieceId: '', size: '', revision: 0, name: 'Buoy pin', sizeName: '', isSingle: false, mg: {} }); // prettier-ignore
  const put = async (id: string, detail: object) =>
    (await send('PUT', `/api/made/items/${id}/detail`, detail)).statusCode;
  expect(await put(single.id, { photo: '', weight: '14.2 g' })).toBe(200);
  expect((await page()).items.find(({ id }) => id === 'one')).toMatchObject({ weight: '14.2 g', name: 'Wreck brooch' });
  expect(await put(single.id, { photo: '', weight: 'heavy' })).toBe(400);
  expect(await put(single.id, { photo: 'nowhere', weight: '' })).toBe(404);
  expect(await put(many.id, { photo: '', weight: '1 g' })).toBe(400);
  expect((await page()).items.find(({ id }) => id === 'one')?.weight).toBe('14.2 g');
});

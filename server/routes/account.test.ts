// The metal account over HTTP: from the door to the customer, each gram accounted for.
import type { FastifyInstance } from 'fastify';
import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import type { AccountPage, JarsPage, LotStory } from '../../contract/account.ts';
import type { ShelfPage } from '../../contract/shelf.ts';
import { heldAfter, statements } from '../../core/account/balance.ts';
import { type MetalEntry, sumOf } from '../../core/account/entry.ts';
import type { Order } from '../../core/batch/buying/order.ts';
import { pendant } from '../../core/price/fixtures/workshop.ts';
import { createApp } from '../app.ts';
import { type Ledger, openLedger } from '../store/ledger.ts';
import { openStores } from '../store/stores.ts';

const ON = '2026-03-02';
let ledger: Ledger;
let app: FastifyInstance;
let batchId: string;

const send = async (method: 'GET' | 'POST', url: string, payload?: object) =>
  await app.inject({ method, url, headers: { host: '127.0.0.1' }, ...(payload && { payload }) });
async function post(url: string, payload: object = {}) {
  const response = await send('POST', url, payload);
  const body = response.json<MetalEntry[] & { id: string; version: number; detail: string; isCancelled: boolean }>();
  return { status: response.statusCode, body };
}

beforeEach(async () => {
  ledger = openLedger(':memory:', 'server/migrations', 'own');
  app = await createApp(
    openStores(ledger, () => `${ON}T10:00:00.000Z`),
    { logLevel: 'silent' },
  );
  await post('/api/studio', { name: 'Test', country: 'GB', currency: 'GBP', units: 'mm', hourlyRate: '30' });
  await post('/api/fixes', { on: ON, currency: 'GBP', prices: { Ag: '1 / g', Au: '60 / g' }, source: 'typed' });
  const { body: piece } = await post('/api/pieces', pendant);
  await post(`/api/pieces/${piece.id}/revisions`, { version: piece.version });
  const lines = [{ id: 'l', pieceId: piece.id, pieceRevision: 1, quantities: { '': '4' } }];
  batchId = (await post('/api/batches', { lines, due: '', customer: '', note: '' })).body.id;
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
const grain = { alloy: 'silver-925', section: { form: 'grain' }, weighed: '100 g', paid: '90' };
const account = async (from = '2026-01-01', until = '2026-12-31') =>
  (await send('GET', `/api/account?from=${from}&until=${until}`)).json<AccountPage>();

describe('stock', () => {
  test('that was weighed counts as weighed; its price feeds what was paid for metal', async () => {
    await post('/api/shelf', { ...wire, weighed: '16.6 g', supplier: 'Harbour Metals', where: 'drawer 2' });
    const { lots } = (await send('GET', '/api/shelf')).json<ShelfPage>();
    expect(lots).toMatchObject([{ number: 1, grams: 8.3, supplier: 'Harbour Metals', where: 'drawer 2', count: 2 }]);
    expect((await send('GET', '/api/receipts')).json<object[]>()).toMatchObject([
      { alloy: 'silver-925', form: 'wire', grams: '16.6 g', paid: '20' },
    ]);
  });

  test('of a customer is apart: not owned, not cut for others, given back whole', async () => {
    await post('/api/shelf', { ...grain, weighed: '6.2 g', paid: '', owner: 'A. Tern' });
    const { bulk } = (await send('GET', '/api/shelf')).json<ShelfPage>();
    expect(bulk).toMatchObject([{ owner: 'A. Tern', mg: 6200 }]);
    expect((await account()).costs.every(({ first }) => first.mg === 0)).toBe(true);
    expect((await post(`/api/lots/${bulk[0]?.id ?? ''}/hand-back`, { on: ON, why: '' })).status).toBe(201);
    expect((await send('GET', '/api/shelf')).json<ShelfPage>().bulk).toEqual([]);
    await post('/api/shelf', grain);
    const own = (await send('GET', '/api/shelf')).json<ShelfPage>().bulk[0]?.id ?? '';
    expect((await post(`/api/lots/${own}/hand-back`, { on: ON, why: '' })).status).toBe(400);
  });

  test('an entry is corrected once by its counter-entry, and not when its metal is used', async () => {
    const { body } = await post('/api/shelf', grain);
    const id = body[0]?.id ?? 0;
    const [lot] = (await send('GET', '/api/shelf')).json<ShelfPage>().bulk;
    const scrap = await post(`/api/lots/${lot?.id ?? ''}/scrap`, { on: ON, amount: '1 g', kind: 'clean', why: '' });
    expect((await post(`/api/account/entries/${String(id)}/reverse`, { why: '' })).body.detail).toContain(
      'more than is in stock',
    );
    await post(`/api/account/entries/${String(scrap.body[0]?.id ?? 0)}/reverse`, { why: 'slipped' });
    expect((await post(`/api/account/entries/${String(id)}/reverse`, { why: '' })).status).toBe(201);
    expect((await post(`/api/account/entries/${String(id)}/reverse`, { why: '' })).body.detail).toContain(
      'corrected before',
    );
    expect(sumOf((await account()).flows)).toEqual({ mg: 0, fine: { Ag: 0, Au: 0, Pt: 0, Pd: 0 } });
    expect((await send('GET', '/api/shelf')).json<ShelfPage>().bulk).toEqual([]);
  });

  test('a count by weight takes the difference as an entry', async () => {
    await post('/api/shelf', grain);
    const [lot] = (await send('GET', '/api/shelf')).json<ShelfPage>().bulk;
    await post(`/api/shelf/${lot?.id ?? ''}/count`, { count: '99.4 g', why: 'year’s end' });
    const [row] = statements([], (await account()).flows);
    expect(row).toMatchObject({ start: 0, end: 99_400, outside: { supplier: 100_000, counted: -600 } });
  });
});

describe('a batch', () => {
  const back = { on: ON, pieces: '4', finished: '70 g', other: '0 g', offcuts: [], why: '' };

  test('issued − pieces − offcuts − scrap = lost, and the batch holds nothing afterwards', async () => {
    await post('/api/shelf', grain);
    const [lot] = (await send('GET', '/api/shelf')).json<ShelfPage>().bulk;
    expect((await post(`/api/batches/${batchId}/return`, { ...back, scrap: [] })).body.detail).toContain(
      'holds no metal',
    );
    await post(`/api/batches/${batchId}/issue`, { on: ON, lot: lot?.id, amount: '80 g' });
    const scrap = [
      { kind: 'soldered', alloy: 'silver-925', grams: '5.2 g' },
      { kind: 'filings', alloy: 'silver-925', grams: '0.8' },
    ];
    const offcuts = [{ ...grain, weighed: '2.5 g', paid: '' }];
    const { status, body } = await post(`/api/batches/${batchId}/return`, { ...back, scrap, offcuts });
    expect(status).toBe(201);
    const lines = new Map(body[0]?.lines.map(({ place, mg }) => [place, mg]));
    // 80 − 70 − 5.2 − 0.8 − 2.5 = 1.5 g.
    expect(lines.get('loss')).toBe(1500);
    expect(lines.get(`work/${batchId}`)).toBe(-80_000);
    const held = heldAfter([], (await account()).flows);
    expect(held.filter(({ place }) => place.startsWith('work'))).toEqual([]);
    expect(held.find(({ place }) => place === 'finished')).toMatchObject({ mg: 70_000, fine: { Ag: 64_750 } });
    // The offcut is a lot of its own, and knows where it came from.
    const story = (await send('GET', '/api/lots/2')).json<LotStory>();
    expect(story).toMatchObject({ mg: 2500, batches: [batchId] });
  });

  test('is not closed while it holds metal; its pieces leave the account when they leave', async () => {
    await post('/api/shelf', grain);
    const [lot] = (await send('GET', '/api/shelf')).json<ShelfPage>().bulk;
    await post(`/api/batches/${batchId}/issue`, { on: ON, lot: lot?.id, amount: '80 g' });
    const stores = openStores(ledger, () => `${ON}T10:00:00.000Z`);
    const { version, body } = stores.batches.get(batchId);
    const draft = stores.batches.saveDraft(batchId, version, { ...body, state: 'closed' });
    const close = async () => await post(`/api/batches/${batchId}/revisions`, { version: draft.version });
    expect((await close()).body.detail).toContain('still holds 80.0 g');
    await post(`/api/batches/${batchId}/return`, { ...back, finished: '79 g', scrap: [] });
    expect((await close()).status).toBe(200);
    const [item] = stores.made.items();
    const picks = [{ item: item?.id, place: 'studio', grade: 'good', count: 4 }];
    expect(
      (await post('/api/made/sales', { on: ON, channel: '', buyer: '', picks, prices: ['60'], why: '' })).status,
    ).toBe(201);
    const [row] = statements([], (await account()).flows);
    expect(row?.outside).toMatchObject({ sold: -79_000, loss: -1000 });
  });

  test('metal that was never issued is refused, at its field', async () => {
    await post('/api/shelf', grain);
    const [lot] = (await send('GET', '/api/shelf')).json<ShelfPage>().bulk;
    await post(`/api/batches/${batchId}/issue`, { on: ON, lot: lot?.id, amount: '80 g' });
    const scrap = [{ kind: 'clean', alloy: 'copper-c110', grams: '1' }];
    expect((await post(`/api/batches/${batchId}/return`, { ...back, scrap })).status).toBe(400);
    expect((await post(`/api/batches/${batchId}/issue`, { on: ON, lot: lot?.id, amount: '20.1 g' })).status).toBe(400);
  });
});

describe('jars and refining', () => {
  test('a jar is sent with what it should bring, settled, and leaves the account', async () => {
    await post('/api/jars', { on: ON, kind: 'soldered', alloy: 'silver-925', grams: '200 g', how: 'opening', why: '' });
    const { jars } = (await send('GET', '/api/jars')).json<JarsPage>();
    expect(jars).toMatchObject([{ place: 'jar/soldered/silver-925', mg: 200_000, fine: { Ag: 185_000 } }]);
    await post('/api/refining', {
      on: ON,
      refiner: 'Breakwater',
      places: ['jar/soldered/silver-925'],
      charge: '12',
      why: '',
    });
    const [away] = (await send('GET', '/api/jars')).json<JarsPage>().consignments;
    // 185 g fine × 1.00 a gram × 60 % for soldered scrap, the studio's starting share, with no refining loss: 111.00.
    expect(away?.expectedMinor).toBe(11_100);
    expect(
      (await post('/api/refining', { on: ON, refiner: 'B', places: ['jar/soldered/silver-925'], charge: '', why: '' }))
        .status,
    ).toBe(400);
    await post(`/api/refining/${away?.id ?? ''}/settle`, {
      on: ON,
      paid: '101.50',
      charge: '12',
      assay: {},
      isCredit: false,
      why: '',
    });
    expect((await send('GET', '/api/jars')).json<JarsPage>().consignments).toMatchObject([
      { settled: { settledMinor: 10_150, chargeMinor: 1200, isCredit: false } },
    ]);
    const [row] = statements([], (await account()).flows);
    expect(row).toMatchObject({ end: 0, outside: { opening: 200_000, settled: -200_000 } });
    expect(
      (
        await post(`/api/refining/${away?.id ?? ''}/settle`, {
          on: ON,
          paid: '1',
          charge: '',
          assay: {},
          isCredit: false,
          why: '',
        })
      ).status,
    ).toBe(404);
  });

  test('the mixed jar has no fine metal until it is assayed', async () => {
    await post('/api/jars', { on: ON, kind: 'mixed', alloy: 'silver-925', grams: '50 g', how: 'opening', why: '' });
    expect((await send('GET', '/api/jars')).json<JarsPage>().jars).toMatchObject([
      { kind: 'mixed', mg: 50_000, fine: { Ag: 0 } },
    ]);
  });
});

describe('conversions', () => {
  const ingot = { alloy: 'silver-925', section: { form: 'grain' }, weighed: '119.2 g' };
  const melt = (grams: string, output: object, how = 'melt', kind = 'ingot') => ({
    on: ON,
    how,
    inputs: [{ place: 'jar/clean/silver-925', lot: null, alloy: 'silver-925', grams }],
    output,
    kind,
    why: '',
  });

  test('clean scrap becomes an ingot, the ingot wire; each loss is booked and the trace is kept', async () => {
    await post('/api/jars', { on: ON, kind: 'clean', alloy: 'silver-925', grams: '120 g', how: 'opening', why: '' });
    expect((await post('/api/account/convert', melt('121 g', ingot))).status).toBe(400);
    expect((await post('/api/account/convert', melt('119 g', ingot))).body.detail).toContain('Weigh again');
    expect((await post('/api/account/convert', melt('120 g', ingot))).status).toBe(201);
    const [lot] = (await send('GET', '/api/shelf')).json<ShelfPage>().bulk;
    expect(lot).toMatchObject({ kind: 'ingot', mg: 119_200, fine: { Ag: 110_260 } });
    const drawn = { ...wire, paid: '', count: '1', length: '11 m', weighed: '118.8 g' };
    const inputs = [{ place: 'stock', lot: lot?.id, alloy: 'silver-925', grams: '119.2 g' }];
    expect(
      (await post('/api/account/convert', { on: ON, how: 'draw', inputs, output: drawn, kind: 'stock', why: '' }))
        .status,
    ).toBe(201);
    const [row] = statements([], (await account()).flows);
    expect(row).toMatchObject({ end: 118_800, outside: { loss: -1200 } });
    expect((await send('GET', '/api/lots/2')).json<LotStory>().from).toMatchObject([{ number: 1 }]);
    expect((await send('GET', '/api/lots/1')).json<LotStory>().into).toMatchObject([{ number: 2 }]);
  });

  test('scrap with solder in it is not melted', async () => {
    await post('/api/jars', { on: ON, kind: 'soldered', alloy: 'silver-925', grams: '120 g', how: 'opening', why: '' });
    const inputs = [{ place: 'jar/soldered/silver-925', lot: null, alloy: 'silver-925', grams: '10 g' }];
    const { body } = await post('/api/account/convert', { ...melt('10 g', ingot), inputs });
    expect(body.detail).toContain('Solder and filings go to the refiner');
  });
});

describe('orders', () => {
  const item = (more: object) => ({
    supplier: 'Harbour Metals', item: 'W10', name: 'sterling wire 1 mm', pack: 1, per: 'each', currency: 'GBP', leadDays: 3,
    breaks: [{ from: 1, priceMinor: 1000 }],
    stock: { alloy: 'silver-925', section: { form: 'round', diameterMm: 1 }, size: { lengthMm: 1000 } },
    ...more,
  }); // prettier-ignore
  const order = {
    supplier: 'Harbour Metals',
    on: ON,
    note: '',
    lines: [
      { id: 'a', item: item({}), packs: 3, paidMinor: 3000, goods: null },
      { id: 'b', item: item({ item: 'S1', name: 'Silver solder, easy', stock: null, pack: 5, per: 'g' }), packs: 1, paidMinor: 1000, goods: { key: 'solder silver solder, easy', unit: 'g' } },
    ],
  }; // prettier-ignore

  test('are received in parts, with weight, price and their share of the postage', async () => {
    const { body } = await post('/api/orders', order);
    const first = { on: ON, postage: '4', lines: [{ line: 'a', packs: '2', weighed: '16.8 g', paid: '' }, { line: 'b', packs: '1', weighed: '', paid: '' }] }; // prettier-ignore
    expect((await post(`/api/orders/${body.id}/receive`, first)).status).toBe(201);
    const { lots } = (await send('GET', '/api/shelf')).json<ShelfPage>();
    // 20.00 of wire and 10.00 of solder share 4.00: 2.67 go to the wire, 22.67 over two.
    expect(lots).toMatchObject([{ count: 2, grams: 8.4, paidMinor: 1134, supplier: 'Harbour Metals' }]);
    expect((await send('GET', '/api/goods')).json<object[]>()).toMatchObject([
      { key: 'solder silver solder, easy', there: 5 },
    ]);
    const tooMany = { on: ON, postage: '', lines: [{ line: 'a', packs: '2', weighed: '', paid: '' }] };
    expect((await post(`/api/orders/${body.id}/receive`, tooMany)).body.detail).toContain('Only 1 are open');
    const [entry] = (await send('GET', '/api/account/entries?from=2026-03-01')).json<MetalEntry[]>();
    expect(entry).toMatchObject({ kind: 'received', detail: { order: { id: body.id, line: 'a' } } });
    // What is corrected in the account has not come.
    await post(`/api/account/entries/${String(entry?.id ?? 0)}/reverse`, { why: '' });
    expect((await send('GET', '/api/orders')).json<Order[]>()[0]?.receipts).toMatchObject([{ line: 'b' }]);
  });

  test('what is open is cancelled', async () => {
    const { body } = await post('/api/orders', order);
    expect((await post(`/api/orders/${body.id}/cancel`)).body.isCancelled).toBe(true);
    const late = { on: ON, postage: '', lines: [{ line: 'a', packs: '1', weighed: '', paid: '' }] };
    expect((await post(`/api/orders/${body.id}/receive`, late)).status).toBe(400);
  });
});

test('a past day is drawn up again: cost and balance are those of that day', async () => {
  await post('/api/shelf', grain);
  const [lot] = (await send('GET', '/api/shelf')).json<ShelfPage>().bulk;
  await post(`/api/lots/${lot?.id ?? ''}/scrap`, { on: '2026-03-03', amount: '40 g', kind: 'clean', why: '' });
  const before = await account('2026-01-01', '2026-03-01');
  expect(before.flows).toEqual([]);
  const then = await account('2026-01-01', '2026-03-02');
  expect(then.costs).toMatchObject([{ alloy: 'silver-925', first: { mg: 100_000, costMinor: 9000 } }]);
  expect(heldAfter(then.before, then.flows)).toMatchObject([{ place: 'stock', mg: 100_000 }]);
  const later = await account('2026-03-03', '2026-12-31');
  expect(later.before.find(({ place }) => place === 'stock')?.mg).toBe(100_000);
  expect(heldAfter(later.before, later.flows).map(({ place, mg }) => [place, mg])).toEqual([
    ['stock', 60_000],
    ['jar/clean/silver-925', 40_000],
  ]);
});

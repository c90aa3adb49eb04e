// Requests with an id count once, whatever is sent again; entries that would poison every sum are refused.
import type { FastifyInstance } from 'fastify';
import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import { pendant } from '../../core/price/fixtures/workshop.ts';
import { createApp } from '../app.ts';
import { type Ledger, openLedger } from '../store/ledger.ts';
import { openStores } from '../store/stores.ts';

let ledger: Ledger;
let app: FastifyInstance;
const now = () => '2026-03-02T12:00:00.000Z';

interface Answer {
  readonly status: number;
  readonly replayed: boolean;
  readonly body: { readonly id: string; readonly version: number; readonly detail: string };
}

async function send(method: 'POST' | 'PUT', url: string, payload: object, id?: string): Promise<Answer> {
  const headers = { host: '127.0.0.1', ...(id && { 'idempotency-key': id }) };
  const response = await app.inject({ method, url, headers, payload });
  return {
    status: response.statusCode,
    replayed: response.headers['idempotency-replayed'] === 'true',
    body: response.json(),
  };
}
const get = async (url: string, headers: Record<string, string> = {}) => {
  const response = await app.inject({ method: 'GET', url, headers: { host: '127.0.0.1', ...headers } });
  return { status: response.statusCode, headers: response.headers, body: response.json<{ prices: object }[]>() };
};
const pieces = async () => (await get('/api/pieces')).body.length;

beforeEach(async () => {
  ledger = openLedger(':memory:', 'server/migrations', 'own');
  app = await createApp(
    openStores(ledger, () => '2026-03-02T12:00:00.000Z'),
    { logLevel: 'silent' },
  );
  const first = { name: 'Test', country: 'GB', currency: 'GBP', units: 'mm', hourlyRate: '30' };
  await send('POST', '/api/studio', first);
});
afterEach(async () => {
  await app.close();
  ledger.close();
});

describe('a request with an id', () => {
  test('counts once and gets the same answer again', async () => {
    const first = await send('POST', '/api/pieces', pendant, 'request-1');
    const again = await send('POST', '/api/pieces', pendant, 'request-1');
    expect(again).toMatchObject({ status: first.status, replayed: true, body: { id: first.body.id } });
    expect(await pieces()).toBe(1);
    await send('POST', '/api/pieces', pendant, 'request-2');
    expect(await pieces()).toBe(2);
  });

  test('counts once when it is sent many times at the same moment', async () => {
    const all = await Promise.all(Array.from({ length: 20 }, () => send('POST', '/api/pieces', pendant, 'request-1')));
    expect(new Set(all.map(({ body }) => body.id)).size).toBe(1);
    expect(await pieces()).toBe(1);
  });

  test('counts once over a restart', async () => {
    await send('POST', '/api/pieces', pendant, 'request-1');
    await app.close();
    app = await createApp(openStores(ledger, now), { logLevel: 'silent' });
    expect((await send('POST', '/api/pieces', pendant, 'request-1')).replayed).toBe(true);
    expect(await pieces()).toBe(1);
  });

  test('is no other request', async () => {
    await send('POST', '/api/pieces', pendant, 'request-1');
    const other = await send('POST', '/api/pieces', { ...pendant, name: 'Other' }, 'request-1');
    expect(other).toMatchObject({
      status: 400,
      body: { detail: expect.stringContaining('another request') as string },
    });
    expect(await pieces()).toBe(1);
  });

  test('that was refused can be sent again', async () => {
    const fix = { on: '2026-03-02', currency: 'GBP', prices: { Ag: '1 / stone' }, source: 'typed' };
    expect((await send('POST', '/api/fixes', fix, 'request-1')).status).toBe(400);
    expect((await send('POST', '/api/fixes', { ...fix, prices: { Ag: '1 / g' } }, 'request-1')).status).toBe(201);
  });

  test('of a file of pieces counts once', async () => {
    const file = { format: 'noon-ledger/piece', version: 2, piece: pendant };
    await send('POST', '/api/pieces/file', file, 'request-1');
    await send('POST', '/api/pieces/file', file, 'request-1');
    expect(await pieces()).toBe(1);
  });

  test.each(['short', 'with a space in it', 'x'.repeat(65)])('needs a plain id: %s', async (id) => {
    expect((await send('POST', '/api/pieces', pendant, id)).status).toBe(400);
  });
});

test('a draft says which tab wrote it, until it is accepted', async () => {
  const { body: piece } = await send('POST', '/api/pieces', pendant);
  const draft = { version: piece.version, body: pendant, writer: 'tab-a' };
  const saved = await send('PUT', `/api/pieces/${piece.id}/draft`, draft);
  expect(saved.body).toMatchObject({ writer: 'tab-a' });
  const stale = await send('PUT', `/api/pieces/${piece.id}/draft`, draft);
  expect(stale).toMatchObject({ status: 409, body: { current: { writer: 'tab-a' } } });
  const accepted = await send('POST', `/api/pieces/${piece.id}/revisions`, { version: saved.body.version });
  expect(accepted.body).toMatchObject({ writer: null });
});

describe('an entry that would be used silently', () => {
  const fix = { on: '2026-03-02', currency: 'GBP', prices: { Ag: '1 / g' }, source: 'typed' };
  const receipt = { on: '2026-03-02', alloy: 'silver-925', form: 'wire', grams: '20 g', paid: '30', currency: 'GBP', source: 'x' }; // prettier-ignore

  test.each([
    ['a price of a day to come', '/api/fixes', { ...fix, on: '2026-03-04' }],
    ['a price of the year 9999', '/api/fixes', { ...fix, on: '9999-12-31' }],
    ['a price in yen', '/api/fixes', { ...fix, currency: 'JPY' }],
    ['one price of many in yen', '/api/fixes/many', { fixes: [fix, { ...fix, currency: 'JPY' }] }],
    ['metal bought on a day to come', '/api/receipts', { ...receipt, on: '2027-01-01' }],
    ['metal paid in yen', '/api/receipts', { ...receipt, currency: 'JPY' }],
  ])('is refused: %s', async (_what, url, entry) => {
    const refused = await send('POST', url, entry);
    expect(refused.status).toBe(400);
    expect((await get('/api/fixes')).body).toEqual([]);
    expect((await get('/api/receipts')).body).toEqual([]);
  });

  test('is not used where an earlier ledger holds it', async () => {
    await send('POST', '/api/fixes', fix);
    const insert = ledger.prepare(
      `insert into fix_entry (fixed_on, recorded_at, currency, prices, source)
         values (?, '2026-03-01T00:00:00Z', ?, '{"Ag":"99 / g"}', 'x')`,
    );
    insert.run('9999-12-31', 'GBP');
    insert.run('2026-03-02', 'JPY');
    expect((await get('/api/fixes')).body.map(({ prices }) => prices)).toEqual([{ Ag: '1 / g' }]);
  });

  test('tomorrow has begun elsewhere', async () => {
    expect((await send('POST', '/api/fixes', { ...fix, on: '2026-03-03' })).status).toBe(201);
  });
});

describe('answers', () => {
  test('are kept in no cache, a missing picture least of all', async () => {
    expect((await get('/api/pieces')).headers['cache-control']).toBe('no-store');
    expect(await get('/api/photos/none')).toMatchObject({ status: 404, headers: { 'cache-control': 'no-store' } });
  });

  test.each(['cross-site', 'same-site'])('are not given to a page of another site: %s', async (site) => {
    expect((await get('/api/pieces', { 'sec-fetch-site': site })).status).toBe(403);
    expect((await get('/api/pieces', { 'sec-fetch-site': 'same-origin' })).status).toBe(200);
  });

  test('of the price source end with its series', async () => {
    const days = await get('/api/prices-offered?until=2099-12-31&days=400&currency=GBP');
    expect(days.body).toEqual([]);
    expect((await get('/api/prices-offered?until=9999-12-31&days=400&currency=GBP')).status).toBe(400);
  });
});

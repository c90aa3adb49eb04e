// Prices over HTTP: prices with their reasons, receipts, fairs, quotes, papers for shops.
import type { FastifyInstance, LightMyRequestResponse } from 'fastify';
import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import type { DocumentOf } from '../../contract/document.ts';
import type { PriceEntry } from '../../contract/prices.ts';
import type { Piece } from '../../core/piece/piece.ts';
import { emptyFair } from '../../core/price/fair/fair.ts';
import { pendant } from '../../core/price/fixtures/workshop.ts';
import { emptyQuote } from '../../core/price/quote/quote.ts';
import { createApp } from '../app.ts';
import { type Ledger, openLedger } from '../store/ledger.ts';
import { openStores } from '../store/stores.ts';

let ledger: Ledger;
let app: FastifyInstance;
let piece: DocumentOf<Piece>;

interface Answer<Body> {
  readonly status: number;
  readonly body: Body;
  readonly raw: LightMyRequestResponse;
}
// The answer has the shape of its route; the test names it.
type Ask = <Body = unknown>(
  method: 'GET' | 'POST' | 'PUT' | 'DELETE',
  url: string,
  payload?: object,
) => Promise<Answer<Body>>;

const ask = (async (method, url, payload) => {
  const response = await app.inject({ method, url, headers: { host: '127.0.0.1' }, ...(payload && { payload }) });
  const isJson = String(response.headers['content-type']).includes('json');
  return { status: response.statusCode, body: isJson ? response.json<unknown>() : response.body, raw: response };
}) as Ask;
const priceOf = async () => (await ask<DocumentOf<Piece>>('GET', `/api/pieces/${piece.id}`)).body.priced;
const history = async () => (await ask<PriceEntry[]>('GET', `/api/pieces/${piece.id}/prices`)).body;

beforeEach(async () => {
  ledger = openLedger(':memory:', 'server/migrations', 'own');
  app = await createApp(openStores(ledger), { logLevel: 'silent' });
  await ask('POST', '/api/studio', { name: 'Test', country: 'GB', currency: 'GBP', units: 'mm', hourlyRate: '30' });
  await ask('POST', '/api/fixes', { on: '2026-03-02', currency: 'GBP', prices: { Ag: '1 / g' }, source: 'typed' });
  const { body } = await ask<DocumentOf<Piece>>('POST', '/api/pieces', pendant);
  piece = (await ask<DocumentOf<Piece>>('POST', `/api/pieces/${body.id}/revisions`, { version: body.version })).body;
});
afterEach(async () => {
  await app.close();
  ledger.close();
});

describe('prices', () => {
  test('are set by the rule when a piece is accepted, with date and reason', async () => {
    expect(await history()).toMatchObject([{ how: 'accepted', why: 'version 1 saved', fixOn: '2026-03-02' }]);
    expect((await priceOf())?.wholesaleMinor).toBe((await history())[0]?.wholesaleMinor);
  });

  test('that are set by hand stay when the piece is accepted again, and rule prices follow', async () => {
    const dearer = { ...piece.body, batchSize: '1' };
    const again = async (version: number, body: Piece) => {
      const draft = await ask<DocumentOf<Piece>>('PUT', `/api/pieces/${piece.id}/draft`, { version, body });
      return (
        await ask<DocumentOf<Piece>>('POST', `/api/pieces/${piece.id}/revisions`, { version: draft.body.version })
      ).body;
    };
    const first = (await priceOf())?.wholesaleMinor ?? 0;
    const { version } = await again(piece.version, dearer);
    expect((await priceOf())?.wholesaleMinor).toBeGreaterThan(first);
    await set('set', 'asked for', 9900, 20_000);
    await again(version, { ...dearer, note: 'as before' });
    expect(await priceOf()).toMatchObject({ wholesaleMinor: 9900, retailMinor: 20_000, how: 'set' });
    expect((await history()).map(({ how }) => how)).toEqual(['set', 'accepted', 'accepted']);
  });

  const set = (how: string, why: string, wholesaleMinor: number, retailMinor: number) =>
    ask<{ errors?: { path: string }[]; detail: string }>('POST', '/api/prices', {
      how,
      why,
      prices: [{ pieceId: piece.id, wholesaleMinor, retailMinor }],
    });

  test('below cost need a reason', async () => {
    const refused = await set('set', ' ', 1, 500);
    expect(refused.status).toBe(400);
    expect(refused.body.errors?.[0]?.path).toBe('prices.0.wholesaleMinor');
    expect(refused.body.detail).toContain('below its cost');
    expect(await history()).toHaveLength(1);
    expect((await set('set', 'a gift to the lifeboat', 1, 500)).status).toBe(201);
    expect((await history())[0]).toMatchObject({ wholesaleMinor: 1, why: 'a gift to the lifeboat' });
  });

  test('of a size set by hand stay when the piece is priced again', async () => {
    const of = (sizes: object | undefined, wholesaleMinor: number, why = 'by size') =>
      ask('POST', '/api/prices', {
        how: 'set',
        why,
        prices: [{ pieceId: piece.id, wholesaleMinor, retailMinor: 20_000, ...(sizes && { sizes }) }],
      });
    const large = { large: { wholesaleMinor: 9900, retailMinor: 22_000 } };
    expect((await of(large, 9000)).status).toBe(201);
    expect((await of(undefined, 9100)).status).toBe(201);
    expect(await priceOf()).toMatchObject({ wholesaleMinor: 9100, sizes: large });
    await of({}, 9100);
    expect((await priceOf())?.sizes).toEqual({});
    expect((await of({ large: { wholesaleMinor: 1, retailMinor: 2 } }, 9000, '')).status).toBe(400);
  });

  test('are set together or not at all', async () => {
    const both = await ask('POST', '/api/prices', {
      how: 'group',
      why: '',
      prices: [
        { pieceId: piece.id, wholesaleMinor: 9000, retailMinor: 19_000 },
        { pieceId: 'nowhere', wholesaleMinor: 9000, retailMinor: 19_000 },
      ],
    });
    expect(both.status).toBe(404);
    expect(await history()).toHaveLength(1);
  });

  test('never change and are never deleted', () => {
    expect(() => ledger.prepare('update price_entry set wholesale_minor = 1').run()).toThrow(/never change/);
    expect(() => ledger.prepare('delete from price_entry').run()).toThrow(/never deleted/);
    expect(() => ledger.prepare('delete from metal_entry').run()).not.toThrow();
  });

  test('of an unknown piece get 404', async () => {
    expect((await ask('GET', '/api/pieces/nowhere/prices')).status).toBe(404);
  });
});

describe('receipts', () => {
  const receipt = {
    on: '2026-03-01',
    alloy: 'silver-925',
    form: 'sheet',
    grams: '100 g',
    paid: '95',
    currency: 'GBP',
    source: 'a dealer',
  };

  test('are listed latest first, and unreadable ones are refused in a sentence', async () => {
    await ask('POST', '/api/receipts', receipt);
    await ask('POST', '/api/receipts', { ...receipt, on: '2026-03-05', paid: '110' });
    const { body } = await ask<{ paid: string }[]>('GET', '/api/receipts');
    expect(body.map(({ paid }) => paid)).toEqual(['110', '95']);
    const refused = await ask<{ detail: string }>('POST', '/api/receipts', { ...receipt, grams: '' });
    expect(refused.status).toBe(400);
    expect(refused.body.detail).toContain('what it weighed');
    expect(() => ledger.prepare('delete from metal_entry').run()).toThrow(/never deleted/);
  });

  test('set the cost of metal in a studio that values it at what was paid', async () => {
    await ask('POST', '/api/receipts', { ...receipt, paid: '300' });
    const studio = (await ask<DocumentOf<object>>('GET', '/api/studio')).body;
    const draft = await ask<DocumentOf<object>>('PUT', '/api/studio/draft', {
      version: studio.version,
      body: { ...studio.body, metalBasis: 'last' },
    });
    await ask('POST', '/api/studio/revisions', { version: draft.body.version });
    const before = (await history())[0]?.costMinor ?? 0;
    await ask('POST', '/api/prices', {
      how: 'set',
      why: '',
      prices: [{ pieceId: piece.id, wholesaleMinor: 90_000, retailMinor: 190_000 }],
    });
    expect((await history())[0]?.costMinor).toBeGreaterThan(before);
  });
});

describe('metal prices', () => {
  test('of a file are stored together, or none of them', async () => {
    const fix = (on: string, silver: string) => ({ on, currency: 'GBP', prices: { Ag: silver }, source: 'a table' });
    const bad = await ask<{ detail: string }>('POST', '/api/fixes/many', {
      fixes: [fix('2026-03-03', '1.1 / g'), fix('2026-03-04', 'x')],
    });
    expect(bad.status).toBe(400);
    expect(bad.body.detail).toContain('2026-03-04');
    expect((await ask<unknown[]>('GET', '/api/fixes')).body).toHaveLength(1);
    await ask('POST', '/api/fixes/many', { fixes: [fix('2026-03-03', '1.1 / g'), fix('2026-03-04', '1.2 / g')] });
    expect((await ask<{ on: string }[]>('GET', '/api/fixes')).body.map(({ on }) => on)).toEqual([
      '2026-03-04',
      '2026-03-03',
      '2026-03-02',
    ]);
  });

  test('are offered by the price source, marked as made up', async () => {
    const { body, status } = await ask<{ source: string }[]>(
      'GET',
      '/api/prices-offered?until=2026-03-04&days=3&currency=GBP',
    );
    expect(status).toBe(200);
    expect(body).toHaveLength(3);
    expect(body[0]?.source).toContain('made-up');
    expect((await ask('GET', '/api/prices-offered?until=today&days=3&currency=GBP')).status).toBe(400);
  });
});

describe.each([
  ['fairs', { ...emptyFair, name: 'Regatta' }],
  ['quotes', { ...emptyQuote, customer: 'A name' }],
])('documents: %s', (path, body) => {
  test('are drafts, then revisions, and can be thrown away before', async () => {
    const added = await ask<DocumentOf<typeof body>>('POST', `/api/${path}`, body);
    expect(added.status).toBe(201);
    const at = `/api/${path}/${added.body.id}`;
    const saved = await ask<DocumentOf<typeof body>>('PUT', `${at}/draft`, {
      version: 1,
      body: { ...body, note: 'rain' },
    });
    expect(saved.body.version).toBe(2);
    expect((await ask('PUT', `${at}/draft`, { version: 1, body })).status).toBe(409);
    const accepted = await ask<DocumentOf<typeof body>>('POST', `${at}/revisions`, { version: 2 });
    expect(accepted.body).toMatchObject({ revision: 1, isDraft: false, body: { note: 'rain' } });
    expect((await ask<unknown[]>('GET', `/api/${path}`)).body).toHaveLength(1);
    const other = await ask<DocumentOf<typeof body>>('POST', `/api/${path}`, body);
    expect((await ask('DELETE', `/api/${path}/${other.body.id}`, { version: 1 })).status).toBe(204);
    expect((await ask('GET', `/api/${path}/nowhere`)).status).toBe(404);
  });

  test('are refused with a field that is not theirs', async () => {
    expect((await ask('POST', `/api/${path}`, { ...body, colour: 'red' })).status).toBe(400);
  });
});

describe('printed papers', () => {
  test('include the line sheet as a table with the prices of the price book', async () => {
    const { body, raw } = await ask<string>('GET', `/api/sheets/line-sheet.csv?ids=${piece.id}`);
    expect(raw.headers['content-disposition']).toContain('Line sheet - ');
    const [heads, row] = body.split('\r\n');
    expect(heads).toBe('code,name,collection,metals,size,sold_by,weight_g,wholesale,suggested_retail,currency');
    const wholesale = ((await priceOf())?.wholesaleMinor ?? 0) / 100;
    expect(row).toContain(`,${wholesale.toFixed(2)},`);
  });

  test.each([
    ['line-sheet.pdf', ''],
    ['labels.pdf', '&columns=3&rows=8&widthMm=70&heightMm=37&leftMm=0&topMm=0&gapXMm=0&gapYMm=0&code=bars&copies=30'],
    ['labels.pdf', '&columns=5&rows=13&widthMm=38&heightMm=21&leftMm=5&topMm=10&gapXMm=2&gapYMm=0&code=square&skip=3'],
  ])('%s is a PDF document', async (name, more) => {
    const { status, raw } = await ask('GET', `/api/sheets/${name}?ids=${piece.id}${more}`);
    expect(status).toBe(200);
    expect(raw.rawPayload.subarray(0, 5).toString()).toBe('%PDF-');
    // Thirty labels on sheets of twenty-four are two pages.
    const pages = raw.rawPayload.toString('latin1').match(/\/Type \/Page\b/g)?.length ?? 0;
    expect(pages).toBe(more.includes('copies=30') ? 2 : 1);
  });

  test('refuse an impossible layout and an unknown piece', async () => {
    expect((await ask('GET', `/api/sheets/labels.pdf?ids=${piece.id}&columns=0`)).status).toBe(400);
    expect((await ask('GET', '/api/sheets/line-sheet.csv?ids=nowhere')).status).toBe(404);
  });
});

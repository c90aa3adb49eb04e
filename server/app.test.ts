import type { FastifyInstance } from 'fastify';
import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import type { DocumentOf } from '../contract/document.ts';
import { problemDetailsSchema } from '../contract/problem.ts';
import { emptyPiece, type Piece, pieceSchema } from '../core/piece/piece.ts';
import { createApp } from './app.ts';
import { type Ledger, openLedger } from './store/ledger.ts';
import { openStores } from './store/stores.ts';

type Loose = Record<string, unknown>;

const firstRun = { name: 'Test', country: 'GB', currency: 'GBP', units: 'mm', hourlyRate: '30' };
const piece = pieceSchema.parse({
  ...emptyPiece,
  name: 'Buoy',
  parts: [
    {
      id: 'a',
      name: 'Disc',
      alloy: 'silver-925',
      section: { form: 'sheet', thickness: '1 mm' },
      blank: { rule: 'disc', diameter: '20 mm' },
      count: '1',
      trim: '',
    },
  ],
});

let ledger: Ledger;
let app: FastifyInstance;

beforeEach(async () => {
  ledger = openLedger(':memory:', 'server/migrations', 'own');
  app = await createApp(openStores(ledger), { logLevel: 'silent' });
});
afterEach(async () => {
  await app.close();
  ledger.close();
});

interface Answer<Body> {
  readonly status: number;
  readonly body: Body;
  readonly headers: Record<string, unknown>;
}
type Call = <Body = Loose>(
  method: 'GET' | 'POST' | 'PUT' | 'DELETE',
  url: string,
  body?: unknown,
  headers?: Record<string, string>,
) => Promise<Answer<Body>>;

const call = (async (method, url, body, headers = {}) => {
  const payload = typeof body === 'string' || body === undefined ? body : JSON.stringify(body);
  const type = payload === undefined ? {} : { 'content-type': 'application/json' };
  const response = await app.inject({
    method,
    url,
    ...(payload !== undefined && { payload }),
    headers: { host: '127.0.0.1', ...type, ...headers },
  });
  return {
    status: response.statusCode,
    body: response.body ? (JSON.parse(response.body) as unknown) : null,
    headers: response.headers,
  };
}) as Call;

const setUp = () => call('POST', '/api/studio', firstRun);
const addPiece = async () => (await call<DocumentOf<Piece>>('POST', '/api/pieces', piece)).body;

describe('the first run', () => {
  test('creates the studio once', async () => {
    expect((await call('GET', '/api/studio')).status).toBe(404);
    expect(await setUp()).toMatchObject({ status: 201, body: { revision: 1, isDraft: false } });
    expect((await call('GET', '/api/studio')).status).toBe(200);
    expect((await setUp()).body).toMatchObject({
      status: 400,
      detail: expect.stringContaining('set up already') as string,
    });
  });

  test('refuses a rate that cannot be read, in a sentence, and creates nothing', async () => {
    const answer = await call('POST', '/api/studio', { ...firstRun, hourlyRate: '3/0' });
    expect(answer).toMatchObject({
      status: 400,
      body: { errors: [{ path: 'hourlyRate', sentence: expect.stringContaining('divided by zero') as string }] },
    });
    expect((await call('GET', '/api/studio')).status).toBe(404);
  });
});

describe('a piece', () => {
  beforeEach(setUp);

  test('is a draft until it is accepted; then it is a revision with its prices', async () => {
    await call('POST', '/api/fixes', { on: '2026-03-02', currency: 'GBP', prices: { Ag: '1 / g' }, source: 'typed' });
    const added = await addPiece();
    expect(added).toMatchObject({ version: 1, revision: 0, isDraft: true, priced: null });
    const accepted = await call<DocumentOf<Piece>>('POST', `/api/pieces/${added.id}/revisions`, { version: 1 });
    expect(accepted.body).toMatchObject({ version: 2, revision: 1, isDraft: false });
    // 3.25469 g × 0.925, as in the worked example of core, without a fabrication charge: 3.01 × 2, up to 7; × 2.2 =
    // 15.40, up to 16.
    expect(accepted.body.priced).toEqual({
      currency: 'GBP',
      fixOn: '2026-03-02',
      costMinor: 301,
      wholesaleMinor: 700,
      retailMinor: 1600,
      how: 'accepted',
      sizes: {},
    });
  });

  test('keeps the accepted body beside a later draft, and can return to it', async () => {
    const { id } = await addPiece();
    await call('POST', `/api/pieces/${id}/revisions`, { version: 1 });
    const draft = await call<DocumentOf<Piece>>('PUT', `/api/pieces/${id}/draft`, {
      version: 2,
      body: { ...piece, name: 'Bell buoy' },
    });
    expect(draft.body).toMatchObject({
      version: 3,
      revision: 1,
      isDraft: true,
      body: { name: 'Bell buoy' },
      accepted: { name: 'Buoy' },
    });
    const back = await call('DELETE', `/api/pieces/${id}/draft`, { version: 3 });
    expect(back.body).toMatchObject({ version: 4, isDraft: false, body: { name: 'Buoy' }, accepted: null });
    expect((await call('GET', `/api/pieces/${id}/revisions/1`)).body).toMatchObject({ body: { name: 'Buoy' } });
  });

  test('has no draft after it is typed back to the accepted body', async () => {
    const { id } = await addPiece();
    await call('POST', `/api/pieces/${id}/revisions`, { version: 1 });
    await call('PUT', `/api/pieces/${id}/draft`, { version: 2, body: { ...piece, name: 'x' } });
    expect((await call('PUT', `/api/pieces/${id}/draft`, { version: 3, body: piece })).body).toMatchObject({
      isDraft: false,
    });
  });

  test('refuses a write on a stale version with 409 and the current document, and changes nothing', async () => {
    const { id } = await addPiece();
    await call('PUT', `/api/pieces/${id}/draft`, { version: 1, body: { ...piece, name: 'From the tablet' } });
    const stale = await call('PUT', `/api/pieces/${id}/draft`, {
      version: 1,
      body: { ...piece, name: 'From the laptop' },
    });
    expect(stale).toMatchObject({
      status: 409,
      body: { type: '/problems/changed-meanwhile', current: { version: 2, body: { name: 'From the tablet' } } },
    });
    expect((await call('GET', `/api/pieces/${id}`)).body).toMatchObject({ body: { name: 'From the tablet' } });
    for (const [method, path] of [
      ['POST', 'revisions'],
      ['DELETE', 'draft'],
    ] as const)
      expect((await call(method, `/api/pieces/${id}/${path}`, { version: 1 })).status).toBe(409);
    expect((await call('DELETE', `/api/pieces/${id}`, { version: 1 })).status).toBe(409);
  });

  test('may hold any text as a draft, and is accepted only when it can be computed', async () => {
    const { id } = await addPiece();
    const [part] = piece.parts;
    const typing = { ...piece, parts: [{ ...part, section: { form: 'sheet', thickness: '99 ga' } }] };
    expect((await call('PUT', `/api/pieces/${id}/draft`, { version: 1, body: typing })).status).toBe(200);
    const refused = await call('POST', `/api/pieces/${id}/revisions`, { version: 2 });
    expect(refused).toMatchObject({
      status: 400,
      body: {
        errors: [{ path: 'parts.0.section.thickness', sentence: expect.stringContaining('no 99 gauge') as string }],
      },
    });
    expect((await call('GET', `/api/pieces/${id}`)).body).toMatchObject({ version: 2, isDraft: true });
  });

  test('is not accepted without a name', async () => {
    const { body } = await call<DocumentOf<Piece>>('POST', '/api/pieces', emptyPiece);
    expect((await call('POST', `/api/pieces/${body.id}/revisions`, { version: 1 })).body).toMatchObject({
      errors: [{ path: 'name' }],
    });
  });

  test('can be deleted, as it is and after it was accepted', async () => {
    const { id } = await addPiece();
    expect((await call('DELETE', `/api/pieces/${id}`, { version: 1 })).status).toBe(204);
    expect((await call('GET', `/api/pieces/${id}`)).status).toBe(404);
    const kept = await addPiece();
    await call('POST', `/api/pieces/${kept.id}/revisions`, { version: 1 });
    expect((await call('DELETE', `/api/pieces/${kept.id}`, { version: 1 })).status).toBe(409);
    expect((await call('DELETE', `/api/pieces/${kept.id}`, { version: 2 })).status).toBe(204);
    expect((await call('GET', `/api/pieces/${kept.id}`)).status).toBe(404);
  });

  test('is unchanged after export and import', async () => {
    const { id } = await addPiece();
    const file = await call('GET', `/api/pieces/${id}/file`);
    expect(file.headers['content-disposition']).toBe('attachment; filename="buoy.json"');
    const back = await call<DocumentOf<Piece>[]>('POST', '/api/pieces/file', file.body);
    expect(back.status).toBe(201);
    expect(back.body.map(({ body }) => body)).toEqual([piece]);
  });

  test('is unchanged after export and import with others in one file', async () => {
    const [a, b] = [await addPiece(), await addPiece()];
    const file = await call('GET', `/api/pieces/file?ids=${a.id},${b.id}`);
    expect(file.body).toMatchObject({ format: 'noon-ledger/pieces', version: 3, pieces: [piece, piece] });
    const back = await call<DocumentOf<Piece>[]>('POST', '/api/pieces/file', file.body);
    expect(back.body.map(({ body }) => body)).toEqual([piece, piece]);
  });

  test('is left out of the export of all pieces while it is archived, and can be restored', async () => {
    const { id } = await addPiece();
    const away = await call<DocumentOf<Piece>>('POST', `/api/pieces/${id}/archive`, { version: 1, archived: true });
    expect(away.body.archivedAt).not.toBeNull();
    expect((await call('GET', '/api/pieces/file')).body).toMatchObject({ pieces: [] });
    expect((await call('POST', `/api/pieces/${id}/archive`, { version: 1, archived: false })).status).toBe(409);
    const back = await call<DocumentOf<Piece>>('POST', `/api/pieces/${id}/archive`, { version: 2, archived: false });
    expect(back.body).toMatchObject({ archivedAt: null, body: piece });
  });

  test('is not accepted while the bench check stops it, unless the maker overrides the finding', async () => {
    const closed = { ...piece, groups: [{ id: 'g', name: 'Bead', count: '1', closed: true, vents: '' }] };
    const { body } = await call<DocumentOf<Piece>>('POST', '/api/pieces', closed);
    const refused = await call('POST', `/api/pieces/${body.id}/revisions`, { version: 1 });
    expect(refused).toMatchObject({
      status: 400,
      body: {
        errors: [{ path: 'check.closed-form.g', sentence: expect.stringContaining('without a vent') as string }],
      },
    });
    const known = { ...closed, known: [{ rule: 'closed-form', about: 'g', reason: 'Cast, not soldered.' }] };
    await call('PUT', `/api/pieces/${body.id}/draft`, { version: 1, body: known });
    expect((await call('POST', `/api/pieces/${body.id}/revisions`, { version: 2 })).status).toBe(200);
  });
});

describe('a batch', () => {
  const batch = (pieceId: string) => ({
    lines: [{ id: 'l', pieceId, pieceRevision: 1, quantities: { '': '12' } }],
    due: '2026-03-20',
    customer: '',
    note: '',
  });
  const ofRevision9 = (id: string) => {
    const [line] = batch(id).lines;
    return { ...batch(id), lines: [{ ...line, pieceRevision: 9 }] };
  };
  let pieceId: string;

  beforeEach(async () => {
    await setUp();
    pieceId = (await addPiece()).id;
    await call('POST', `/api/pieces/${pieceId}/revisions`, { version: 1 });
  });

  test('is made from an existing revision, and is listed with it', async () => {
    const added = await call<DocumentOf<unknown>>('POST', '/api/batches', batch(pieceId));
    expect(added.status).toBe(201);
    expect((await call('POST', `/api/batches/${added.body.id}/revisions`, { version: 1 })).body).toMatchObject({
      revision: 1,
    });
    expect((await call('GET', '/api/batches')).body).toMatchObject([
      { batch: { id: added.body.id }, made: [{ piece: { name: 'Buoy' }, latestRevision: 1 }] },
    ]);
    expect((await call('POST', '/api/batches', ofRevision9(pieceId))).status).toBe(404);
    expect(
      (
        await call('PUT', `/api/batches/${added.body.id}/draft`, {
          version: 2,
          body: ofRevision9(pieceId),
        })
      ).status,
    ).toBe(404);
  });

  test('is not accepted without a quantity', async () => {
    const [line] = batch(pieceId).lines;
    const none = { ...batch(pieceId), lines: [{ ...line, quantities: { '': 'none' } }] };
    const { body } = await call<DocumentOf<unknown>>('POST', '/api/batches', none);
    expect((await call('POST', `/api/batches/${body.id}/revisions`, { version: 1 })).body).toMatchObject({
      status: 400,
      errors: [{ path: 'l.quantities.' }],
    });
  });

  test('keeps its revision when the piece changes', async () => {
    await call('POST', '/api/batches', batch(pieceId));
    await call('PUT', `/api/pieces/${pieceId}/draft`, { version: 2, body: { ...piece, name: 'Bell buoy' } });
    await call('POST', `/api/pieces/${pieceId}/revisions`, { version: 3 });
    expect((await call('GET', '/api/batches')).body).toMatchObject([
      { made: [{ piece: { name: 'Buoy' }, latestRevision: 2 }] },
    ]);
  });
});

describe('metal prices', () => {
  const fix = { on: '2026-03-02', currency: 'GBP', prices: { Ag: '25.50 / ozt' }, source: 'typed' };

  test('are listed with the latest day first, and within a day the last entry first', async () => {
    await setUp();
    for (const [on, price] of [
      ['2026-03-02', '1'],
      ['2026-03-04', '2'],
      ['2026-03-03', '3'],
      ['2026-03-04', '4'],
    ] as const) {
      await call('POST', '/api/fixes', { ...fix, on, prices: { Ag: price } });
    }
    const { body } = await call<{ prices: { Ag: string } }[]>('GET', '/api/fixes');
    expect(body.map(({ prices }) => prices.Ag)).toEqual(['4', '2', '3', '1']);
  });

  test('are refused when a price cannot be read', async () => {
    expect((await call('POST', '/api/fixes', { ...fix, prices: { Ag: '25 / stone' } })).body).toMatchObject({
      status: 400,
      errors: [{ path: 'prices.Ag' }],
    });
  });
});

describe('settings', () => {
  test('are changed as a draft and accepted as a whole', async () => {
    await setUp();
    const { body: studio } = await call<DocumentOf<Record<string, unknown>>>('GET', '/api/studio');
    const draft = await call<DocumentOf<unknown>>('PUT', '/api/studio/draft', {
      version: studio.version,
      body: { ...studio.body, retailFactor: '0' },
    });
    expect(draft.status).toBe(200);
    expect((await call('POST', '/api/studio/revisions', { version: draft.body.version })).body).toMatchObject({
      errors: [{ path: 'retailFactor' }],
    });
    expect((await call('DELETE', '/api/studio/draft', { version: draft.body.version })).body).toMatchObject({
      isDraft: false,
      revision: 1,
    });
  });
});

describe('malformed requests get a sentence, never status 500', () => {
  test.each([
    ['POST', '/api/pieces', 'not json', 400, /not valid JSON/],
    ['POST', '/api/pieces', '', 400, /not valid JSON/],
    ['POST', '/api/pieces', '{"name": "x', 400, /(incomplete|character \d+)/],
    ['POST', '/api/pieces', { name: 'x' }, 400, /At note: This is missing/],
    ['POST', '/api/pieces', { ...piece, colour: 'red' }, 400, /"colour" has no place here/],
    ['POST', '/api/pieces', { ...piece, name: 7 }, 400, /should be text/],
    ['POST', '/api/pieces', { ...piece, parts: 'none' }, 400, /should be a list/],
    ['POST', '/api/pieces', [], 400, /not valid/],
    ['POST', '/api/pieces', { ...piece, note: 'x'.repeat(5000) }, 400, /4,000 characters/],
    ['POST', '/api/pieces', { ...piece, note: 'x'.repeat(1_100_000) }, 413, /too large/],
    ['POST', '/api/pieces/file', { shapes: [] }, 400, /not a Noon Ledger piece file/],
    ['POST', '/api/pieces/file', { format: 'noon-ledger/piece', version: 4, piece }, 400, /of a version/],
    [
      'POST',
      '/api/pieces/file',
      { format: 'noon-ledger/pieces', version: 3, pieces: [] },
      400,
      /no piece in this file/,
    ],
    [
      'POST',
      '/api/pieces/file',
      { format: 'noon-ledger/piece', version: 2, piece: { ...piece, parts: [{ ...piece.parts[0], count: 3 }] } },
      400,
      /At piece.parts.0.count: This should be text/,
    ],
    ['POST', '/api/pieces', '{"name": "x",\n "note": oops}', 400, /stops making sense near “.*oops/],
    [
      'POST',
      '/api/batches',
      { lines: [{ id: 'l', pieceId: 'x', pieceRevision: 0, quantities: {} }], due: '', customer: '', note: '' },
      400,
      /saved version/,
    ],
    ['POST', '/api/fixes', { on: '31/3/2026', currency: 'pound', prices: {}, source: '' }, 400, /date cannot be read/],
    ['POST', '/api/studio', { ...firstRun, currency: 'POUNDS' }, 400, /three capital letters/],
    ['GET', '/api/pieces/nowhere', undefined, 404, /not in the ledger/],
    ['GET', '/api/pieces/nowhere/revisions/two', undefined, 400, /revision/],
    ['GET', '/api/pieces/nowhere/revisions/2', undefined, 404, /Version 2/],
    ['PUT', '/api/pieces/nowhere/draft', { version: 1, body: piece }, 404, /not in the ledger/],
    ['GET', '/api/teapot', undefined, 404, /found at \/api\/teapot/],
  ] as const)('%s %s gets a sentence (%#)', async (method, url, body, status, detail) => {
    const answer = await call(method, url, body);
    expect(answer.status).toBe(status);
    expect(answer.headers['content-type']).toMatch(/^application\/problem\+json/);
    expect(problemDetailsSchema.parse(answer.body).detail).toMatch(detail);
  });

  test('text without the JSON content type is refused', async () => {
    expect((await call('POST', '/api/pieces', '{}', { 'content-type': 'text/plain' })).status).toBe(400);
  });

  test('a page elsewhere that points its own name at this machine gets no answer', async () => {
    expect((await call('GET', '/api/pieces', undefined, { host: 'rebound.example' })).status).toBe(403);
    // A form of another site, and a page that was told not to say where it is.
    const strangers: Record<string, string>[] = [
      { origin: 'https://elsewhere.example' },
      { origin: 'null' },
      { 'sec-fetch-site': 'cross-site' },
    ];
    for (const from of strangers) expect((await call('POST', '/api/pieces', {}, from)).status).toBe(403);
    const own = { origin: 'http://127.0.0.1', 'sec-fetch-site': 'same-origin' };
    expect((await call('POST', '/api/pieces', {}, own)).status).not.toBe(403);
  });
});

test('the API documentation is served in development only, and loads nothing from outside', async () => {
  expect((await app.inject({ method: 'GET', url: '/api/docs/json', headers: { host: '127.0.0.1' } })).statusCode).toBe(
    404,
  );
  const documented = await createApp(openStores(ledger), { logLevel: 'silent', apiDocs: true });
  const get = async (url: string) => await documented.inject({ method: 'GET', url, headers: { host: '127.0.0.1' } });
  const body = (await get('/api/docs/json')).json<{ openapi: string; paths: Record<string, unknown> }>();
  expect(body.openapi).toBe('3.1.0');
  expect(Object.keys(body.paths)).toEqual(
    expect.arrayContaining(['/api/pieces/{id}/draft', '/api/batches', '/api/fixes', '/api/studio']),
  );
  const page = await get('/api/docs/');
  expect(page.statusCode).toBe(200);
  expect(page.body).not.toMatch(/(?:src|href)="https?:/);
  await documented.close();
});

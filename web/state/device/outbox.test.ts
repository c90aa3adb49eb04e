// The outbox against a ledger that answers as told: every entry arrives once, in order, whatever the connection does.
import 'fake-indexeddb/auto';
import type { BaseQueryApi } from '@reduxjs/toolkit/query/react';
import { beforeAll, beforeEach, expect, test, vi } from 'vitest';
import type * as Store from './device-store.ts';
import type * as Outbox from './outbox.ts';
import type * as Send from './send.ts';

interface Sent {
  readonly id: string;
  readonly body: unknown;
}

/** What has arrived at the ledger, each id once, and what it does with the next requests. */
let arrived: Sent[] = [];
const kinds: string[] = [];
let next: ('answer' | 'silent' | 'lost' | 'fault' | 'refuse')[] = [];
const session = new Map<string, string>();

vi.stubGlobal('navigator', {});
vi.stubGlobal('sessionStorage', {
  getItem: (at: string) => session.get(at) ?? null,
  setItem: (at: string, text: string) => session.set(at, text),
});
const PlainRequest = Request;
vi.stubGlobal(
  'Request',
  class extends PlainRequest {
    constructor(path: string, init?: RequestInit) {
      super(new URL(path, 'http://ledger.test'), init);
    }
  },
);
vi.stubGlobal('fetch', async (request: Request) => {
  const how = next.shift() ?? 'answer';
  const id = request.headers.get('idempotency-key') ?? '';
  const body: unknown = await request.json();
  kinds.push(request.headers.get('content-type') ?? '');
  if (how === 'silent') throw new TypeError('fetch failed');
  const problem = (status: number) =>
    Response.json({ type: '', title: '', status, detail: `No: ${String(status)}` }, { status });
  if (how === 'fault') return problem(500);
  if (how === 'refuse') return problem(400);
  if (!arrived.some((one) => one.id === id)) arrived.push({ id, body });
  if (how === 'lost') throw new TypeError('the connection was cut');
  return Response.json({ ok: true }, { status: 201 });
});

const dispatched: unknown[] = [];
const api = (endpoint: string) =>
  ({ endpoint, type: 'mutation', signal: new AbortController().signal, dispatch: (action: unknown) => dispatched.push(action) }) as unknown as BaseQueryApi; // prettier-ignore
const bodies = () => arrived.map(({ body }) => body);

let app: typeof Outbox & typeof Send & typeof Store;
const delivered: string[] = [];
beforeAll(async () => {
  app = { ...(await import('./outbox.ts')), ...(await import('./send.ts')), ...(await import('./device-store.ts')) };
});
beforeEach(async () => {
  for (const { id } of await app.storedRequests()) await app.dropRequest(id);
  [arrived, next] = [[], []];
  delivered.length = 0;
  await app.startOutbox(api('').dispatch, (endpoint) => delivered.push(endpoint));
});

const entry = async (count: number) =>
  await app.send({ url: 'api/shelf', method: 'POST', body: { count } }, api('addLot'), { isEntry: true });

test('a picture waits with its query, and arrives as it is', async () => {
  const file = new Blob(['"picture"'], { type: 'image/jpeg' });
  next = ['silent'];
  const sent = { url: 'api/bench/photos', method: 'POST', params: { uid: 'p1', minute: 600 }, body: file };
  expect(await app.send(sent, api('addBenchPhoto'), { isEntry: true })).toMatchObject({ error: {} });
  expect(await app.storedRequests()).toMatchObject([{ url: 'api/bench/photos?uid=p1&minute=600' }]);
  await app.sendWaiting();
  expect(bodies()).toEqual(['picture']);
  expect(await app.storedRequests()).toEqual([]);
});

test('a file that waits arrives with its kind', async () => {
  next = ['silent'];
  const sent = { url: 'api/pieces/file', method: 'POST', body: '{"pieces":[]}', headers: { 'content-type': 'application/json' } }; // prettier-ignore
  await app.send(sent, api('addPieceFile'), { isEntry: true });
  await app.sendWaiting();
  expect(bodies()).toEqual([{ pieces: [] }]);
  expect(kinds.at(-1)).toBe('application/json');
});

test('an entry is sent at once and leaves nothing behind', async () => {
  expect(await entry(1)).toMatchObject({ data: { ok: true } });
  expect(bodies()).toEqual([{ count: 1 }]);
  expect(await app.storedRequests()).toEqual([]);
});

test.each(['silent', 'fault'] as const)(
  'an entry waits while the ledger is away (%s), and those after it wait behind',
  async (how) => {
    next = [how, how, how, how];
    expect(await entry(1)).toMatchObject({ error: { data: { detail: expect.stringContaining('waits') as string } } });
    await entry(2);
    await entry(3);
    expect(await app.storedRequests()).toHaveLength(3);
    next = [];
    app.sendNow();
    await vi.waitFor(async () => expect(await app.storedRequests()).toEqual([]));
    expect(bodies()).toEqual([{ count: 1 }, { count: 2 }, { count: 3 }]);
    expect(delivered).toEqual(['addLot', 'addLot', 'addLot']);
  },
);

test('an entry whose answer was lost counts once', async () => {
  next = ['lost'];
  await entry(1);
  app.sendNow();
  await vi.waitFor(async () => expect(await app.storedRequests()).toEqual([]));
  expect(bodies()).toEqual([{ count: 1 }]);
});

test('what an earlier page left is sent when the next one starts', async () => {
  await app.storeRequest({ id: 'left-behind', order: 1, endpoint: 'addLot', url: 'api/shelf', method: 'POST', body: { count: 9 }, refusal: '' }); // prettier-ignore
  await app.startOutbox(api('').dispatch, () => undefined);
  expect(arrived).toEqual([{ id: 'left-behind', body: { count: 9 } }]);
});

test('a refused entry that waited is kept with the reason, and does not hold up those behind it', async () => {
  next = ['silent', 'silent'];
  await entry(1);
  await entry(2);
  await vi.waitFor(() => expect(next).toEqual([]));
  next = ['refuse'];
  app.sendNow();
  await vi.waitFor(() => expect(bodies()).toEqual([{ count: 2 }]));
  await vi.waitFor(async () =>
    expect(await app.storedRequests()).toMatchObject([{ body: { count: 1 }, refusal: 'No: 400' }]),
  );
  const [refused] = await app.storedRequests();
  await app.discardRequest(refused?.id ?? '', api('').dispatch);
  expect(await app.storedRequests()).toEqual([]);
});

test('an entry that is refused at once is not kept', async () => {
  next = ['refuse'];
  expect(await entry(1)).toMatchObject({ error: { data: { detail: 'No: 400' } } });
  expect(await app.storedRequests()).toEqual([]);
});

test('a document whose answer was lost is made once, also when it is asked for again', async () => {
  vi.useFakeTimers({ toFake: ['setTimeout'] });
  const add = () => app.send({ url: 'api/pieces', method: 'POST', body: { name: 'Tie bar' } }, api('addPiece'), {});
  next = ['lost', 'lost', 'lost'];
  const first = add();
  await vi.advanceTimersByTimeAsync(5000);
  vi.useRealTimers();
  expect(await first).toMatchObject({ error: { data: { detail: expect.stringContaining('counts once') as string } } });
  expect(await add()).toMatchObject({ data: { ok: true } });
  expect(arrived).toHaveLength(1);
  // The next one is another piece.
  await add();
  expect(arrived).toHaveLength(2);
});

// Saving, against a ledger that answers as told: one write at a time, nothing typed is lost, whatever happens meanwhile.
import { beforeAll, beforeEach, expect, test, vi } from 'vitest';
import type { DocumentOf } from '../../contract/document.ts';
import { emptyPiece, type Piece } from '../../core/piece/piece.ts';
import type * as Drafts from './drafts.ts';
import type * as Saving from './saving.ts';
import type * as Store from './store.ts';

const key = { kind: 'piece', id: '1' } as const;
const named = (name: string): Piece => ({ ...emptyPiece, name });
const name = 'piece/1';
const stored = (text: string, version: number, more: Partial<DocumentOf<unknown>> = {}): DocumentOf<unknown> => ({
  id: '1',
  version,
  revision: 1,
  isDraft: true,
  body: named(text),
  accepted: named('accepted'),
  priced: null,
  updatedAt: '2026-03-02T12:00:00.000Z',
  archivedAt: null,
  ...more,
});

interface Sent {
  readonly method: string;
  readonly path: string;
  readonly body: { version: number; body?: Piece };
  readonly answer: (status: number, body: unknown) => void;
  readonly fail: () => void;
}

/** Calls that have come in and wait for the test to answer. */
let calls: Sent[] = [];
const kept = new Map<string, string>();

vi.stubGlobal('window', { addEventListener: () => undefined });
vi.stubGlobal('localStorage', {
  getItem: (at: string) => kept.get(at) ?? null,
  setItem: (at: string, text: string) => kept.set(at, text),
  removeItem: (at: string) => kept.delete(at),
});
// Outside a page there is no address that a path could be relative to.
const PlainRequest = Request;
vi.stubGlobal(
  'Request',
  class extends PlainRequest {
    constructor(path: string, init?: RequestInit) {
      super(new URL(path, 'http://ledger.test'), init);
    }
  },
);
vi.stubGlobal('fetch', async (input: Request | string, init?: RequestInit) => {
  const request = typeof input === 'string' ? new Request(input, init) : input;
  const body = (await request.json()) as Sent['body'];
  return await new Promise<Response>((resolve, reject) => {
    calls.push({
      method: request.method,
      path: new URL(request.url).pathname,
      body,
      answer: (status, answer) => resolve(Response.json(answer, { status })),
      fail: () => reject(new TypeError('fetch failed')),
    });
  });
});

let app: typeof Drafts & typeof Saving & typeof Store;
beforeAll(async () => {
  app = { ...(await import('./store.ts')), ...(await import('./saving.ts')), ...(await import('./drafts.ts')) };
});

const open = () => app.store.getState().drafts[name];
const type = (text: string) => app.store.dispatch(app.edited({ name, body: named(text), edit: 'text' }));
const save = () => app.store.dispatch(app.saveDraft(name));
async function nextCall(): Promise<Sent> {
  await vi.waitFor(() => expect(calls.length).toBeGreaterThan(0), { interval: 2 });
  const call = calls.shift();
  if (!call) throw new Error('No call came.');
  return call;
}

beforeEach(() => {
  calls = [];
  kept.clear();
  app.store.dispatch(app.closed({ name }));
  app.store.dispatch(app.opened({ key, stored: stored('a', 1) }));
});

test('a draft is sent with the version it is based on, and acknowledged', async () => {
  type('b');
  const saving = save();
  const call = await nextCall();
  expect(call).toMatchObject({ method: 'PUT', path: '/api/pieces/1/draft', body: { version: 1, body: named('b') } });
  call.answer(200, stored('b', 2));
  await saving;
  expect(open()).toMatchObject({ saving: 'saved', stored: { version: 2 } });
});

test('what is typed while a write is under way follows it, on the version that came back', async () => {
  type('b');
  const saving = save();
  const first = await nextCall();
  type('c');
  await save();
  expect(calls).toHaveLength(0);
  first.answer(200, stored('b', 2));
  const second = await nextCall();
  expect(second.body).toEqual({ version: 2, body: named('c') });
  second.answer(200, stored('c', 3));
  await saving;
  expect(open()).toMatchObject({ saving: 'saved', body: named('c') });
});

test('with nothing new typed nothing is sent', async () => {
  await save();
  expect(calls).toHaveLength(0);
});

test('a silent ledger is told of, and asked again later', async () => {
  type('b');
  const saving = save();
  (await nextCall()).fail();
  await saving;
  expect(open()).toMatchObject({ saving: 'unreachable', body: named('b') });
  const again = save();
  (await nextCall()).answer(200, stored('b', 2));
  await again;
  expect(open()?.saving).toBe('saved');
});

test('a stale write keeps both versions until one is chosen', async () => {
  type('mine');
  const saving = save();
  const problem = { type: '/problems/changed-meanwhile', title: '', status: 409, detail: 'Changed.' };
  (await nextCall()).answer(409, { ...problem, current: stored('theirs', 7) });
  await saving;
  expect(open()).toMatchObject({ body: named('mine'), conflict: { version: 7, body: named('theirs') } });
  await save();
  expect(calls).toHaveLength(0);
  app.store.dispatch(app.conflictSettled({ name, keep: 'mine' }));
  const again = save();
  const call = await nextCall();
  expect(call.body).toEqual({ version: 7, body: named('mine') });
  call.answer(200, stored('mine', 8));
  await again;
});

test('a stale write of the same words is no conflict: the page before this one sent them on its way out', async () => {
  type('b');
  const saving = save();
  const problem = { type: '/problems/changed-meanwhile', title: '', status: 409, detail: 'Changed.' };
  (await nextCall()).answer(409, { ...problem, current: stored('b', 2) });
  await saving;
  expect(open()).toMatchObject({ saving: 'saved', conflict: null, stored: { version: 2 } });
});

test('a refusal is shown in the ledger’s own words', async () => {
  type('b');
  const saving = save();
  (await nextCall()).answer(400, { type: '/problems/not-understood', title: '', status: 400, detail: 'Too long.' });
  await saving;
  expect(open()).toMatchObject({ saving: 'refused', refusal: 'Too long.', body: named('b') });
});

test('accepting sends what is typed first, and then accepts that', async () => {
  type('b');
  const accepting = app.store.dispatch(app.acceptDraft(name));
  (await nextCall()).answer(200, stored('b', 2));
  const call = await nextCall();
  expect(call).toMatchObject({ method: 'POST', path: '/api/pieces/1/revisions', body: { version: 2 } });
  call.answer(200, stored('b', 3, { revision: 2, isDraft: false, accepted: null }));
  expect(await accepting).toMatchObject({ revision: 2 });
  expect(open()).toMatchObject({ saving: 'saved', stored: { revision: 2 } });
});

test('what is not acknowledged is kept in the browser at every change, and forgotten once it is acknowledged', async () => {
  type('b');
  type('c');
  expect([...kept.keys()]).toEqual(['noon-unsaved/piece/1']);
  expect(JSON.parse(kept.get('noon-unsaved/piece/1') ?? '')).toEqual({ version: 1, body: named('c') });
  const saving = save();
  (await nextCall()).answer(200, stored('c', 2));
  await saving;
  expect(kept.size).toBe(0);
});

test('a page that goes sends what is not acknowledged once more', async () => {
  type('b');
  app.sendUnsaved(app.store.getState().drafts);
  expect((await nextCall()).body).toEqual({ version: 1, body: named('b') });
});

test('what a page could not send is taken up when the document is opened again', () => {
  type('b');
  app.store.dispatch(app.closed({ name }));
  app.store.dispatch(app.openDocument(key, stored('a', 1)));
  expect(open()).toMatchObject({ body: named('b'), saving: 'waiting' });
});

test('what was kept but has arrived after all is forgotten', () => {
  type('b');
  app.store.dispatch(app.closed({ name }));
  app.store.dispatch(app.openDocument(key, stored('b', 2)));
  expect(open()).toMatchObject({ saving: 'saved', stored: { version: 2 } });
  expect(kept.size).toBe(0);
});

test('what was kept while someone else wrote is sent on its old version, so that both are shown', () => {
  type('b');
  app.store.dispatch(app.closed({ name }));
  app.store.dispatch(app.openDocument(key, stored('theirs', 5)));
  expect(open()).toMatchObject({ body: named('b'), stored: { version: 1 } });
});

test.each(['not JSON', '{"version":0,"body":{}}', '{"version":1,"body":{"name":3}}', 'null'])(
  'what the browser kept but cannot be read is left out: %s',
  (text) => {
    app.store.dispatch(app.closed({ name }));
    kept.set('noon-unsaved/piece/1', text);
    app.store.dispatch(app.openDocument(key, stored('a', 1)));
    expect(open()).toMatchObject({ body: named('a'), saving: 'saved' });
  },
);

test('a draft that an earlier version kept is read with the names of today', () => {
  const step = { id: 's', name: 'Pickle', station: '', setUp: '', each: '', byItself: '9', meanwhile: false };
  app.store.dispatch(app.closed({ name }));
  kept.set('noon-unsaved/piece/1', JSON.stringify({ version: 1, body: { ...named('b'), steps: [step] } }));
  app.store.dispatch(app.openDocument(key, stored('a', 1)));
  expect(open()?.body).toMatchObject({ name: 'b', steps: [{ unattended: '9', overlaps: false }] });
});

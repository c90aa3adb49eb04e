// Saving, against a ledger that answers as told: one write at a time, nothing typed is lost, whatever happens meanwhile.
import 'fake-indexeddb/auto';
import { beforeAll, beforeEach, expect, test, vi } from 'vitest';
import type { DocumentOf } from '../../contract/document.ts';
import { emptyPiece, type Piece } from '../../core/piece/piece.ts';
import { dropStoredDraft, type StoredDraft, storedDrafts, storeDraft } from './device/device-store.ts';
import { tabId } from './device/tab.ts';
import type * as Drafts from './drafts.ts';
import type * as Finishing from './finish-draft.ts';
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
  writer: null,
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
const session = new Map<string, string>();

vi.stubGlobal('window', { addEventListener: () => undefined });
vi.stubGlobal('navigator', {});
vi.stubGlobal('sessionStorage', {
  getItem: (at: string) => session.get(at) ?? null,
  setItem: (at: string, text: string) => session.set(at, text),
});
vi.stubGlobal('localStorage', { getItem: () => null, setItem: () => undefined, removeItem: () => undefined });
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

let app: typeof Drafts & typeof Saving & typeof Finishing & typeof Store;
beforeAll(async () => {
  app = {
    ...(await import('./store.ts')),
    ...(await import('./saving.ts')),
    ...(await import('./finish-draft.ts')),
    ...(await import('./drafts.ts')),
  };
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

/** What this device stores of the document. */
const kept = async () => await storedDrafts(name);
const isKept = (count = 1) => vi.waitFor(async () => expect(await kept()).toHaveLength(count), { interval: 2 });
/** A draft as a tab stored it. */
const left = (body: unknown, version = 1, tab = tabId()): StoredDraft => ({ tab, name, version, body, at: 1 });

beforeEach(async () => {
  calls = [];
  app.store.dispatch(app.closed({ name }));
  for (const { tab } of await kept()) await dropStoredDraft(tab, name);
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

test('what is typed during a write is sent after it, on the version that it returned', async () => {
  type('b');
  const saving = save();
  const first = await nextCall();
  type('c');
  await save();
  expect(calls).toHaveLength(0);
  first.answer(200, stored('b', 2));
  const second = await nextCall();
  expect(second.body).toMatchObject({ version: 2, body: named('c') });
  second.answer(200, stored('c', 3));
  await saving;
  expect(open()).toMatchObject({ saving: 'saved', body: named('c') });
});

test('nothing is sent when nothing new was typed', async () => {
  await save();
  expect(calls).toHaveLength(0);
});

test('a silent server is reported, and tried again later', async () => {
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
  app.store.dispatch(app.conflictSettled({ name, body: named('mine') }));
  const again = save();
  const call = await nextCall();
  expect(call.body).toMatchObject({ version: 7, body: named('mine') });
  call.answer(200, stored('mine', 8));
  await again;
});

test('a stale write of the same body is no conflict, since the page before may have sent it', async () => {
  type('b');
  const saving = save();
  const problem = { type: '/problems/changed-meanwhile', title: '', status: 409, detail: 'Changed.' };
  (await nextCall()).answer(409, { ...problem, current: stored('b', 2) });
  await saving;
  expect(open()).toMatchObject({ saving: 'saved', conflict: null, stored: { version: 2 } });
});

test('a refusal is shown in the server’s words', async () => {
  type('b');
  const saving = save();
  (await nextCall()).answer(400, { type: '/problems/not-understood', title: '', status: 400, detail: 'Too long.' });
  await saving;
  expect(open()).toMatchObject({ saving: 'refused', refusal: 'Too long.', body: named('b') });
});

test('accepting sends what is typed first, and then accepts it', async () => {
  type('b');
  const accepting = app.store.dispatch(app.acceptDraft(name));
  (await nextCall()).answer(200, stored('b', 2));
  const call = await nextCall();
  expect(call).toMatchObject({ method: 'POST', path: '/api/pieces/1/revisions', body: { version: 2 } });
  call.answer(200, stored('b', 3, { revision: 2, isDraft: false, accepted: null }));
  expect(await accepting).toMatchObject({ revision: 2 });
  expect(open()).toMatchObject({ saving: 'saved', stored: { revision: 2 } });
});

test('a second press while the draft is accepted waits, and finds nothing left to accept', async () => {
  const first = app.store.dispatch(app.acceptDraft(name));
  const second = app.store.dispatch(app.acceptDraft(name));
  const call = await nextCall();
  expect(calls).toHaveLength(0);
  call.answer(200, stored('a', 2, { revision: 1, isDraft: false, accepted: null }));
  expect(await first).toMatchObject({ revision: 1 });
  expect(await second).toMatchObject({ revision: 1, version: 2 });
  expect(calls).toHaveLength(0);
});

test('a fault of the server is no refusal: the draft is sent again', async () => {
  type('b');
  const saving = save();
  (await nextCall()).answer(500, { type: 'about:blank', title: '', status: 500, detail: 'An error occurred.' });
  await saving;
  expect(open()).toMatchObject({ saving: 'unreachable', body: named('b') });
});

test('a newer version that this tab wrote is no conflict: what is typed stands on it', async () => {
  type('c');
  const saving = save();
  const problem = { type: '/problems/changed-meanwhile', title: '', status: 409, detail: 'Changed.' };
  (await nextCall()).answer(409, { ...problem, current: stored('b', 2, { writer: tabId() }) });
  await saving;
  expect(open()).toMatchObject({ conflict: null, body: named('c'), stored: { version: 2 } });
  const again = save();
  (await nextCall()).answer(200, stored('c', 3));
  await again;
  expect(open()).toMatchObject({ saving: 'saved', body: named('c') });
});

test('a draft is stored on this device at every change, and deleted once the ledger has it', async () => {
  type('b');
  type('c');
  await vi.waitFor(async () => expect(await kept()).toMatchObject([{ version: 1, body: named('c') }]));
  const saving = save();
  (await nextCall()).answer(200, stored('c', 2));
  await saving;
  await isKept(0);
});

test('a closing page sends its unacknowledged drafts', async () => {
  type('b');
  app.sendUnsaved(app.store.getState().drafts);
  expect((await nextCall()).body).toEqual({ version: 1, body: named('b'), writer: tabId() });
});

test('a draft that this tab could not send is restored when the document is opened again', async () => {
  type('b');
  await isKept();
  app.store.dispatch(app.closed({ name }));
  await app.store.dispatch(app.openDocument(key, stored('a', 1)));
  expect(open()).toMatchObject({ body: named('b'), saving: 'waiting' });
});

test('a draft of a closed tab is taken over', async () => {
  app.store.dispatch(app.closed({ name }));
  await storeDraft(left(named('z'), 1, 'closed-tab'));
  await app.store.dispatch(app.openDocument(key, stored('a', 1)));
  expect(open()).toMatchObject({ body: named('z'), saving: 'waiting' });
  expect(await kept()).toMatchObject([{ tab: tabId() }]);
});

test('a stored draft that had arrived is deleted', async () => {
  app.store.dispatch(app.closed({ name }));
  await storeDraft(left(named('b')));
  await app.store.dispatch(app.openDocument(key, stored('b', 2)));
  expect(open()).toMatchObject({ saving: 'saved', stored: { version: 2 } });
  await isKept(0);
});

test('a stored draft on an old version is sent on it, so that both versions are shown', async () => {
  app.store.dispatch(app.closed({ name }));
  await storeDraft(left(named('b')));
  await app.store.dispatch(app.openDocument(key, stored('theirs', 5)));
  expect(open()).toMatchObject({ body: named('b'), stored: { version: 1 } });
});

test('a stored draft that this tab wrote further stands on the version it wrote', async () => {
  app.store.dispatch(app.closed({ name }));
  await storeDraft(left(named('c')));
  await app.store.dispatch(app.openDocument(key, stored('b', 2, { writer: tabId() })));
  expect(open()).toMatchObject({ body: named('c'), stored: { version: 2 }, saving: 'waiting' });
});

test.each([{}, { name: 3 }, null, 'text'])('a stored draft that cannot be read is ignored: %j', async (body) => {
  app.store.dispatch(app.closed({ name }));
  await storeDraft(left(body));
  await app.store.dispatch(app.openDocument(key, stored('a', 1)));
  expect(open()).toMatchObject({ body: named('a'), saving: 'saved' });
});

test('a stored draft of an earlier version is read with the field names of today', async () => {
  const step = { id: 's', name: 'Pickle', station: '', setUp: '', each: '', byItself: '9', meanwhile: false };
  app.store.dispatch(app.closed({ name }));
  await storeDraft(left({ ...named('b'), steps: [step] }));
  await app.store.dispatch(app.openDocument(key, stored('a', 1)));
  expect(open()?.body).toMatchObject({ name: 'b', steps: [{ unattended: '9', overlaps: false }] });
});

test('a version that another device has saved is shown, and undo brings mine back', async () => {
  await app.store.dispatch(app.openDocument(key, stored('theirs', 4)));
  expect(open()).toMatchObject({ saving: 'saved', body: named('theirs'), stored: { version: 4 } });
  app.store.dispatch(app.undone({ name }));
  expect(open()?.body).toEqual(named('a'));
});

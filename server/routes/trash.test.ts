// Deleted documents: out of every list at once, back for 60 days, and named with what depends on them.
import { afterEach, beforeEach, expect, test } from 'vitest';
import type { BatchWithPieces } from '../../contract/batches.ts';
import type { Dependent, DocumentOf, Trashed } from '../../contract/document.ts';
import type { Piece } from '../../core/piece/piece.ts';
import type { Quote } from '../../core/price/quote/quote.ts';
import { createApp } from '../app.ts';
import { loadDemo } from '../demo/load.ts';
import { emptyTrash } from '../services/trash.ts';
import { type Ledger, openLedger } from '../store/ledger.ts';
import { openStores } from '../store/stores.ts';

let ledger: Ledger;
let app: Awaited<ReturnType<typeof createApp>>;
const today = new Date();

beforeEach(async () => {
  ledger = openLedger(':memory:', 'server/migrations', 'demo');
  loadDemo(ledger, today);
  app = await createApp(
    openStores(ledger, () => today.toISOString()),
    { logLevel: 'silent' },
  );
});
afterEach(async () => {
  await app.close();
  ledger.close();
});

async function send(method: 'GET' | 'POST' | 'DELETE', url: string, payload?: object) {
  return await app.inject({ method, url, headers: { host: 'localhost' }, ...(payload && { payload }) });
}
const get = async <Answer>(url: string): Promise<Answer> => (await send('GET', url)).json();
const pieceNamed = async (name: string) =>
  (await get<DocumentOf<Piece>[]>('/api/pieces')).find(({ body }) => body.name.startsWith(name));

test('a deleted piece leaves the lists, its batches stay, and it comes back from the trash', async () => {
  const piece = await pieceNamed('Tide hair fork');
  const id = piece?.id ?? '';
  const batches = await get<BatchWithPieces[]>('/api/batches');
  const dependents = await get<Dependent[]>(`/api/pieces/${id}/dependents`);
  expect(dependents.some(({ kind, name }) => kind === 'batch' && name.includes('Tide hair fork'))).toBe(true);
  expect((await send('DELETE', `/api/pieces/${id}`, { version: piece?.version })).statusCode).toBe(204);
  expect(await pieceNamed('Tide hair fork')).toBeUndefined();
  // A batch is made from a saved version, which stays.
  expect(await get<BatchWithPieces[]>('/api/batches')).toEqual(batches);
  expect(await get<Trashed[]>('/api/trash')).toMatchObject([{ kind: 'piece', id, name: 'Tide hair fork' }]);
  const again = await send('DELETE', `/api/pieces/${id}`, { version: (piece?.version ?? 0) + 1 });
  expect([again.statusCode, again.body]).toEqual([404, expect.stringContaining('in the trash')]);
  expect((await send('POST', '/api/trash/restore', { kind: 'piece', id })).statusCode).toBe(204);
  expect((await pieceNamed('Tide hair fork'))?.id).toBe(id);
  expect(await get<Trashed[]>('/api/trash')).toEqual([]);
  expect((await send('POST', '/api/trash/restore', { kind: 'piece', id })).statusCode).toBe(404);
});

test('a batch that was worked on is not deleted, and an open one is not archived', async () => {
  const batches = await get<BatchWithPieces[]>('/api/batches');
  const worked = batches.find(({ batch }) => batch.body.state === 'closed' || batch.body.state === 'finished')?.batch;
  const open = batches.find(({ batch }) => batch.body.state === 'planned')?.batch;
  const refused = await send('DELETE', `/api/batches/${worked?.id ?? ''}`, { version: worked?.version });
  expect([refused.statusCode, refused.body]).toEqual([400, expect.stringContaining('its entries stay')]);
  const archive = async (batch: typeof open, archived: boolean) =>
    await send('POST', `/api/batches/${batch?.id ?? ''}/archive`, { version: batch?.version, archived });
  expect((await archive(open, true)).statusCode).toBe(400);
  expect((await archive(worked, true)).json()).toMatchObject({ archivedAt: today.toISOString() });
});

test('after 60 days the trash is empty: drafts are gone, what was accepted stays in the ledger', async () => {
  const [quote] = await get<DocumentOf<Quote>[]>('/api/quotes');
  const draft = (await send('POST', '/api/quotes', { ...quote?.body, customer: 'Nobody', batches: [] })).json<DocumentOf<Quote>>(); // prettier-ignore
  const piece = await pieceNamed('Barometer brooch');
  await send('DELETE', `/api/quotes/${draft.id}`, { version: draft.version });
  await send('DELETE', `/api/pieces/${piece?.id ?? ''}`, { version: piece?.version });
  expect(await get<Trashed[]>('/api/trash')).toHaveLength(2);
  const days = (count: number) => today.getTime() + count * 86_400_000;
  expect(emptyTrash(ledger, days(59))).toBe(0);
  expect(emptyTrash(ledger, days(61))).toBe(1);
  expect(ledger.prepare('select count(*) as n from document_revision where document_id = ?').get(piece?.id)).toEqual({ n: piece?.revision }); // prettier-ignore
});

test('the trash empties whatever points at a draft', () => {
  const add = (kind: string, id: string) =>
    ledger.prepare(`insert into document (id, kind, version, revision, draft, created_at, updated_at, deleted_at) values (?, ?, 1, 0, '{}', 'x', 'x', '2020-01-01T00:00:00.000Z')`).run(id, kind); // prettier-ignore
  const pointing = ledger
    .prepare<[], { table: string; column: string }>(
      `select m.name as "table", f."from" as "column" from sqlite_master m join pragma_foreign_key_list(m.name) f
        where m.type = 'table' and f."table" = 'document' and m.name <> 'document_revision'`,
    )
    .all();
  expect(pointing.length).toBeGreaterThan(3);
  ledger.pragma('foreign_keys = on');
  // An entry of each kind is moved to a deleted draft; without a word about its table the deletion would fail.
  for (const { table, column } of pointing) {
    add('batch', table);
    const row = ledger.prepare<[], Record<string, unknown>>(`select * from ${table} where ${column} is not null limit 1`).get(); // prettier-ignore
    if (!row) continue;
    const copy: Record<string, unknown> = { ...row, id: null, [column]: table };
    if ('uid' in copy) copy['uid'] = 'of the trash';
    const names = Object.keys(copy);
    ledger.prepare(`insert into ${table} (${names.join()}) values (${names.map((name) => `:${name}`).join()})`).run(copy); // prettier-ignore
  }
  add('quote', 'free');
  expect(emptyTrash(ledger, today.getTime())).toBeGreaterThanOrEqual(1);
  expect(ledger.prepare('select 1 from document where id = ?').get('free')).toBeUndefined();
  expect(ledger.prepare('select 1 from document where id = ?').get('bench_entry')).toBeDefined();
});

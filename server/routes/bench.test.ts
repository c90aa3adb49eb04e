// What the bench log tells, from the sample workshop's season and from entries by hand.
import { afterAll, beforeAll, expect, test } from 'vitest';
import type { LearnedStepPage, PieceAtBench, WorkedPage } from '../../contract/bench.ts';
import type { DocumentOf } from '../../contract/document.ts';
import type { Piece } from '../../core/piece/piece.ts';
import { createApp } from '../app.ts';
import { loadDemo } from '../demo/load.ts';
import { type Ledger, openLedger } from '../store/ledger.ts';
import { openStores } from '../store/stores.ts';

let ledger: Ledger;
let app: Awaited<ReturnType<typeof createApp>>;
const today = new Date();

beforeAll(async () => {
  ledger = openLedger(':memory:', 'server/migrations', 'demo');
  loadDemo(ledger, today);
  app = await createApp(
    openStores(ledger, () => today.toISOString()),
    { logLevel: 'silent' },
  );
});
afterAll(async () => {
  await app.close();
  ledger.close();
});

async function get<Answer>(url: string): Promise<Answer> {
  const answer = await app.inject({ url, headers: { host: 'localhost' } });
  expect(answer.statusCode).toBe(200);
  return answer.json();
}

async function pieceNamed(name: string): Promise<DocumentOf<Piece>> {
  const found = (await get<DocumentOf<Piece>[]>('/api/pieces')).find(({ body }) => body.name === name);
  if (!found) throw new Error('It is in the sample.');
  return found;
}

test('a piece tells what was learned of its steps, and its last times, the latest first', async () => {
  const { id, body } = await pieceNamed('Mooring tie bar');
  const { learned, lastTimes } = await get<PieceAtBench>(`/api/bench/pieces/${id}`);
  expect(learned).toHaveLength(body.steps.length);
  for (const step of learned) {
    expect(step.batches + step.setApart.length).toBe(4);
    expect(step.likely[0]).toBeLessThan(step.factor);
    expect(step.likely[1]).toBeGreaterThan(step.factor);
    expect(step.spread).toBeGreaterThan(0);
  }
  expect(lastTimes.map(({ pieces }) => pieces)).toEqual([10, 18, 12, 6]);
  expect(lastTimes.every(({ isDone, actualEachMin, grams }) => isDone && actualEachMin > 0 && grams !== null)).toBe(
    true,
  );
  expect(lastTimes.every(({ earnedPerHourMinor }) => (earnedPerHourMinor ?? 0) > 0)).toBe(true);
});

test('a learned time that was taken into the piece is not learned a second time', async () => {
  const piece = await pieceNamed('Mooring tie bar');
  const before = (await get<PieceAtBench>(`/api/bench/pieces/${piece.id}`)).learned[0];
  if (!before) throw new Error('It was made.');
  const body = structuredClone(piece.body);
  const [first] = body.steps;
  if (!first) throw new Error('It has steps.');
  first.setUp = String(before.learnedSetUpMin);
  first.each = String(before.learnedEachMin);
  const saved = await app.inject({ method: 'PUT', url: `/api/pieces/${piece.id}/draft`, payload: { version: piece.version, body }, headers: { host: 'localhost' } }); // prettier-ignore
  const { version } = saved.json<{ version: number }>();
  const accepted = await app.inject({ method: 'POST', url: `/api/pieces/${piece.id}/revisions`, payload: { version }, headers: { host: 'localhost' } }); // prettier-ignore
  expect(accepted.statusCode).toBeLessThan(300);
  const after = (await get<PieceAtBench>(`/api/bench/pieces/${piece.id}`)).learned[0];
  expect(after?.factor).toBeGreaterThan(0.93);
  expect(after?.factor).toBeLessThan(1.07);
  expect(after?.learnedEachMin).toBeCloseTo(before.learnedEachMin, 0);
});

test('all learned steps, and hours by day, batch, kind and maker', async () => {
  const learned = await get<LearnedStepPage[]>('/api/bench/learned');
  expect(new Set(learned.map(({ piece }) => piece)).size).toBeGreaterThanOrEqual(5);
  // A lunch is forgotten in some batches: it is set apart, not learned.
  expect(learned.some(({ again }) => again !== null && again.hits > 0)).toBe(true);
  const hours = await get<WorkedPage[]>('/api/bench/hours?from=2000-01-01&to=2099-12-31');
  expect(new Set(hours.map(({ maker }) => maker))).toEqual(new Set(['isa', 'tam']));
  expect(hours.every(({ minutes }) => minutes > 0 && minutes < 600)).toBe(true);
});

test('an entry with a known uid counts once, and work outside the route is of a known kind', async () => {
  const batches = await get<{ batch: { id: string; body: { state: string } } }[]>('/api/batches');
  const batchId = batches.find(({ batch }) => batch.body.state === 'planned')?.batch.id ?? '';
  const on = today.toISOString().slice(0, 10);
  const entry = { uid: 'one', batchId, step: 'extra/file', how: 'worked', maker: 'tam', on, minute: 1, detail: { minutes: 12 } }; // prettier-ignore
  const post = async (entries: unknown[]) =>
    await app.inject({ method: 'POST', url: '/api/bench', payload: { entries }, headers: { host: 'localhost' } });
  expect((await post([entry])).statusCode).toBe(201);
  expect((await post([entry])).json<{ entries: { uid: string }[] }>().entries[0]?.uid).toBe('one');
  const own = await get<{ entries: { uid: string }[] }>(`/api/bench?batch=${batchId}`);
  expect(own.entries.filter(({ uid }) => uid === 'one')).toHaveLength(1);
  expect((await post([{ ...entry, uid: 'two', step: 'extra/juggle' }])).statusCode).toBe(400);
});

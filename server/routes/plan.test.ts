// The bench log and its plan over HTTP: entries stay, plans are kept, better plans arrive line by line, and the
// calendar is valid.
import type { FastifyInstance } from 'fastify';
import ICAL from 'ical.js';
import { afterEach, beforeEach, expect, test } from 'vitest';
import { type BenchPage, searchAskedSchema, type SearchTold } from '../../contract/plan.ts';
import { jobShops } from '../../core/plan/fixtures/job-shops.ts';
import type { KeptBlock } from '../../core/plan/studio/kept-plan.ts';
import { pendant } from '../../core/price/fixtures/workshop.ts';
import { createApp } from '../app.ts';
import { planCalendar } from '../documents/plan-calendar.ts';
import { type Ledger, openLedger } from '../store/ledger.ts';
import { openStores } from '../store/stores.ts';

let ledger: Ledger;
let app: FastifyInstance;
let batchId: string;

async function ask(method: 'GET' | 'POST' | 'DELETE', url: string, payload?: object) {
  const response = await app.inject({ method, url, headers: { host: '127.0.0.1' }, ...(payload && { payload }) });
  return {
    status: response.statusCode,
    text: response.body,
    body: () => response.json<BenchPage & { id: string; version: number; detail: string }>(),
  };
}

beforeEach(async () => {
  ledger = openLedger(':memory:', 'server/migrations', 'own');
  app = await createApp(openStores(ledger), { logLevel: 'silent' });
  await ask('POST', '/api/studio', { name: 'Test', country: 'GB', currency: 'GBP', units: 'mm', hourlyRate: '30' });
  const piece = (await ask('POST', '/api/pieces', pendant)).body();
  await ask('POST', `/api/pieces/${piece.id}/revisions`, { version: piece.version });
  const lines = [{ id: 'l', pieceId: piece.id, pieceRevision: 1, quantities: { '': '4' } }];
  batchId = (await ask('POST', '/api/batches', { lines, due: '', customer: '', note: '' })).body().id;
});
afterEach(async () => {
  await app.close();
  ledger.close();
});

test('a bench entry is stored once and stays, and a batch with entries cannot be deleted', async () => {
  const entry = { batchId, step: 'l/cut', how: 'started', maker: 'maker', on: '2026-03-02', minute: 545 };
  const { status, body } = await ask('POST', '/api/bench', {
    entries: [entry, { ...entry, how: 'done', minute: 600 }],
  });
  expect(status).toBe(201);
  expect(body().entries.map(({ how, minute }) => [how, minute])).toEqual([['started', 545], ['done', 600]]); // prettier-ignore
  expect(() => ledger.prepare('delete from bench_entry').run()).toThrow(/never deleted/);
  expect(() => ledger.prepare('update bench_entry set minute = 1').run()).toThrow(/never change/);
  expect((await ask('POST', '/api/bench', { entries: [{ ...entry, batchId: 'nowhere' }] })).status).toBe(404);
  expect((await ask('POST', '/api/bench', { entries: [{ ...entry, minute: 2000 }] })).status).toBe(400);
  const gone = await ask('DELETE', `/api/batches/${batchId}`, { version: 1 });
  expect(gone.body().detail).toContain('worked on');
});

// Two days in the spring of a clock change: 29 March 2026 in Europe, when two o'clock becomes three.
const block: KeptBlock = {
  batch: 'b', step: 'l/tumble', title: 'Brooch: tumble, 8; load, one', where: 'tumbler', maker: 'Ann',
  on: '2026-03-28', start: 1000, attendedEnd: 1440 + 560, end: 1440 + 680, attended: [[1000, 1020], [1440 + 540, 1440 + 560]],
}; // prettier-ignore

test('another parser reads the kept plan from its calendar, over a clock change too', async () => {
  expect((await ask('GET', '/api/plan/calendar.ics')).text).toContain('BEGIN:VCALENDAR');
  await ask('POST', '/api/plan', { blocks: [block, { ...block, step: 'l/engraved', maker: '', attended: [] }] });
  const { text } = await ask('GET', '/api/plan/calendar.ics');
  const calendar = new ICAL.Component(ICAL.parse(text) as unknown[]);
  const events = calendar.getAllSubcomponents('vevent').map((event) => new ICAL.Event(event));
  expect(events.map(({ uid }) => uid)).toEqual([
    'b-l/tumble-1@noon-ledger',
    'b-l/tumble-2@noon-ledger',
    'b-l/engraved-1@noon-ledger',
  ]);
  const [first, second, alone] = events;
  expect(first?.summary).toBe('Ann: Brooch: tumble, 8; load, one');
  // Floating: local wall-clock time in any zone.
  expect([first?.startDate.toString(), first?.endDate.toString()]).toEqual([
    '2026-03-28T16:40:00',
    '2026-03-28T17:00:00',
  ]);
  expect([second?.startDate.toString(), second?.endDate.toString()]).toEqual([
    '2026-03-29T09:00:00',
    '2026-03-29T09:20:00',
  ]);
  expect(second?.startDate.zone.tzid).toBe('floating');
  expect(alone?.endDate.toString()).toBe('2026-03-29T11:20:00');
  expect(second?.description).toContain('11:20');
  // The same plan gives the same calendar except for its timestamp: no event appears twice.
  const again = planCalendar({ blocks: [block], at: '' }, 'Test');
  expect(again.match(/UID:.*/g)).toEqual(text.match(/UID:.*/g)?.slice(0, 2));
});

test('better plans arrive line by line, the last with its bound', async () => {
  const asked = searchAskedSchema.parse({ problem: jobShops.ft06.problem, seconds: 30 });
  const { text } = await ask('POST', '/api/plan/search', asked);
  const lines = text.trim().split('\n').map((line) => JSON.parse(line) as SearchTold); // prettier-ignore
  expect(lines.at(-1)).toMatchObject({ isDone: true, objective: { makespan: 55 }, bound: { makespan: 55 } });
  const ends = lines.map(({ objective }) => objective.makespan);
  expect(ends).toEqual(ends.toSorted((a, b) => b - a));
});

test('a price list is imported, the last one of a supplier holds, and one in another currency is refused', async () => {
  const item = { supplier: 'Cove', item: 'P', name: 'pins', stock: null, pack: 10, per: 'each', breaks: [{ from: 1, priceMinor: 120 }], currency: 'GBP', leadDays: 3 }; // prettier-ignore
  expect((await ask('POST', '/api/price-lists', [item])).status).toBe(201);
  await ask('POST', '/api/price-lists', [{ ...item, supplier: 'Quay' }]);
  await ask('POST', '/api/price-lists', [{ ...item, leadDays: 9 }]);
  const { text } = await ask('GET', '/api/price-lists');
  expect((JSON.parse(text) as (typeof item)[]).map(({ supplier, leadDays }) => [supplier, leadDays])).toEqual([['Cove', 9], ['Quay', 3]]); // prettier-ignore
  expect((await ask('POST', '/api/price-lists', [{ ...item, currency: 'EUR' }])).body().detail).toContain('EUR');
  expect((await ask('GET', '/api/price-lists/made-up.csv')).text).toMatch(/^supplier,item,name/);
  expect(() => ledger.prepare('delete from price_list_entry').run()).toThrow(/never deleted/);
});

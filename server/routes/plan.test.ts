// The bench log and the plan over HTTP: entries stay, the plan is one document with versions, better plans are offered,
// and the calendar is valid.
import type { FastifyInstance } from 'fastify';
import ICAL from 'ical.js';
import { afterEach, beforeEach, expect, test } from 'vitest';
import { type BenchPage, type PlanPage, planRoutes, type PlanVersions } from '../../contract/plan.ts';
import { quickPlan } from '../../core/plan/solve/quick-plan.ts';
import type { PlanLine } from '../../core/plan/studio/plan-document.ts';
import { pendant } from '../../core/price/fixtures/workshop.ts';
import type { Finder } from '../../solver/finder.ts';
import type { FinderTask, FinderTold } from '../../solver/finder-child.ts';
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
const line: PlanLine = {
  batch: 'b', step: 'l/tumble', title: 'Brooch: tumble, 8; load, one', where: 'tumbler', maker: 'ann',
  on: '2026-03-28', start: 1000, attendedEnd: 1440 + 560, end: 1440 + 680, attended: [[1000, 1020], [1440 + 540, 1440 + 560]],
}; // prettier-ignore

test('another parser reads the plan from its calendar, over a clock change too', async () => {
  const served = ICAL.parse((await ask('GET', '/api/plan/calendar.ics')).text) as unknown[];
  expect(new ICAL.Component(served).getAllSubcomponents('vevent').length).toBeGreaterThan(0);
  const plan = { lines: [line, { ...line, step: 'l/engraved', maker: '', attended: [] }] };
  const text = planCalendar(plan, () => 'Ann', 'Test');
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
  expect(planCalendar(plan, () => 'Ann', 'Test').match(/UID:.*/g)).toEqual(text.match(/UID:.*/g));
});

const planAt = async (minute: number, day = '2026-03-02') => {
  const { status, text } = await ask('GET', `/api/plan?day=${day}&minute=${String(minute)}`);
  expect(status).toBe(200);
  return planRoutes.plan.answer?.parse(JSON.parse(text)) as PlanPage;
};

test('ten pages, later minutes and a restart show one version of the plan', async () => {
  const pages = await Promise.all(Array.from({ length: 10 }, (_, at) => planAt(540 + at)));
  for (const page of pages) expect(page).toEqual(pages[0]);
  expect(pages[0]?.plan).toMatchObject({ version: 1, because: ['first schedule'] });
  expect(pages[0]?.plan?.lines.length).toBeGreaterThan(0);
  expect(await planAt(700)).toEqual(pages[0]);
  expect(await planAt(540, '2026-03-04')).toEqual(pages[0]);
  const restarted = await createApp(openStores(ledger), { logLevel: 'silent' });
  const again = await restarted.inject({
    url: '/api/plan?day=2026-03-03&minute=600',
    headers: { host: '127.0.0.1' },
  });
  expect(again.json()).toEqual(JSON.parse(JSON.stringify(pages[0])));
  await restarted.close();
});

test('what the plan rests on makes a new version, with the reason and what moved', async () => {
  const first = await planAt(540);
  const [begun] = first.plan!.lines;
  await ask('POST', '/api/bench', {
    entries: [{ batchId, step: begun!.step, how: 'started', maker: begun!.maker, on: '2026-03-02', minute: 545 }],
  });
  const second = await planAt(550);
  expect(second.plan).toMatchObject({ version: 2, because: ['the bench log has new entries'] });
  // What the plan does not rest on makes none.
  await ask('POST', '/api/pieces', { body: { ...pendant, name: 'Another' } });
  expect((await planAt(551)).plan?.version).toBe(2);
  // Asked for, it is made again, and in the list of versions.
  const asked = await ask('POST', '/api/plan/replan', { day: '2026-03-02', minute: 560 });
  expect(asked.status).toBe(200);
  const versions = JSON.parse((await ask('GET', '/api/plan/versions')).text) as PlanVersions;
  expect(versions.map(({ version, because }) => [version, because[0]])).toEqual([
    [3, 'asked for'],
    [2, 'the bench log has new entries'],
    [1, 'first schedule'],
  ]);
});

test('a better plan is offered for the version it was found for, taken once, and refused when it is stale', async () => {
  let onTold: (told: FinderTold) => void = () => undefined;
  let task: Omit<FinderTask, 'id'> | null = null;
  const finder: Finder = {
    look: (asked, told) => ([task, onTold] = [asked, told]),
    close: () => undefined,
  };
  const own = await createApp(openStores(ledger), { logLevel: 'silent', finder });
  const get = async () => {
    const answer = await own.inject({ url: '/api/plan?day=2026-03-02&minute=540', headers: { host: '127.0.0.1' } });
    return answer.json<PlanPage>();
  };
  const take = async (version: number) =>
    await own.inject({
      method: 'POST',
      url: '/api/plan/take',
      headers: { host: '127.0.0.1' },
      payload: { day: '2026-03-02', minute: 540, version },
    });
  const { plan } = await get();
  expect((await get()).isFinding).toBe(true);
  expect((await take(1)).statusCode).toBe(409);
  const found = quickPlan(task!.problem)!;
  // The same steps, each two hours sooner on paper: the keeper only compares what it is told.
  const steps = found.steps.map((step) => ({ ...step, start: step.start + 120, attendedEnd: step.attendedEnd + 120, end: step.end + 120 })); // prettier-ignore
  const objective = { ...found.objective, completion: found.objective.completion - 1e6 };
  onTold({ id: 1, schedule: { objective, bound: found.objective, steps } });
  const offered = await get();
  expect(offered.isFinding).toBe(false);
  expect(offered.offer?.version).toBe(1);
  expect(offered.offer?.moved.length).toBeGreaterThan(0);
  expect(offered.plan).toEqual(plan);
  expect((await take(1)).json<PlanPage>().plan).toMatchObject({ version: 2, because: ['a better schedule was taken'] });
  expect((await take(1)).statusCode).toBe(409);
  await own.close();
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

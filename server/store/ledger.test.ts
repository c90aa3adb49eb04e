import { cpSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { afterEach, beforeEach, expect, test } from 'vitest';
import { benchSteps } from '../../core/bench/batch-steps.ts';
import { alloysWith } from '../../core/metal/alloy.ts';
import { emptyPiece } from '../../core/piece/piece.ts';
import { quickPlan } from '../../core/plan/solve/quick-plan.ts';
import { studioProblem } from '../../core/plan/studio/studio-problem.ts';
import { countPiece } from '../../core/price/piece/count-piece.ts';
import { priceStanding } from '../../core/price/piece/standing.ts';
import { readRates } from '../../core/studio/rates.ts';
import { loadDemo } from '../demo/load.ts';
import { batchesWithPieces } from '../services/made-lines.ts';
import { openLedger } from './ledger.ts';
import { openStores } from './stores.ts';

const migrations = 'server/migrations';
let dir: string;
let path: string;

beforeEach(() => {
  dir = mkdtempSync(join(tmpdir(), 'noon-'));
  path = join(dir, 'made/on/the/way/ledger.sqlite');
});
afterEach(() => rmSync(dir, { recursive: true, force: true }));

test('an acknowledged write is there when the ledger is opened again', () => {
  const first = openLedger(path, migrations, 'own');
  const { id } = openStores(first).pieces.add({ ...emptyPiece, name: 'Buoy' });
  first.close();
  const second = openLedger(path, migrations, 'own');
  expect(openStores(second).pieces.get(id).body.name).toBe('Buoy');
  second.close();
});

test('the sample workshop is never loaded over a maker’s own ledger, nor the reverse', () => {
  openLedger(path, migrations, 'own').close();
  expect(() => openLedger(path, migrations, 'demo')).toThrow(/maker’s own ledger/);
  const sample = join(dir, 'demo.sqlite');
  openLedger(sample, migrations, 'demo').close();
  expect(() => openLedger(sample, migrations, 'own')).toThrow(/sample studio/);
});

test('a ledger from a newer version is left unchanged', () => {
  openLedger(path, migrations, 'own').close();
  const newer = new Database(path);
  newer.pragma('user_version = 99');
  newer.close();
  expect(() => openLedger(path, migrations, 'own')).toThrow(/newer Noon Ledger/);
});

test('a migration that fails leaves nothing behind', () => {
  writeFileSync(join(dir, '001-good.sql'), 'create table ledger (kind text) strict;');
  writeFileSync(join(dir, '002-bad.sql'), 'create table other (id integer) strict; create table broken (;');
  expect(() => openLedger(path, dir, 'own')).toThrow(/syntax error/);
  const left = new Database(path, { readonly: true });
  expect(left.prepare('select count(*) as tables from sqlite_master').get()).toEqual({ tables: 0 });
  left.close();
});

test('entries and revisions cannot be changed or deleted', () => {
  const ledger = openLedger(path, migrations, 'demo');
  loadDemo(ledger, new Date(2026, 2, 2, 12));
  for (const sql of ['update fix_entry set source = ?', 'update document_revision set body = ?']) {
    expect(() => ledger.prepare(sql).run('{}')).toThrow(/never change/);
  }
  for (const table of ['fix_entry', 'document_revision'])
    expect(() => ledger.exec(`delete from ${table}`)).toThrow(/never deleted/);
  ledger.close();
});

test('the sample workshop can be computed in full, and has its troubles', () => {
  const ledger = openLedger(path, migrations, 'demo');
  loadDemo(ledger, new Date(2026, 2, 2, 12));
  const stores = openStores(ledger);
  const studio = stores.studio.get('studio');
  const rates = readRates(studio.body, studio.revision);
  const fix = stores.fixes.current('GBP');
  const pieces = stores.pieces.list();
  const batches = batchesWithPieces(stores);

  expect(rates.problems).toEqual([]);
  expect(fix?.on).toBe('2026-03-02');
  expect(pieces.length).toBeGreaterThanOrEqual(6);
  expect(batches.length).toBeGreaterThanOrEqual(3);
  for (const { body } of pieces) expect(countPiece(body, rates, fix).problems, body.name).toEqual([]);

  const overtaken = pieces.filter(
    ({ body, accepted, priced }) => priceStanding(priced, countPiece(accepted ?? body, rates, fix))?.holds === false,
  );
  expect(overtaken.length).toBeGreaterThan(0);
  expect(pieces.some(({ isDraft }) => isDraft)).toBe(true);
  const jobs = batches.map(({ batch, made }) => {
    const lines = batch.body.lines.flatMap((line, index) =>
      made.slice(index, index + 1).map(({ piece }) => ({ line, piece })),
    );
    return { id: batch.id, batch: batch.body, steps: benchSteps(lines, alloysWith([])) };
  });
  const terms = { bench: rates.bench, day: '2026-03-02', minute: 9 * 60, standings: new Map() };
  expect(quickPlan(studioProblem(jobs, terms))?.objective.tardiness).toBeGreaterThan(0);
  ledger.close();
});

test('a ledger from before prices were stored keeps the prices of its pieces', () => {
  const older = join(dir, 'older');
  cpSync(migrations, older, { recursive: true });
  for (const name of readdirSync(older)) if (name > '002-z') rmSync(join(older, name));
  const before = openLedger(path, older, 'own');
  const body = JSON.stringify({ ...emptyPiece, name: 'Buoy' });
  const priced = JSON.stringify({
    currency: 'GBP',
    fixOn: '2026-01-01',
    costMinor: 100,
    wholesaleMinor: 200,
    retailMinor: 440,
  });
  before.prepare(`insert into document values ('p', 'piece', 3, 1, null, '2026-01-02', '2026-01-02', null)`).run();
  before.prepare(`insert into document_revision values ('p', 1, ?, ?, '2026-01-02T10:00:00Z')`).run(body, priced);
  before.close();
  const after = openLedger(path, migrations, 'own');
  const stores = openStores(after);
  expect(stores.pieces.get('p')).toMatchObject({ revision: 1, priced: { wholesaleMinor: 200, how: 'accepted' } });
  expect(stores.prices.ofPiece('p')).toMatchObject([{ retailMinor: 440, costMinor: 100, fixOn: '2026-01-01' }]);
  expect(after.pragma('foreign_key_check')).toEqual([]);
  after.close();
});

test('a ledger of version 8 gets the standard terms in drafts, revisions and kept plans, and keeps a copy of itself', () => {
  const older = join(dir, 'older');
  cpSync(migrations, older, { recursive: true });
  for (const name of readdirSync(older)) if (name > '008-z') rmSync(join(older, name));
  const before = openLedger(path, older, 'own');
  const step = { id: 's', name: 'Pickle', station: 'pickle', setUp: '2', each: '', byItself: '15', meanwhile: true };
  const oldBody = { ...emptyPiece, steps: [{ ...step, handsOn: 'all' }] };
  const oldDraft = { ...emptyPiece, steps: [{ ...step, byItself: '20', meanwhile: false }] };
  before
    .prepare(`insert into document values ('p', 'piece', 3, 1, ?, '2026-01-02', '2026-01-02T10:00:00Z', null)`)
    .run(JSON.stringify(oldDraft));
  before
    .prepare(`insert into document_revision values ('p', 1, ?, null, '2026-01-02T10:00:00Z')`)
    .run(JSON.stringify(oldBody));
  const block = { batch: 'b', step: 'l/s', title: 'Pickle', where: 'pickle', maker: 'Ann', on: '2026-03-02' };
  const times = { start: 540, attendedEnd: 542, end: 557 };
  before
    .prepare(`insert into plan_entry (recorded_at, plan) values ('2026-03-01T10:00:00.000Z', ?)`)
    .run(JSON.stringify({ blocks: [{ ...block, ...times, hands: [[540, 542]] }] }));
  before.close();

  const after = openLedger(path, migrations, 'own');
  const stores = openStores(after);
  expect(stores.pieces.get('p').body.steps[0]).toMatchObject({ unattended: '20', overlaps: false, transfer: '' });
  expect(stores.pieces.revision('p', 1).steps[0]).toMatchObject({ unattended: '15', overlaps: true, transfer: 'all' });
  const kept = after.prepare<[], { plan: string }>('select plan from plan_entry').get()?.plan ?? '';
  expect(JSON.parse(kept)).toEqual({ blocks: [{ ...block, ...times, attended: [[540, 542]] }] });
  expect(() => after.prepare('update plan_entry set plan = plan').run()).toThrow(/never change/);
  const recorded = after.prepare<[], { name: string }>('select name from migration order by number').all();
  expect(recorded.map(({ name }) => name)).toEqual(readdirSync(migrations).sort());
  after.close();

  const copy = new Database(`${path}.before-migration-9`, { readonly: true });
  expect(copy.prepare<[], { draft: string }>('select draft from document').get()?.draft).toBe(JSON.stringify(oldDraft));
  copy.close();
});

test('a ledger is not opened when a migration it went through has changed', () => {
  openLedger(path, migrations, 'own').close();
  const changed = join(dir, 'changed');
  cpSync(migrations, changed, { recursive: true });
  writeFileSync(join(changed, '004-size-prices.sql'), '-- another migration\n');
  expect(() => openLedger(path, changed, 'own')).toThrow(/004-size-prices.sql was changed/);
});

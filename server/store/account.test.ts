// The stored account: sums by SQL against a recount in core, and the ledger of the version before carried over.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import { type Balance, balances } from '../../core/account/balance.ts';
import {
  type FineMetal,
  type MetalEntry,
  metalMass,
  move,
  type NewMetalEntry,
  reversed,
  sumOf,
} from '../../core/account/entry.ts';
import { heldKind, type Place } from '../../core/account/place.ts';
import { seeded } from '../../core/measure/random.ts';
import { alloysWith } from '../../core/metal/alloy.ts';
import { Account } from './account.ts';
import { type Ledger, openLedger } from './ledger.ts';
import { NotAcceptable, NotThere } from './refusals.ts';

const MIGRATIONS = 'server/migrations';
const alloys = alloysWith([]);
let folder: string;
let ledger: Ledger;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'noon-account-'));
});
afterEach(() => {
  ledger.close();
  rmSync(folder, { recursive: true });
});

const opened = () => (ledger = openLedger(':memory:', MIGRATIONS, 'own'));
const entry = (more: Pick<NewMetalEntry, 'kind' | 'lines'> & Partial<NewMetalEntry>): NewMetalEntry => {
  return { on: '2026-03-02', batchId: null, why: '', corrects: null, currency: 'GBP', detail: {}, ...more };
};
const sterling = (mg: number) => metalMass('silver-925', alloys.get('silver-925'), mg);

describe('the store', () => {
  test('refuses what does not balance, and what takes more than there is', () => {
    const account = new Account(opened(), () => '2026-03-02T10:00:00.000Z');
    const lines = move(sterling(1000), { place: 'supplier' }, { place: 'jar/clean/silver-925' });
    expect(() => account.add([entry({ kind: 'opening', lines: lines.slice(1) })])).toThrow(RangeError);
    account.add([entry({ kind: 'opening', lines })]);
    const out = move(sterling(1001), { place: 'jar/clean/silver-925' }, { place: 'refiner/x' });
    expect(() => account.add([entry({ kind: 'sent', lines: out })])).toThrow(NotAcceptable);
    expect(account.balances('jar/')).toMatchObject([{ mg: 1000, fine: { Ag: 925 } }]);
  });

  test('an entry is corrected once, and says so', () => {
    const account = new Account(opened(), () => '2026-03-02T10:00:00.000Z');
    const [first] = account.add([
      entry({ kind: 'opening', lines: move(sterling(5), { place: 'opening' }, { place: 'jar/mixed' }) }),
    ]);
    if (!first) throw new Error('Nothing was added.');
    account.add([reversed(first, '2026-03-03', 'typed twice')]);
    expect(() => account.add([reversed(first, '2026-03-03', 'again')])).toThrow(/UNIQUE/);
    expect(account.entry(first.id).correctedBy).toBe(first.id + 1);
    expect(account.balances()).toEqual([]);
  });

  test('a lot is found by its id, also where that starts with the number of another', () => {
    const account = new Account(opened(), () => '2026-03-02T10:00:00.000Z');
    const row = { kind: 'grain', owner: '', supplier: '', lot: null, alloy: 'silver-925' } as const;
    account.add(
      [],
      [
        { ...row, id: 'first' },
        { ...row, id: '1a2b' },
      ],
    );
    expect(account.lot('1').row.id).toBe('first');
    expect(account.lot('1a2b').number).toBe(2);
    expect(() => account.lot('3')).toThrow(NotThere);
  });

  test('sums of months and days agree with a recount in core at any date', () => {
    const account = new Account(opened(), () => '2026-03-02T10:00:00.000Z');
    const random = seeded(22);
    const pick = <One>(options: readonly One[]) => options[Math.floor(random() * options.length)] as One;
    const days = ['2025-01-31', '2025-02-01', '2025-12-31', '2026-01-01', '2026-02-14', '2026-02-28'];
    for (let at = 0; at < 300; at += 1) {
      const mass = metalMass(
        pick(['silver-925', 'gold-14k-yellow', 'copper-c110']),
        alloys.get('silver-925'),
        Math.floor(random() * 90_000),
      );
      const from = pick<Place>(['supplier', 'work/a', 'work/b', 'opening']);
      const to = pick<Place>(['work/a', 'work/b', 'finished', 'loss', 'jar/mixed', 'refiner/r', 'sold']);
      account.add([
        entry({
          kind: pick(['received', 'issued', 'returned'] as const),
          on: pick(days),
          lines: move(mass, { place: from }, { place: to }),
        }),
      ]);
    }
    const all = account.entries({ limit: 1000 });
    for (const day of ['2024-12-31', ...days, '2026-02-20']) {
      expect(byGroup(account.balancesAt(day))).toEqual(byGroup(balances(all, day)));
      expect(sumOf(account.balancesAt(day))).toEqual({ mg: 0, fine: { Ag: 0, Au: 0, Pt: 0, Pd: 0 } });
    }
    const [from, until] = ['2025-02-01', '2026-02-14'];
    const flows = account.flows(from, until);
    const within = all.filter(({ on }) => on >= from && on <= until);
    expect(byGroup(flows)).toEqual(byGroup(balances(within)));
    expect(byGroup(account.balances())).toEqual(byGroup(balances(all)));
  });

  test('the questions of the screens use an index', () => {
    const plan = (sql: string) =>
      opened()
        .prepare<[], { detail: string }>(`explain query plan ${sql}`)
        .all()
        .map(({ detail }) => detail)
        .join('; ');
    expect(plan(`select * from metal_balance where place = 'stock'`)).toContain('USING PRIMARY KEY');
    expect(plan(`select * from metal_month where month < '2026-01'`)).toContain('USING PRIMARY KEY');
    expect(plan(`select * from metal_entry where on_day between 'a' and 'b'`)).toContain('metal_entry_by_day');
    expect(plan(`select * from metal_entry where batch_id = 'b' order by id desc`)).toContain('metal_entry_by_batch');
    expect(plan(`select entry_id from metal_line where lot_id = 'x' and lot_id <> ''`)).toContain('metal_line_by_lot');
  });
});

/** Work and refiners are one group each in sums by month; what came to nothing is left out. */
function byGroup(sums: readonly Pick<Balance, 'place' | 'alloy' | 'mg' | 'fine'>[]): Record<string, number[]> {
  const groups: Record<string, number[]> = {};
  for (const { place, alloy, mg, fine } of sums) {
    const kind = heldKind(place);
    const key = `${kind === 'work' || kind === 'refiner' ? kind : place} ${alloy}`;
    const values = [mg, ...(['Ag', 'Au', 'Pt', 'Pd'] satisfies FineMetal[]).map((metal) => fine[metal])];
    groups[key] = (groups[key] ?? values.map(() => 0)).map((before, at) => before + (values[at] ?? 0));
  }
  return Object.fromEntries(
    Object.entries(groups)
      .filter(([, values]) => values.some((value) => value !== 0))
      .sort(),
  );
}

describe('a ledger of the version before', () => {
  const BEFORE = 14;
  const lot = (id: string, more: object = {}) =>
    JSON.stringify({
      id,
      alloy: 'silver-925',
      section: { form: 'round', diameterMm: 1 },
      size: { lengthMm: 1000 },
      temper: '',
      grams: 8.137,
      paidMinor: 950,
      currency: 'GBP',
      isOffcut: false,
      ...more,
    });
  const copper = { alloy: 'copper-c110', grams: 7.026, paidMinor: null };
  const offcut = lot('rest', { isOffcut: true, size: { lengthMm: 300 }, grams: 2.441, paidMinor: null });

  /** Two lots; a batch cuts of both, gives all back, and cuts again. */
  function fill(): void {
    ledger
      .prepare(
        `insert into document (id, kind, version, revision, draft, created_at, updated_at) values ('b', 'batch', 1, 0, '{}', '', '')`,
      )
      .run();
    const add = ledger.prepare(
      `insert into shelf_entry (recorded_at, lot_id, lot, how, change, grams, batch_id, why) values (?, ?, ?, ?, ?, ?, ?, ?)`,
    );
    const at = '2026-02-01T09:00:00.000Z';
    const rows = [
      ['wire', lot('wire'), 'in', 3, 24.411, null],
      ['bar', lot('bar', copper), 'in', 2, 14.052, null],
      ...[0, 1].flatMap((round) => [
        ['wire', lot('wire'), 'cut', -1, -8.137, 'b'],
        [`rest${String(round)}`, offcut.replace('rest', `rest${String(round)}`), 'offcut', 1, 2.441, 'b'],
        [null, null, 'scrap', 0, 0.296, 'b'],
        ['bar', lot('bar', copper), 'cut', -1, -7.026, 'b'],
        [null, null, 'scrap', 0, 1.026, 'b'],
        ...(round === 0
          ? [
              ['wire', lot('wire'), 'back', 1, 8.137, 'b'],
              ['rest0', offcut.replace('rest', 'rest0'), 'back', -1, -2.441, 'b'],
              ['bar', lot('bar', copper), 'back', 1, 7.026, 'b'],
              [null, null, 'back', 0, -1.322, 'b'],
            ]
          : []),
      ]),
      ['wire', lot('wire'), 'counted', -1, -8.137, null],
    ] as const;
    for (const [id, body, how, change, grams, batch] of rows) add.run(at, id, body, how, change, grams, batch, '');
    ledger
      .prepare(
        `insert into receipt_entry (received_on, recorded_at, alloy, form, grams, paid, currency, source)
         values ('2026-01-05', ?, 'silver-925', 'wire', '100 g', '90', 'GBP', 'dealer')`,
      )
      .run(at);
  }

  test('is carried over with the same totals: stock, batch, scrap, receipts', () => {
    const path = join(folder, 'ledger.sqlite');
    ledger = openLedger(path, MIGRATIONS, 'own', BEFORE);
    fill();
    const before = ledger
      .prepare(
        `select lot_id, sum(change) as count from shelf_entry where lot_id is not null group by lot_id having count > 0 order by lot_id`,
      )
      .all();
    const { held } = ledger
      .prepare<[], { held: number }>(
        `select -sum(case how when 'in' then 0 else grams end) as held from shelf_entry where batch_id = 'b'`,
      )
      .get() ?? { held: 0 };
    ledger.close();

    ledger = openLedger(path, MIGRATIONS, 'own');
    const account = new Account(ledger, () => '2026-03-02T10:00:00.000Z');
    const lots = account.lots();
    expect(lots.map(({ id, count }) => ({ lot_id: id, count })).sort((a, b) => (a.lot_id < b.lot_id ? -1 : 1))).toEqual(
      before,
    );
    expect(lots.map(({ number }) => number)).toEqual([...lots.keys()].map((at) => lots[at]?.number));
    const atBatch = account.balances('work/b');
    expect(sumOf(atBatch).mg).toBe(Math.round(held * 1000));
    // One round of scrap is left, each metal in its own jar; the other was given back.
    expect(account.balances('jar/').map(({ place, mg }) => [place, mg])).toEqual([
      ['jar/clean/copper-c110', 1026],
      ['jar/clean/silver-925', 296],
    ]);
    expect(account.receipts()).toMatchObject([{ on: '2026-01-05', grams: '100 g', paid: '90', source: 'dealer' }]);
    const all: MetalEntry[] = account.entries({ limit: 1000 });
    expect(all.every(({ lines }) => sumOf(lines).mg === 0 && sumOf(lines).fine.Ag === 0)).toBe(true);
    expect(sumOf(account.balances()).mg).toBe(0);
    expect(account.entries({ batchId: 'b' }).every(({ currency }) => currency === 'GBP')).toBe(true);
  });

  test('without any metal needs no metal', () => {
    const path = join(folder, 'empty.sqlite');
    openLedger(path, MIGRATIONS, 'own', BEFORE).close();
    ledger = openLedger(path, MIGRATIONS, 'own');
    expect(new Account(ledger, () => '').entries()).toEqual([]);
  });
});

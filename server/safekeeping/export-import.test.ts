// The whole ledger out and in: the second export has the bytes of the first, whatever the ledger holds; damage is noticed.
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import sharp from 'sharp';
import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import { readCsv } from '../../core/format/csv.ts';
import { emptyPiece } from '../../core/piece/piece.ts';
import { exportOutcome, importOutcome, salvageOutcome } from '../command/safekeeping.ts';
import { loadDemo } from '../demo/load.ts';
import { type Ledger, openLedger } from '../store/ledger.ts';
import { openStores } from '../store/stores.ts';
import { backUp } from './back-up.ts';
import { exportLedger } from './export-ledger.ts';
import { importLedger } from './import-ledger.ts';
import { restoreLedger } from './restore.ts';
import { verifyLedger } from './verify.ts';

const migrations = 'server/migrations';
let dir: string;
let path: string;
let ledger: Ledger;

beforeEach(() => {
  dir = mkdtempSync(join(tmpdir(), 'noon-export-'));
  path = join(dir, 'ledger.sqlite');
  ledger = openLedger(path, migrations, 'own');
});
afterEach(() => {
  if (ledger.open) ledger.close();
  rmSync(dir, { recursive: true, force: true });
});

/** Imports into a new ledger. @returns its own export */
function over(zip: Uint8Array, name = 'second.sqlite'): Uint8Array {
  const to = join(dir, name);
  importLedger(zip, to, migrations, 'own');
  const second = openLedger(to, migrations, 'own');
  const again = exportLedger(second);
  second.close();
  return again;
}
const filesOf = (zip: Uint8Array) => unzipSync(zip);
const jsonOf = (zip: Uint8Array, name: string) =>
  JSON.parse(strFromU8(filesOf(zip)[name] ?? strToU8('null'))) as unknown;
/** The export with one file changed. */
const changed = (zip: Uint8Array, name: string, bytes: Uint8Array) => zipSync({ ...filesOf(zip), [name]: bytes });

describe('an export', () => {
  test('of a whole workshop is imported and exported again byte for byte', async () => {
    loadDemo(ledger, new Date(2026, 2, 2, 12));
    const picture = await sharp({ create: { width: 40, height: 30, channels: 3, background: '#889' } })
      .png()
      .toBuffer();
    const { id } = await openStores(ledger).photos.add(picture);
    const zip = exportLedger(ledger);
    expect(Buffer.compare(over(zip), zip)).toBe(0);
    const files = Object.keys(filesOf(zip));
    expect(files).toContain(`photos/${id}.jpg`);
    expect(jsonOf(zip, 'ledger.json')).toMatchObject({ format: 'noon-ledger/ledger', version: 1 });
    // Every table stands in it once as JSON and once as CSV, with the same number of rows.
    const { rows } = jsonOf(zip, 'ledger.json') as { rows: Record<string, number> };
    for (const [table, count] of Object.entries(rows)) {
      expect(jsonOf(zip, `tables/${table}.json`)).toHaveLength(count);
      if (table === 'photo' || count === 0) continue;
      expect(readCsv(strFromU8(filesOf(zip)[`csv/${table}.csv`] ?? new Uint8Array()))).toHaveLength(count + 1);
    }
    expect(rows['document']).toBeGreaterThan(10);
  });

  test('of an empty ledger is one, too', () => {
    const zip = exportLedger(ledger);
    expect(Buffer.compare(over(zip), zip)).toBe(0);
  });

  test('of 2,000 pieces goes both ways', () => {
    const { pieces, inTransaction } = openStores(ledger);
    inTransaction(() => {
      for (let at = 0; at < 2000; at += 1) pieces.add({ ...emptyPiece, name: `Piece ${String(at)}` });
    });
    const zip = exportLedger(ledger);
    expect(Buffer.compare(over(zip), zip)).toBe(0);
  });

  test('of an earlier form is brought to that of today', () => {
    const earlier = openLedger(join(dir, 'earlier.sqlite'), migrations, 'own', 8);
    const step = { id: 's', name: 'Pickle', station: '', setUp: '', each: '', byItself: '9', meanwhile: false };
    const body = JSON.stringify({ ...emptyPiece, name: 'Buoy', steps: [step] });
    earlier
      .prepare(
        `insert into document (id, kind, version, revision, draft, created_at, updated_at) values ('p', 'piece', 1, 0, ?, 'x', '2026-01-01T00:00:00.000Z')`,
      ) // prettier-ignore
      .run(body);
    const zip = exportLedger(earlier);
    earlier.close();
    expect(jsonOf(zip, 'ledger.json')).toMatchObject({ migrations: 8 });
    const today = over(zip);
    expect(jsonOf(today, 'tables/document.json')).toMatchObject([{ id: 'p', draft: { steps: [{ unattended: '9' }] } }]);
    expect(Buffer.compare(over(today, 'third.sqlite'), today)).toBe(0);
  });

  test.each(Array.from({ length: 11 }, (_, at) => at + 1))(
    'of a ledger that stopped at migration %d opens today, with its piece',
    (upTo) => {
      const earlier = openLedger(join(dir, 'earlier.sqlite'), migrations, 'own', upTo);
      earlier
        .prepare(
          `insert into document (id, kind, version, revision, draft, created_at, updated_at) values ('p', 'piece', 1, 0, ?, 'x', '2026-01-01T00:00:00.000Z')`,
        ) // prettier-ignore
        .run(JSON.stringify({ ...emptyPiece, name: 'Buoy' }));
      const zip = exportLedger(earlier);
      earlier.close();
      const today = openLedger(join(dir, 'earlier.sqlite'), migrations, 'own');
      expect(openStores(today).pieces.list()).toMatchObject([{ body: { name: 'Buoy' } }]);
      // The way over an export comes to the same ledger.
      const direct = exportLedger(today);
      today.close();
      expect(Buffer.compare(over(zip), direct)).toBe(0);
    },
  );

  test('of a restored backup is that of the ledger', async () => {
    loadDemo(ledger, new Date(2026, 2, 2, 12));
    const zip = exportLedger(ledger);
    const { path: copy } = await backUp(ledger, join(dir, 'copy.sqlite'), '2026-11-30T10:00:00.000Z');
    openStores(ledger).pieces.add({ ...emptyPiece, name: 'Later' });
    ledger.close();
    await restoreLedger(copy, path, '2026-11-30T11:00:00.000Z');
    ledger = openLedger(path, migrations, 'own');
    expect(Buffer.compare(exportLedger(ledger), zip)).toBe(0);
  });

  test.each<[string, (zip: Uint8Array) => Uint8Array, RegExp]>([
    ['no zip', () => strToU8('not a zip'), /no export of a ledger/],
    ['another zip', () => zipSync({ 'a.txt': strToU8('x') }), /no export of a ledger/],
    ['cut short', (zip) => zip.slice(0, zip.length / 2), /no export of a ledger/],
    ['a newer one', (zip) => changed(zip, 'ledger.json', strToU8('{"format":"noon-ledger/ledger","version":1,"migrations":999,"rows":{}}')), /newer Noon Ledger/], // prettier-ignore
    ['a row less', (zip) => changed(zip, 'tables/document.json', strToU8('[]')), /not whole: document/],
    ['no JSON', (zip) => changed(zip, 'tables/document.json', strToU8('[{')), /damaged at document/],
    ['an unknown column', (zip) => changed(zip, 'tables/document.json', strToU8('[{"id":"1","kind":"piece","strange":1}]')), /strange/], // prettier-ignore
    ['an impossible row', (zip) => changed(zip, 'tables/document.json', strToU8('[{"id":"1","kind":"spoon"}]')), /cannot be imported/], // prettier-ignore
  ])('that is damaged is refused, and nothing is left behind: %s', (_what, damage, words) => {
    openStores(ledger).pieces.add({ ...emptyPiece, name: 'Buoy' });
    const to = join(dir, 'second.sqlite');
    expect(() => importLedger(damage(exportLedger(ledger)), to, migrations, 'own')).toThrow(words);
    expect(() => readFileSync(to)).toThrow();
    expect(() => readFileSync(`${to}.importing`)).toThrow();
  });

  test('is not imported over a ledger with content', async () => {
    openStores(ledger).pieces.add({ ...emptyPiece, name: 'Buoy' });
    const file = join(dir, 'all.zip');
    expect(await exportOutcome(path, file)).toMatchObject({ done: { export: file } });
    ledger.close();
    expect(await importOutcome(path, file)).toMatchObject({ error: expect.stringContaining('1 documents') as string });
    expect(await importOutcome(join(dir, 'new folder', 'new.sqlite'), file)).toMatchObject({
      done: { rows: { document: 1 } },
    });
  });
});

describe('a damaged ledger', () => {
  test('gives back all but the rows of its damaged pages', async () => {
    const { pieces, inTransaction } = openStores(ledger);
    inTransaction(() => {
      for (let at = 0; at < 400; at += 1) pieces.add({ ...emptyPiece, name: `Piece ${String(at)}` });
    });
    ledger.pragma('wal_checkpoint(truncate)');
    ledger.close();
    const bytes = readFileSync(path);
    const pages = bytes.length / 4096;
    expect(pages).toBeGreaterThan(80);
    // One page in the middle becomes noise.
    bytes.fill(0x5a, Math.floor(pages / 2) * 4096, Math.floor(pages / 2 + 1) * 4096);
    writeFileSync(path, bytes);
    expect(verifyLedger(path).faults).not.toEqual([]);
    const to = join(dir, 'saved.sqlite');
    const saved = await salvageOutcome(path, to);
    expect(saved).toMatchObject({ done: { salvaged: to } });
    expect(verifyLedger(to).faults).toEqual([]);
    const whole = openLedger(to, migrations, 'own');
    expect(openStores(whole).pieces.list().length).toBeGreaterThan(350);
    // Its entries are protected as in any ledger.
    expect(whole.prepare(`select count(*) as n from sqlite_master where type = 'trigger'`).get()).toEqual(
      openLedger(':memory:', migrations, 'own').prepare(`select count(*) as n from sqlite_master where type = 'trigger'`).get(), // prettier-ignore
    );
    whole.close();
  });

  test('of which nothing can be read is named', async () => {
    ledger.close();
    writeFileSync(path, 'x'.repeat(9000));
    expect(await salvageOutcome(path, join(dir, 'saved.sqlite'))).toMatchObject({
      error: expect.any(String) as string,
    });
  });
});

// Imports are taken whole, count once, and are undone as one.
import { afterEach, beforeEach, expect, test } from 'vitest';
import type { DocumentOf } from '../../contract/document.ts';
import type { PiecesImported } from '../../contract/imports.ts';
import type { ShelfPage } from '../../contract/shelf.ts';
import { sumOf } from '../../core/account/entry.ts';
import type { SupplierItem } from '../../core/batch/buying/price-list.ts';
import { type Piece, pieceSchema } from '../../core/piece/piece.ts';
import { createApp } from '../app.ts';
import { type Ledger, openLedger } from '../store/ledger.ts';
import { openStores } from '../store/stores.ts';

let ledger: Ledger;
let app: Awaited<ReturnType<typeof createApp>>;

beforeEach(async () => {
  ledger = openLedger(':memory:', 'server/migrations', 'own');
  app = await createApp(openStores(ledger), { logLevel: 'silent' });
  await post('/api/studio', { name: 'Test', country: 'GB', currency: 'GBP', units: 'mm', hourlyRate: '30' });
  await post('/api/fixes', { on: '2026-03-02', currency: 'GBP', prices: { Ag: '1 / g' }, source: 'typed' });
});
afterEach(async () => {
  await app.close();
  ledger.close();
});

async function post(url: string, payload: object, id?: string) {
  const headers = { host: 'localhost', ...(id && { 'idempotency-key': id }) };
  return await app.inject({ method: 'POST', url, headers, payload });
}
const get = async <Answer>(url: string): Promise<Answer> =>
  (await app.inject({ method: 'GET', url, headers: { host: 'localhost' } })).json();
const pieces = async () => await get<DocumentOf<Piece>[]>('/api/pieces');

const simple = (name: string, grams = '4 g') =>
  pieceSchema.parse({
    name,
    note: '',
    batchSize: '1',
    parts: [{ id: 'metal', name: 'Metal', alloy: 'silver-925', section: { form: 'grain' }, blank: { rule: 'weight', grams }, count: '1', trim: '' }], // prettier-ignore
    findings: [],
    steps: [{ id: 'making', name: 'Making', station: '', setUp: '', each: '12', unattended: '', overlaps: false }],
  });
const row = (piece: Piece, retailMinor: number | null, id: string | null = null) => ({ piece, id, wholesaleMinor: retailMinor && retailMinor / 2, retailMinor }); // prettier-ignore

test('pieces of a spreadsheet come with their first version and their prices, once, and go together', async () => {
  const rows = [row(simple('Gull pin'), 4800), row(simple('Buoy studs'), null), row(simple('Loose end', 'much'), 100)];
  const first = await post('/api/imports/pieces', { rows, source: 'list.csv' }, 'import-0001');
  expect(first.statusCode).toBe(201);
  const again = await post('/api/imports/pieces', { rows, source: 'list.csv' }, 'import-0001');
  expect(again.json()).toEqual(first.json());
  const [gull, buoy, loose] = await pieces();
  expect([gull?.revision, buoy?.revision, loose?.revision]).toEqual([1, 1, 0]);
  expect(gull?.priced).toMatchObject({ wholesaleMinor: 2400, retailMinor: 4800, how: 'set' });
  // Without a price of its own a piece has the price by the rule.
  expect(buoy?.priced?.how).toBe('accepted');

  const id = gull?.id ?? '';
  const priced = await post('/api/imports/pieces', { rows: [row(simple('Gull pin'), 5200, id)], source: 'new.csv' });
  expect((await pieces())[0]?.priced).toMatchObject({ retailMinor: 5200 });
  await post('/api/imports/pieces/undo', priced.json<PiecesImported>());
  expect((await pieces())[0]?.priced).toMatchObject({ retailMinor: 4800, how: 'undone' });

  const undone = await post('/api/imports/pieces/undo', first.json<PiecesImported>());
  expect(undone.json()).toEqual({ removed: 3 });
  expect(await pieces()).toEqual([]);
});

test('a price that a row does not give follows from the other, also where metal and time cost nothing', async () => {
  const gift = pieceSchema.parse({ name: 'Found glass', note: '', batchSize: '1', parts: [], findings: [], steps: [] });
  const rows = [{ piece: gift, id: null, wholesaleMinor: null, retailMinor: 2200 }];
  await post('/api/imports/pieces', { rows, source: 'list.csv' });
  // The usual retail multiplier of a new studio is 2.2.
  expect((await pieces())[0]?.priced).toMatchObject({ wholesaleMinor: 1000, retailMinor: 2200 });
});

test('stock of a list is received whole or not at all, and is undone by counter-entries', async () => {
  const lot = { alloy: 'silver-925', section: { form: 'round', diameter: '1.5 mm' }, length: '1000 mm', count: '3' };
  const refused = await post('/api/imports/stock', { rows: [lot, { ...lot, length: 'long' }] });
  expect(refused.statusCode).toBe(400);
  expect((await get<ShelfPage>('/api/shelf')).lots).toEqual([]);
  const taken = await post('/api/imports/stock', { rows: [lot, { ...lot, count: '2' }] });
  const { lots } = await get<ShelfPage>('/api/shelf');
  expect(lots.reduce((sum, { count }) => sum + count, 0)).toBe(5);
  await post('/api/imports/stock/undo', taken.json<object>());
  const after = await get<ShelfPage>('/api/shelf');
  expect(after.lots.reduce((sum, { count }) => sum + count, 0)).toBe(0);
  expect(sumOf(after.entries.flatMap(({ lines }) => lines.filter(({ place }) => place === 'stock'))).mg).toBe(0);
});

test('a price list is set back to the one before, or to none', async () => {
  const item = (priceMinor: number): SupplierItem => ({ supplier: 'Harbour Metals', item: 'A1', name: 'Ear wires', stock: null, pack: 10, per: 'each', breaks: [{ from: 1, priceMinor }], currency: 'GBP', leadDays: 2 }); // prettier-ignore
  const prices = async () => (await get<SupplierItem[]>('/api/price-lists')).map(({ breaks }) => breaks[0]?.priceMinor);
  await post('/api/price-lists', [item(500)]);
  await post('/api/price-lists', [item(550)]);
  await post('/api/imports/price-list/undo', { suppliers: ['Harbour Metals'] });
  expect(await prices()).toEqual([500]);
  await post('/api/price-lists', [{ ...item(90), supplier: 'New Dealer' }]);
  await post('/api/imports/price-list/undo', { suppliers: ['New Dealer'] });
  expect(await prices()).toEqual([500]);
});

// The store of finished pieces: what it remembers is what the ledger holds.
import { afterEach, beforeEach, expect, test } from 'vitest';
import { movePieces, type NewMadeEntry, reversedMade } from '../../core/made/made-entry.ts';
import { type Ledger, openLedger } from './ledger.ts';
import { MadePieces } from './made.ts';

const NOW = '2026-03-02T10:00:00.000Z';
let ledger: Ledger;
let made: MadePieces;

beforeEach(() => {
  ledger = openLedger(':memory:', 'server/migrations', 'own');
  made = new MadePieces(ledger, () => NOW);
});
afterEach(() => ledger.close());

const item = (id: string, more = {}) =>
  made.keepItem({ id, pieceId: 'p', size: '', revision: 1, name: 'Pin', sizeName: '', isSingle: false, mg: {}, ...more }); // prettier-ignore
const entry = (on: string, lines: NewMadeEntry['lines'], more: Partial<NewMadeEntry> = {}): NewMadeEntry => ({
  kind: 'made', on, channel: '', buyer: '', customers: 1, batchId: null, why: '', corrects: null, currency: 'GBP', reference: '', lines, ...more,
}); // prettier-ignore
const came = (count: number) => movePieces('a', count, { place: 'made' }, { place: 'studio' });
/** As another connection reads it. */
const fresh = () => new MadePieces(ledger, () => NOW).entries();

test('the same design in the same size and version is one item; singles are items of their own', () => {
  expect(item('a').number).toBe(1);
  expect(item('b').id).toBe('a');
  expect(item('c', { revision: 2 }).number).toBe(2);
  expect(item('d', { isSingle: true }).number).toBe(3);
  expect(item('e', { isSingle: true }).number).toBe(4);
});

test('entries are read once, in the order of their days, and again when there are more', () => {
  item('a');
  made.add(entry('2026-02-02', came(2)));
  const before = made.entries();
  expect(made.entries()).toBe(before);
  made.add(entry('2026-01-01', came(1)));
  expect(made.entries().map(({ on }) => on)).toEqual(['2026-01-01', '2026-02-02']);
  expect(made.entries()).toEqual(fresh());
});

test('a reversed entry is known as reversed', () => {
  item('a');
  const first = made.add(entry('2026-02-02', came(2)));
  expect(made.entries()[0]?.correctedBy).toBeNull();
  const counter = made.add(reversedMade(first, '2026-02-03', ''));
  expect(made.entries()[0]?.correctedBy).toBe(counter.id);
  expect(made.entries()).toEqual(fresh());
});

test('what was rolled back is not remembered', () => {
  item('a');
  expect(() =>
    ledger.transaction(() => {
      made.add(entry('2026-02-02', came(2)));
      expect(made.entries()).toHaveLength(1);
      throw new Error('no');
    })(),
  ).toThrow('no');
  expect(made.entries()).toEqual([]);
  made.add(entry('2026-02-05', came(3)));
  expect(made.entries()).toEqual(fresh());
});

test('a place never holds fewer pieces than none, and pieces never appear', () => {
  item('a');
  made.add(entry('2026-02-02', came(1)));
  const sold = movePieces('a', 2, { place: 'studio' }, { place: 'sold' });
  expect(() => made.add(entry('2026-02-03', sold, { kind: 'sold' }))).toThrow('Fewer pieces are there');
  expect(() => made.add(entry('2026-02-03', came(1).slice(1)))).toThrow(RangeError);
  expect(made.entries()).toHaveLength(1);
});

test('outlets: the latest terms count', () => {
  const outlet = {
    id: 'o',
    kind: 'shop',
    name: 'B',
    channel: '',
    commission: '',
    address: '',
    isClosed: false,
  } as const;
  made.keepOutlet(outlet);
  made.keepOutlet({ ...outlet, id: 'p', name: 'A' });
  made.keepOutlet({ ...outlet, commission: '35 %' });
  expect(made.outlets().map(({ name, commission }) => [name, commission])).toEqual([['A', ''], ['B', '35 %']]); // prettier-ignore
});

test.each(['made_item', 'made_entry', 'made_line', 'outlet'])(
  'rows of %s never change and are never deleted',
  (table) => {
    item('a');
    made.add(entry('2026-02-02', came(1)));
    made.keepOutlet({ id: 'o', kind: 'shop', name: 'B', channel: '', commission: '', address: '', isClosed: false });
    const column = { made_item: 'body', made_entry: 'why', made_line: 'count', outlet: 'body' }[table] ?? '';
    expect(() => ledger.prepare(`update ${table} set ${column} = ${column}`).run()).toThrow('never change');
    expect(() => ledger.prepare(`delete from ${table}`).run()).toThrow('never deleted');
  },
);

import { expect, test } from 'vitest';
import { type FinderItem, findMatches } from './find-matches.ts';

const item = (name: string, kind = 'piece', more = ''): FinderItem => ({ to: `/${kind}/${name}`, kind, name, more });
const items = [
  item('Tide hair fork'),
  item('Barometer brooch'),
  item('Tide hair fork', 'batch', 'Gullfoot 4709'),
  item('Flood-tide caddy spoon'),
];
const found = (typed: string, recent: readonly string[] = []) => findMatches(items, typed, recent).map(({ to }) => to);

test('words are found in any order, and by their beginnings', () => {
  expect(found('fork hair')[0]).toBe('/piece/Tide hair fork');
  expect(found('baro')).toEqual(['/piece/Barometer brooch']);
});

test('what an item is found by beside its name', () => {
  expect(found('4709')).toEqual(['/batch/Tide hair fork']);
  expect(found('tide batch')[0]).toBe('/batch/Tide hair fork');
});

test('letters left out still find it, nonsense finds nothing', () => {
  expect(found('brmtr')[0]).toBe('/piece/Barometer brooch');
  expect(found('zzq')).toEqual([]);
});

test('recent pages come first, and first among equals', () => {
  expect(found('', ['/piece/Barometer brooch'])[0]).toBe('/piece/Barometer brooch');
  expect(found('tide', ['/batch/Tide hair fork'])[0]).toBe('/batch/Tide hair fork');
});

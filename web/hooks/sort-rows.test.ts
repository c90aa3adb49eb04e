// A list by one of its columns: up, down, as before; rows without a value last either way.
import { expect, test } from 'vitest';
import { nextSort, sortRows } from './sort-rows.ts';

interface Row {
  readonly name: string;
  readonly grams: number | null;
}
const rows: Row[] = [
  { name: 'Pin 10', grams: 3 },
  { name: 'Pin 9', grams: null },
  { name: 'band', grams: 12 },
];
const by = { name: ({ name }: Row) => name, grams: ({ grams }: Row) => grams };
const names = (sort: string) => sortRows(rows, sort, by).map(({ name }) => name);

test.each([
  ['', ['Pin 10', 'Pin 9', 'band']],
  ['other', ['Pin 10', 'Pin 9', 'band']],
  ['name', ['band', 'Pin 9', 'Pin 10']],
  ['-name', ['Pin 10', 'Pin 9', 'band']],
  ['grams', ['Pin 10', 'band', 'Pin 9']],
  ['-grams', ['band', 'Pin 10', 'Pin 9']],
])('by “%s”', (sort, order) => expect(names(sort)).toEqual(order));

test('a press sorts up, then down, then as before', () => {
  expect(nextSort('', 'due')).toBe('due');
  expect(nextSort('due', 'due')).toBe('-due');
  expect(nextSort('-due', 'due')).toBe('');
  expect(nextSort('name', 'due')).toBe('due');
});

// Rows move, copy and insert in place; an index out of range changes nothing.
import { expect, test } from 'vitest';
import { changeRows, type RowMove } from './use-row-moves.ts';

const fresh = (id: string) => ({ id, name: 'fresh' });
const named = (...names: string[]) => names.map((name) => ({ id: name, name }));
const after = (index: number, by: RowMove) => {
  const rows = named('a', 'b', 'c');
  changeRows(rows, index, by, fresh);
  return rows;
};
const names = (index: number, by: RowMove) => after(index, by).map(({ name }) => name);

test.each([
  [0, 1, ['b', 'a', 'c']],
  [2, -2, ['c', 'a', 'b']],
  [0, 2, ['b', 'c', 'a']],
  [0, -1, ['a', 'b', 'c']],
  [2, 1, ['a', 'b', 'c']],
  [5, -1, ['a', 'b', 'c']],
  [1, 'insert', ['a', 'fresh', 'b', 'c']],
  [1, 'duplicate', ['a', 'b', 'b', 'c']],
] as const)('row %d by %s', (index, by, order) => expect(names(index, by)).toEqual(order));

test('a copy has an id of its own', () => {
  const ids = after(0, 'duplicate').map(({ id }) => id);
  expect(new Set(ids).size).toBe(4);
});

import { expect, test } from 'vitest';
import { differences, valueAt, withValuesOf } from './differences.ts';

test('two equal documents have no differences', () => {
  expect(
    differences({ name: 'a', parts: [{ id: '1', count: '2' }] }, { name: 'a', parts: [{ id: '1', count: '2' }] }),
  ).toEqual([]);
});

test('a field is named by its row, wherever the row stands', () => {
  const mine = {
    parts: [
      { id: '1', name: 'Dial', count: '1' },
      { id: '2', name: 'Rim', count: '1' },
    ],
  };
  const theirs = {
    parts: [
      { id: '2', name: 'Rim', count: '3' },
      { id: '1', name: 'Dial', count: '1' },
    ],
  };
  expect(differences(mine, theirs)).toEqual([
    { path: ['parts', '2', 'count'], where: 'parts, Rim, count', mine: '1', theirs: '3' },
  ]);
});

test('a row of one side only is named', () => {
  expect(differences({ parts: [{ id: '1', name: 'Dial' }] }, { parts: [] })).toEqual([
    { path: ['parts', '1'], where: 'parts, Dial', mine: 'Dial', theirs: 'nothing' },
  ]);
});

test('field names become words, and blanks read as nothing', () => {
  expect(
    differences({ hourlyRate: '26', overlaps: true, note: '' }, { hourlyRate: '28', overlaps: false, note: 'x' }),
  ).toEqual([
    { path: ['hourlyRate'], where: 'hourly rate', mine: '26', theirs: '28' },
    { path: ['overlaps'], where: 'overlaps', mine: 'yes', theirs: 'no' },
    { path: ['note'], where: 'note', mine: 'nothing', theirs: 'x' },
  ]);
});

test('two versions are merged field by field, rows added and taken away', () => {
  const mine = { name: 'a', parts: [{ id: '1', count: '1', note: 'mine' }, { id: '3' }], note: 'x' };
  const theirs = { name: 'b', parts: [{ id: '1', count: '2', note: 'theirs' }, { id: '2' }] };
  const all = differences(mine, theirs).map(({ path }) => path);
  expect(withValuesOf(mine, theirs, all)).toEqual(theirs);
  expect(withValuesOf(mine, theirs, [])).toEqual(mine);
  expect(
    withValuesOf(mine, theirs, [
      ['parts', '1', 'count'],
      ['parts', '2'],
    ]),
  ).toEqual({
    name: 'a',
    parts: [{ id: '1', count: '2', note: 'mine' }, { id: '2' }, { id: '3' }],
    note: 'x',
  });
  expect(valueAt(theirs, ['parts', '1', 'note'])).toBe('theirs');
});

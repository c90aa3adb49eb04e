import { expect, test } from 'vitest';
import { differences } from './differences.ts';

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
  expect(differences(mine, theirs)).toEqual([{ where: 'parts, Rim, count', mine: '1', theirs: '3' }]);
});

test('a row of one side only is named', () => {
  expect(differences({ parts: [{ id: '1', name: 'Dial' }] }, { parts: [] })).toEqual([
    { where: 'parts, Dial', mine: 'Dial', theirs: 'nothing' },
  ]);
});

test('field names become words, and blanks read as nothing', () => {
  expect(
    differences({ hourlyRate: '26', overlaps: true, note: '' }, { hourlyRate: '28', overlaps: false, note: 'x' }),
  ).toEqual([
    { where: 'hourly rate', mine: '26', theirs: '28' },
    { where: 'overlaps', mine: 'yes', theirs: 'no' },
    { where: 'note', mine: 'nothing', theirs: 'x' },
  ]);
});

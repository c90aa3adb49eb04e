import { expect, test } from 'vitest';
import { readFixTable } from './fix-file.ts';

test('a table of days is read by metal name or symbol, with the unit and the source of each price', () => {
  const { fixes, problems } = readFixTable(
    [
      ['day', 'silver', 'Au', 'per', 'source'],
      ['2026-03-02', '24.15', '1912.40', 'ozt', 'a list'],
      ['', '', '', '', ''],
      ['2026-03-03', '0.79 / g', '', '', ''],
    ],
    'GBP',
    'from prices.csv',
  );
  expect(problems).toEqual([]);
  expect(fixes).toEqual([
    { on: '2026-03-02', currency: 'GBP', prices: { Ag: '24.15 / ozt', Au: '1912.40 / ozt' }, source: 'a list' },
    { on: '2026-03-03', currency: 'GBP', prices: { Ag: '0.79 / g' }, source: 'from prices.csv' },
  ]);
});

test('errors are reported by line, and nothing of the file is stored', () => {
  const table = [
    ['date', 'silver'],
    ['2 March', '24'],
    ['2026-03-03', 'much'],
    ['2026-03-04', '0'],
  ];
  const { problems } = readFixTable(table, 'GBP', 'x');
  expect(problems.map(({ line }) => line)).toEqual([2, 3, 4]);
  expect(readFixTable([['when', 'what']], 'GBP', 'x').problems).toHaveLength(1);
  expect(readFixTable([['day', 'silver']], 'GBP', 'x').problems[0]?.sentence).toContain('no prices');
});

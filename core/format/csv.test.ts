import fc from 'fast-check';
import { expect, test } from 'vitest';
import { csvOf, readCsv } from './csv.ts';

test.each([
  ['=1+2', `'=1+2`],
  ['@sum', `'@sum`],
  ['+cmd', `'+cmd`],
  ['-2+3', `'-2+3`],
  ['-2.5', '-2.5'],
  ['+4 %', `+4 %`],
  ['plain', 'plain'],
  [`it's`, `it's`],
])('a cell that a spreadsheet would take for a formula is made safe: %s', (cell, written) => {
  expect(csvOf([[cell]])).toBe(`${written}\r\n`);
  expect(readCsv(csvOf([[cell]]))).toEqual([[cell]]);
});

test('a cell that is a delimiter of other files is no delimiter', () => {
  expect(readCsv('!,;;\r\n!,!\r\n')).toEqual([
    ['!', ';;'],
    ['!', '!'],
  ]);
  expect(readCsv('a;b\r\n1,5;2\r\n')).toEqual([
    ['a', 'b'],
    ['1,5', '2'],
  ]);
  for (const sign of [';', '\t', '|']) expect(readCsv(csvOf([[`a${sign}b`, sign]]))).toEqual([[`a${sign}b`, sign]]);
});

test('what is written is read back, whatever the cells hold', () => {
  const cell = fc.string().filter((text) => !/^'[=+\-@\t\r]/.test(text) && text.trim() !== '');
  fc.assert(
    fc.property(fc.array(fc.tuple(cell, cell), { minLength: 1 }), (rows) => {
      // A bare carriage return ends a line for some readers: a table of one has two.
      fc.pre(!rows.flat().some((text) => /[\r\n\uFEFF]/.test(text)));
      expect(readCsv(csvOf(rows))).toEqual(rows);
    }),
  );
});

test('numbers stay numbers', () => {
  expect(csvOf([['mass'], [-1.5]])).toBe('mass\r\n-1.5\r\n');
});

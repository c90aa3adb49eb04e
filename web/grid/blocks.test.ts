// Blocks of cells as spreadsheets copy and paste them: tabs between cells, a line break after each row.
import { expect, test } from 'vitest';
import { blockOf, isBlock, tsvOf } from './blocks.ts';

test.each([
  ['one cell', false],
  ['one cell\n', false],
  ['a\tb', true],
  ['a\nb', true],
  ['a\r\n', false],
  ['a\r\nb\r\n', true],
])('%j is a block: %s', (text, is) => expect(isBlock(text)).toBe(is));

test('cells with a line break inside are one cell', async () => {
  expect(await blockOf('Band\t"two\nlines"\t3\r\nPin\t\t4\r\n')).toEqual([
    ['Band', 'two\nlines', '3'],
    ['Pin', '', '4'],
  ]);
  expect(await blockOf('Band')).toBeNull();
});

test('what is copied has one line a row, whatever its cells hold', () => {
  expect(tsvOf([['part', 'qty'], ['Dial\tup', '1\n2']])).toBe('part\tqty\nDial up\t1 2'); // prettier-ignore
});

// Prices of a spreadsheet: read as the studio writes money, all or none.
import { expect, test } from 'vitest';
import { pastedPrices } from './paste-prices.ts';
import type { BookPrice } from './use-price-lines.ts';

const line = (id: string, wholesale: number, retail: number) =>
  ({ piece: { id }, title: id, line: { wholesale, retail } }) as Pick<BookPrice, 'piece' | 'line' | 'title'>;
const lines = [line('Band', 3000, 6600), line('Pin', 1500, 3300), line('Chain', 9000, 19_800)];

test('two columns are wholesale and retail; what is as before is left out', () => {
  expect(
    pastedPrices(
      [
        ['32', '70'],
        ['15.00', '33.00'],
        ['', '201.50'],
      ],
      lines,
      'wholesale',
      'GBP',
    ),
  ).toEqual([
    // prettier-ignore
    { pieceId: 'Band', wholesaleMinor: 3200, retailMinor: 7000 },
    { pieceId: 'Chain', wholesaleMinor: 9000, retailMinor: 20_150 },
  ]);
});

test('a column of retail prices changes retail only', () => {
  expect(pastedPrices([['68'], ['34']], lines, 'retail', 'GBP')).toEqual([
    { pieceId: 'Band', wholesaleMinor: 3000, retailMinor: 6800 },
    { pieceId: 'Pin', wholesaleMinor: 1500, retailMinor: 3400 },
  ]);
});

test('one cell that cannot be read, or one line too many, changes nothing', () => {
  expect(pastedPrices([['32'], ['dear']], lines, 'wholesale', 'GBP')).toMatch(/^Nothing was changed\. Pin: /);
  expect(pastedPrices([['1'], ['2'], ['3'], ['4']], lines, 'retail', 'GBP')).toMatch(/^1 lines did not fit/);
});

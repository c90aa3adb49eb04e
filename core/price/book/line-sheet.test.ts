import { expect, test } from 'vitest';
import { pendant, workshopFix, workshopRates } from '../fixtures/workshop.ts';
import { countPiece } from '../piece/count-piece.ts';
import { codeOf, lineSheetHeads, lineSheetItem, lineSheetRows } from './line-sheet.ts';

const item = lineSheetItem(pendant, null, (size) => countPiece(pendant, workshopRates, workshopFix, { size }));

test('a piece without sizes has one line at its price', () => {
  const { prices, weight } = countPiece(pendant, workshopRates, workshopFix);
  expect(item.sizes).toEqual([
    { name: '', grams: weight.value, wholesale: prices.wholesale.value, retail: prices.retail.value },
  ]);
  expect(item.metals).toBe('Sterling silver');
  // Its blanks stand for the picture it has none of: the disc of its face first, then the wire of its post.
  expect(item.blanks.map(({ isRound }) => isRound)).toEqual([true, false]);
});

test('a price set in the price book is the one on the sheet', () => {
  const priced = {
    currency: 'GBP',
    fixOn: null,
    costMinor: 1,
    wholesaleMinor: 3100,
    retailMinor: 7000,
    how: 'set' as const,
    sizes: {},
  };
  const set = lineSheetItem(pendant, priced, (size) => countPiece(pendant, workshopRates, workshopFix, { size }));
  expect(set.sizes[0]).toMatchObject({ wholesale: 3100, retail: 7000 });
});

test('a size with its own price has it, the others follow the rule, and one price for all holds for all', () => {
  const size = (id: string) => ({ id, name: id, values: {} });
  const sized = {
    ...pendant,
    sizes: { ...pendant.sizes, price: 'each' as const, rows: [size('s'), size('m'), size('l')] },
  };
  const priced = {
    currency: 'GBP',
    fixOn: null,
    costMinor: 1,
    wholesaleMinor: 3100,
    retailMinor: 7000,
    how: 'set' as const,
    sizes: { l: { wholesaleMinor: 4400, retailMinor: 9900 } },
  };
  const counted = (id?: string) => countPiece(sized, workshopRates, workshopFix, { size: id });
  const rule = counted('m').prices;
  expect(lineSheetItem(sized, priced, counted).sizes).toMatchObject([
    { wholesale: 3100, retail: 7000 },
    { wholesale: rule.wholesale.value, retail: rule.retail.value },
    { wholesale: 4400, retail: 9900 },
  ]);
  const alike = { ...sized, sizes: { ...sized.sizes, price: 'one' as const } };
  expect(lineSheetItem(alike, priced, counted).sizes.map(({ wholesale }) => wholesale)).toEqual([3100, 3100, 3100]);
});

test('rows have a cell for each head, and money has the digits of its currency', () => {
  const [row = []] = lineSheetRows([item], 'GBP', 2);
  expect(row).toHaveLength(lineSheetHeads.length);
  expect(row[lineSheetHeads.indexOf('wholesale')]).toMatch(/^\d+\.\d\d$/);
  expect(lineSheetRows([item], 'JPY', 0)[0]?.[lineSheetHeads.indexOf('wholesale')]).toMatch(/^\d+$/);
});

test('a code depends on the name alone, and similar names have different codes', () => {
  expect(codeOf('Ebb tide ring')).toBe(codeOf(' ebb tide ring '));
  expect(codeOf('Ebb tide ring')).not.toBe(codeOf('Ebb tidal ring'));
  expect(codeOf('Ebb tide ring')).toMatch(/^ETR-\d\d$/);
  expect(codeOf('潮')).toMatch(/^X-\d\d$/);
});

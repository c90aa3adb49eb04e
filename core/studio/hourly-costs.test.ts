// The smaller readers of the studio: overhead from its worksheet, fabrication charges by thickness; and small tables.
import { expect, test } from 'vitest';
import type { ShelfLot } from '../batch/stock/shelf.ts';
import { shelfSums } from '../batch/stock/shelf-sums.ts';
import { sizeInWords } from '../batch/stock/size-words.ts';
import { paperOf } from '../format/paper.ts';
import { readLength } from '../measure/read/read-length.ts';
import { reported, reportedFormula } from '../measure/read/reported.ts';
import { alloysWith } from '../metal/alloy.ts';
import { chargeForms } from '../metal/charge-form.ts';
import { scrapKinds } from '../metal/scrap-kinds.ts';
import { labelSheets } from '../price/book/label-sheets.ts';
import { workshop } from '../price/fixtures/workshop.ts';
import { toolKerfs } from '../stock/kerf.ts';
import { readMakingCharges } from './making-charges.ts';
import { overheadPerHour } from './overhead.ts';
import { pricingMethods } from './pricing-methods.ts';
import type { ReadSetting } from './read-setting.ts';

const value: ReadSetting = (_path, reading) => (reading.ok ? reading.value : 0);

test('overhead is the cost of a year over its bench hours', () => {
  const studio = {
    ...workshop,
    overheadPerHour: '',
    overheadCosts: [
      { id: 'a', name: 'Rent', amount: '500', per: 'month' as const },
      { id: 'b', name: 'Insurance', amount: '300', per: 'year' as const },
    ],
    benchHoursPerWeek: '30',
    weeksPerYear: '',
  };
  // (500 × 12 + 300) ÷ (30 × 46 usual weeks).
  expect(overheadPerHour(studio, value, 'test').value).toBeCloseTo(630_000 / 1380, 6);
  expect(overheadPerHour({ ...studio, overheadPerHour: '7.50' }, value, 'test').value).toBe(750);
});

test('the fabrication charge is that of the row that reaches least', () => {
  const row = { id: '', family: 'silver' as const, shaped: '', sheet: '', tube: '' };
  const makingCharges = [
    { ...row, upTo: '', wire: '0.10' },
    { ...row, upTo: '0.5 mm', wire: '0.25' },
  ];
  const charge = readMakingCharges({ ...workshop, makingCharges }, value, 'test');
  expect(charge('silver', 'wire', 0.4).value).toBeCloseTo(25, 9);
  expect(charge('silver', 'wire', 1).value).toBeCloseTo(10, 9);
  // Shaped wire without a charge costs as wire; a family without a row costs nothing.
  expect(charge('silver', 'shaped', 1).value).toBeCloseTo(10, 9);
  expect(charge('gold', 'wire', 1).value).toBe(0);
});

test('stock adds up by alloy', () => {
  const lot = (alloy: string, count: number, grams: number) =>
    ({ alloy, count, grams, section: { form: 'round', diameter: '1 mm' } }) as unknown as ShelfLot;
  const sums = shelfSums([lot('silver-925', 2, 10), lot('silver-925', 1, 5), lot('gone', 1, 1)], alloysWith([]));
  expect(sums.map(({ alloy, grams }) => [alloy.id, grams.value])).toEqual([['silver-925', 25]]);
});

test('sizes of stock in words', () => {
  expect(sizeInWords({ lengthMm: 500 })).toBe('500 mm');
  expect(sizeInWords({ widthMm: 100, heightMm: 50.25 })).toBe('100 × 50.3 mm');
});

test('label sheets fit on their paper', () => {
  const papers = { A4: [210, 297], Letter: [215.9, 279.4] } as const;
  for (const sheet of labelSheets) {
    const [width, height] = papers[sheet.paper];
    const across = sheet.leftMm + sheet.columns * sheet.widthMm + (sheet.columns - 1) * sheet.gapXMm;
    const down = sheet.topMm + sheet.rows * sheet.heightMm + (sheet.rows - 1) * sheet.gapYMm;
    expect(across).toBeLessThanOrEqual(width + 0.1);
    expect(down).toBeLessThanOrEqual(height + 0.6);
  }
  expect([paperOf('GB'), paperOf('US'), paperOf('CA'), paperOf('DE')]).toEqual(['A4', 'Letter', 'Letter', 'A4']);
});

test('a problem is reported with its path, and another error is not swallowed', () => {
  const problems: string[] = [];
  const report = ({ path, sentence }: { path: string; sentence: string }) => void problems.push(`${path}: ${sentence}`);
  const fails = (error: Error) => () => {
    throw error;
  };
  expect(reportedFormula(fails(new RangeError('Too small.')), 'a', report)).toBeNull();
  expect(reported({ ok: false, sentence: 'No.' }, 'b', 'length', 'mm', report)).toBeNull();
  expect(reported({ ok: true, value: 3, source: 'as typed' }, 'c', 'length', 'mm', report)?.value).toBe(3);
  expect(problems).toEqual(['a: Too small.', 'b: No.']);
  expect(() => reportedFormula(fails(new TypeError('Broken.')), 'd', report)).toThrow('Broken.');
});

test('the tables hold what the rest relies on', () => {
  for (const typed of Object.values(toolKerfs))
    expect(readLength(typed, { what: 'kerf', mayBeZero: true }).ok).toBe(true);
  expect(readLength(toolKerfs.saw, { what: 'kerf' })).toMatchObject({ value: 0.3 });
  expect(new Set([...chargeForms, ...scrapKinds, ...pricingMethods]).size).toBe(
    chargeForms.length + scrapKinds.length + pricingMethods.length,
  );
});

// Metal received: averages by weight, the last by day, and what cannot be kept said in words.
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { paidFor, type Receipt, receiptPerGram, receiptProblems } from './receipt.ts';

const receipt = (id: number, grams: string, paid: string, more: Partial<Receipt> = {}): Receipt => ({
  id,
  at: '2026-02-01T09:00:00.000Z',
  on: '2026-02-01',
  alloy: 'silver-925',
  form: 'wire',
  grams,
  paid,
  currency: 'GBP',
  source: 'the quay smith',
  ...more,
});

describe('the average cost', () => {
  test('is all the money over all the grams', () => {
    const lots = fc.array(
      fc.record({ grams: fc.integer({ min: 1, max: 900 }), pence: fc.integer({ min: 1, max: 90_000 }) }),
      { minLength: 1, maxLength: 12 },
    );
    fc.assert(
      fc.property(lots, (rows) => {
        const receipts = rows.map(({ grams, pence }, id) =>
          receipt(id, `${String(grams)} g`, (pence / 100).toFixed(2)),
        );
        const [grams, pence] = [rows.map((row) => row.grams), rows.map((row) => row.pence)].map((list) =>
          list.reduce((sum, one) => sum + one, 0),
        );
        const average = paidFor(receipts, 'average', 'GBP')('silver-925', 'wire');
        expect(average?.perGram.value).toBeCloseTo((pence ?? 0) / (grams ?? 1), 6);
        const each = rows.map((row) => row.pence / row.grams);
        expect(average?.perGram.value).toBeGreaterThanOrEqual(Math.min(...each) - 1e-9);
        expect(average?.perGram.value).toBeLessThanOrEqual(Math.max(...each) + 1e-9);
      }),
      { numRuns: 200, seed: 9 },
    );
  });

  // 2 ozt are 62.207 g (31.1034768 g to the troy ounce, exactly: NIST Handbook 44, appendix C).
  test('converts troy ounces to grams', () => {
    const found = paidFor([receipt(1, '2 ozt', '62.21')], 'average', 'GBP')('silver-925', 'wire');
    expect(found?.perGram.value).toBeCloseTo(6221 / 62.2069536, 9);
    expect(found?.perGram.how).toBe('62.21 ÷ 62.207');
  });

  test('is kept by alloy, form and currency', () => {
    const receipts = [
      receipt(4, '10 g', '900', { alloy: 'gold-18k-yellow' }),
      receipt(3, '10 g', '30', { form: 'sheet' }),
      receipt(2, '10 g', '50', { currency: 'EUR' }),
      receipt(1, '10 g', '12'),
    ];
    expect(paidFor(receipts, 'average', 'GBP')('silver-925', 'wire')?.perGram.value).toBeCloseTo(120, 9);
    expect(paidFor(receipts, 'average', 'GBP')('silver-925', 'tube')).toBeNull();
  });
});

test('the last cost is that of the latest day', () => {
  const receipts = [receipt(2, '50 g', '75', { on: '2026-03-01' }), receipt(1, '100 g', '90')];
  const last = paidFor(receipts, 'last', 'GBP')('silver-925', 'wire');
  expect(last).toMatchObject({ basis: 'last' });
  expect(last?.perGram.value).toBeCloseTo(150, 9);
  expect(last?.perGram.from[1]?.from[0]?.source).toBe('received 2026-03-01, the quay smith');
});

test('a field that cannot be stored is named', () => {
  const problems = (grams: string, paid: string) =>
    receiptProblems({ grams, paid, currency: 'GBP' }).map(({ path }) => path);
  expect(problems('120 g', '96.40')).toEqual([]);
  expect(problems('', '96.40')).toEqual(['grams']);
  expect(problems('120 g', '0')).toEqual(['paid']);
  expect(problems('a handful', 'a lot')).toEqual(['grams', 'paid']);
});

test('the price per gram of a receipt is what was paid over its weight', () => {
  expect(receiptPerGram(receipt(1, '2 ozt', '62.20'))?.value).toBeCloseTo(6220 / (2 * 31.1034768), 9);
  expect(receiptPerGram(receipt(1, '0 g', '62.20'))).toBeNull();
  expect(receiptPerGram(receipt(1, 'some', '62.20'))).toBeNull();
});

// What the studio's settings come to: the worksheet of overhead, charges by thickness, what was paid for metal.
import { describe, expect, test } from 'vitest';
import { paidFor, type Receipt, receiptProblems } from '../metal/receipt.ts';
import { pendant, workshop, workshopFix } from '../price/fixtures/workshop.ts';
import { countPiece } from '../price/piece/count-piece.ts';
import { readRates, withReceipts } from './rates.ts';

describe('overhead', () => {
  // 300 a month and 460 a year are 4,060; 20 hours in 46 weeks are 920.
  const sheet = {
    ...workshop,
    overheadPerHour: '',
    overheadCosts: [
      { id: 'a', name: 'Rent', amount: '300', per: 'month' as const },
      { id: 'b', name: 'Insurance', amount: '460', per: 'year' as const },
    ],
    benchHoursPerWeek: '20',
  };

  test('is the costs of a year over the bench hours', () => {
    const { overhead } = readRates(sheet, 1);
    expect(overhead.value).toBeCloseTo(406_000 / 920, 9);
    expect(overhead.how).toBe('4060.00 ÷ 920');
  });

  test('typed per hour takes precedence, and without hours the worksheet gives nothing', () => {
    expect(readRates({ ...sheet, overheadPerHour: '7' }, 1).overhead.value).toBe(700);
    expect(readRates({ ...sheet, benchHoursPerWeek: '' }, 1).overhead.value).toBe(0);
  });

  test('uses the typed weeks, or 46', () => {
    expect(readRates({ ...sheet, weeksPerYear: '40' }, 1).overhead.value).toBeCloseTo(406_000 / 800, 9);
  });
});

describe('fabrication charges', () => {
  const { makingCharge } = readRates(workshop, 1);

  test('are those of the thinnest row that applies', () => {
    expect(makingCharge('silver', 'wire', 0.5).value).toBe(20);
    expect(makingCharge('silver', 'wire', 0.6).value).toBe(20);
    expect(makingCharge('silver', 'wire', 0.7).value).toBe(12);
    expect(makingCharge('copper', 'wire', 0.5).value).toBe(0);
  });

  test('of shaped wire are those of wire until it has its own', () => {
    expect(makingCharge('silver', 'shaped', 2).value).toBe(12);
    const [thin, any] = workshop.makingCharges;
    if (!thin || !any) throw new Error('The workshop has two rows.');
    const own = readRates({ ...workshop, makingCharges: [thin, { ...any, shaped: '0.30' }] }, 1);
    expect(own.makingCharge('silver', 'shaped', 2).value).toBe(30);
  });
});

describe('metal valuation', () => {
  const receipt = (id: number, on: string, grams: string, paid: string): Receipt => ({
    id,
    on,
    at: `${on}T09:00:00Z`,
    alloy: 'silver-925',
    form: 'sheet',
    grams,
    paid,
    currency: 'GBP',
    source: 'a dealer',
  });
  // 100 g for 90 and 50 g for 60: 1.00 a gram on average, 1.20 last.
  const receipts = [receipt(2, '2026-02-10', '50 g', '60'), receipt(1, '2026-01-05', '100 g', '90')];

  test('is at average, last or replacement cost', () => {
    expect(paidFor(receipts, 'average', 'GBP')('silver-925', 'sheet')?.perGram.value).toBeCloseTo(100, 9);
    expect(paidFor(receipts, 'last', 'GBP')('silver-925', 'sheet')?.perGram.value).toBeCloseTo(120, 9);
    expect(paidFor(receipts, 'replacement', 'GBP')('silver-925', 'sheet')).toBeNull();
    expect(paidFor(receipts, 'last', 'GBP')('silver-925', 'wire')).toBeNull();
    expect(paidFor(receipts, 'last', 'EUR')('silver-925', 'sheet')).toBeNull();
  });

  test('is named in the figure, and stock without a receipt is at replacement cost', () => {
    const rates = withReceipts(readRates({ ...workshop, metalBasis: 'last' }, 1), receipts);
    const metal = countPiece(pendant, rates, workshopFix).column.lines[0]?.each;
    const [face, post] = metal?.from ?? [];
    expect(face?.from[1]?.label).toContain('last paid');
    expect(face?.from[1]?.value).toBeCloseTo(120, 9);
    expect(post?.from[1]?.label).toContain('to replace');
  });

  test('a receipt without a weight or a price is refused in a sentence', () => {
    expect(receiptProblems({ grams: '', paid: '12', currency: 'GBP' })).toEqual([
      { path: 'grams', sentence: 'Give what it weighed.' },
    ]);
    expect(receiptProblems({ grams: '3 g', paid: 'much', currency: 'GBP' }).map(({ path }) => path)).toEqual(['paid']);
  });
});

test('a field that cannot be read is named', () => {
  const { problems } = readRates(
    {
      ...workshop,
      margin: '100 %',
      ladder: '15, many',
      taxHow: 'included',
      taxRate: 'x',
      channels: [{ id: 'a', name: '', kind: 'retail', feeShare: '200 %', feeEach: '', shopKeeps: '' }],
      volumeBreaks: [{ id: 'b', from: '1', off: '5 %' }],
      overheadCosts: [{ id: 'c', name: '', amount: '1/0', per: 'week' }],
      makers: [{ id: 'd', name: '', rate: 'all', hours: '', away: '', does: '', prefers: '' }],
    },
    1,
  );
  expect(new Set(problems.map(({ path }) => path))).toEqual(
    new Set([
      'margin',
      'ladder',
      'taxRate',
      'channels.0.feeShare',
      'volumeBreaks.0.from',
      'overheadCosts.0.amount',
      'makers.0.rate',
    ]),
  );
});

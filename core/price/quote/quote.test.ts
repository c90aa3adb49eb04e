import { describe, expect, test } from 'vitest';
import { given } from '../../figure/figure.ts';
import { countQuote, emptyQuote, newQuoteLine, type Quote, quoteStanding } from './quote.ts';

const untaxed = { how: 'none', rate: given('tax', 0, '', 'test') } as const;
const retail = (piece: string) => (piece === 'ring' ? given('retail', 24_000, 'GBP', 'test') : null);
const quote: Quote = {
  ...emptyQuote,
  lines: [
    { ...newQuoteLine('a'), what: 'Ring', piece: 'ring', count: '2' },
    { ...newQuoteLine('b'), what: 'Engraving', price: '35.50' },
  ],
  deposit: '40 %',
  allowed: '15.50',
};

// 2 × 240.00 + 35.50 − 15.50 = 500.00; 40 % of it before it is begun.
test('a quote adds up its items, the customer’s metal, the deposit and the balance', () => {
  const { lines, total, deposit, rest, problems } = countQuote(quote, 'GBP', retail, untaxed);
  expect(problems).toEqual([]);
  expect(lines.map(({ all }) => all.value)).toEqual([48_000, 3550]);
  expect([total.value, deposit.value, rest.value]).toEqual([50_000, 20_000, 30_000]);
});

test('tax on top is in what there is to pay, and in the deposit', () => {
  // 500.00 + 20 % = 600.00; 40 % of it is 240.00.
  const onTop = { how: 'on-top', rate: given('tax', 0.2, '', 'test') } as const;
  const { tax, toPay, deposit, rest } = countQuote(quote, 'GBP', retail, onTop);
  expect([tax?.value, toPay.value, deposit.value, rest.value]).toEqual([10_000, 60_000, 24_000, 36_000]);
});

test('tax within the prices changes nothing of what there is to pay', () => {
  // 500.00 − 500.00 ÷ 1.2 = 83.33.
  const included = { how: 'included', rate: given('tax', 0.2, '', 'test') } as const;
  const { tax, toPay, deposit } = countQuote(quote, 'GBP', retail, included);
  expect([tax?.value, toPay.value, deposit.value]).toEqual([8333, 50_000, 20_000]);
});

test('the total is at least the minimum charge', () => {
  const small = { ...emptyQuote, lines: [{ ...newQuoteLine('a'), price: '6' }], least: '25', deposit: '' };
  const { total, deposit } = countQuote(small, 'GBP', retail, untaxed);
  expect(total.value).toBe(2500);
  expect(total.how).toBe('6.00; the minimum charge applies');
  expect(deposit.value).toBe(0);
});

test('deposit and balance add up to the total, to the minor unit', () => {
  const odd = { ...emptyQuote, lines: [{ ...newQuoteLine('a'), price: '10.01' }], deposit: '33 %' };
  const { total, deposit, rest } = countQuote(odd, 'GBP', retail, untaxed);
  expect(deposit.value).toBe(330);
  expect(deposit.value + rest.value).toBe(total.value);
});

test('an item that cannot be read is named', () => {
  const bad = {
    ...quote,
    lines: [
      { ...newQuoteLine('a'), piece: 'gone' },
      { ...newQuoteLine('b'), count: '0' },
    ],
    deposit: 'x',
  };
  expect(countQuote(bad, 'GBP', retail, untaxed).problems.map(({ path }) => path)).toEqual([
    'lines.0.price',
    'lines.1.count',
    'deposit',
  ]);
});

describe('validity of a quote', () => {
  const terms = { expires: '2026-06-30', metalFixedUntil: '2026-06-10' };
  test.each([
    ['2026-06-01', 'holds'],
    ['2026-06-10', 'holds'],
    ['2026-06-11', 'metal at the day'],
    ['2026-06-30', 'metal at the day'],
    ['2026-07-01', 'expired'],
  ])('a quote on %s %s', (day, standing) => {
    expect(quoteStanding(terms, day)).toBe(standing);
  });
  test('a quote without dates stays valid', () => {
    expect(quoteStanding({ expires: '', metalFixedUntil: '' }, '2030-01-01')).toBe('holds');
  });
});

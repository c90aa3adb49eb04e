import { expect, test } from 'vitest';
import { given } from '../../figure/figure.ts';
import type { PieceCount } from './count-piece.ts';
import { priceStanding } from './standing.ts';

const now = (cost: number, wholesale: number) =>
  ({
    column: { cost: given('cost', cost, 'GBP', '') },
    prices: { wholesale: given('wholesale', wholesale, 'GBP', '') },
  }) as unknown as PieceCount;
const then = {
  currency: 'GBP',
  fixOn: '2026-09-01',
  costMinor: 3000,
  wholesaleMinor: 6000,
  retailMinor: 13000,
  how: 'accepted' as const,
  sizes: {},
};

test('a set price holds while the rule price is no higher', () => {
  expect(priceStanding(then, now(3000, 6000))?.holds).toBe(true);
  expect(priceStanding(then, now(2800, 5600))?.holds).toBe(true);
});

test('a price that is out of date shows its profit today', () => {
  const standing = priceStanding(then, now(3400, 6800));
  expect(standing?.holds).toBe(false);
  expect(standing?.left).toMatchObject({ value: 2600, how: '60.00 − 34.00' });
  expect(standing?.then.source).toContain('2026-09-01');
});

test('a price that was never set, is zero or in another currency has no state', () => {
  expect(priceStanding(null, now(3000, 6000))).toBeNull();
  expect(priceStanding({ ...then, wholesaleMinor: 0 }, now(3000, 6000))).toBeNull();
  expect(priceStanding({ ...then, currency: 'EUR' }, now(3000, 6000))).toBeNull();
});

import { describe, expect, it } from 'vitest';
import { given } from '../figure/figure.ts';
import { keepsOf } from '../price/piece/channels.ts';
import type { PriceRule, SellingChannel } from '../studio/selling.ts';
import { shopStatement } from './consignment-statement.ts';
import { made, testEntries } from './fixtures.ts';
import { movePieces } from './made-entry.ts';
import { keptMinor, saleMoney, shareSale } from './sale-money.ts';

const channel = (kind: SellingChannel['kind'], fee: number, each: number, shop: number): SellingChannel => ({
  id: 'c', name: 'c', kind, feeShare: given('', fee, '', ''), feeEach: given('', each, 'GBP', ''), shopKeeps: given('', shop, '', ''),
}); // prettier-ignore
const rule = (how: 'none' | 'included' | 'on-top', rate: number) =>
  ({ tax: { how, rate: given('', rate, '', '') } }) as unknown as PriceRule;

describe('saleMoney', () => {
  it('by hand: 120.00 with 20 % tax in it, 40 % commission, no fee', () => {
    const money = saleMoney(12_000, { channel: channel('consignment', 0, 0, 0.4), rule: rule('included', 0.2), commission: null }); // prettier-ignore
    expect(money).toEqual({ paidMinor: 12_000, taxMinor: 2000, commissionMinor: 4000, feeMinor: 0 });
    expect(keptMinor(money)).toBe(6000);
  });

  it('a shop with its own commission keeps that', () => {
    expect(saleMoney(10_000, { channel: channel('consignment', 0, 0, 0.4), rule: rule('none', 0), commission: 0.33 }).commissionMinor).toBe(3300); // prettier-ignore
  });

  it.each(['none', 'included', 'on-top'] as const)('leaves what the channel of a piece leaves, tax %s', (how) => {
    const card = channel('retail', 0.019, 0, 0.1);
    const money = saleMoney(100_000, { channel: card, rule: rule(how, 0.2), commission: null });
    expect(keptMinor(money) / 100_000).toBeCloseTo(keepsOf(card, rule(how, 0.2)), 4);
  });

  it('a refund is the sale with its signs turned', () => {
    const terms = { channel: channel('retail', 0.026, 30, 0), rule: rule('included', 0.2), commission: null };
    const [sale, refund] = [saleMoney(4800, terms), saleMoney(-4800, terms)];
    expect(keptMinor(sale) + keptMinor(refund)).toBe(0);
  });
});

describe('shareSale', () => {
  it('parts add up to the minor unit', () => {
    const money = { paidMinor: 10_001, taxMinor: 1667, commissionMinor: 333, feeMinor: 191 };
    const parts = shareSale(money, [3, 3, 1]);
    for (const key of ['paidMinor', 'taxMinor', 'commissionMinor', 'feeMinor'] as const)
      expect(parts.reduce((sum, part) => sum + part[key], 0)).toBe(money[key]);
  });
});

describe('shopStatement', () => {
  it('by hand: four brought, two sold, one taken back, one there', () => {
    const paid = { paidMinor: 4800, commissionMinor: 1824, taxMinor: 0, feeMinor: 0 };
    const entries = testEntries([
      made('2026-01-02', 'i1', 9),
      { kind: 'moved', on: '2026-01-05', lines: movePieces('i1', 4, { place: 'studio' }, { place: 'shop/a' }) },
      { kind: 'sold', on: '2026-01-20', lines: movePieces('i1', 1, { place: 'shop/a' }, { place: 'sold', amounts: paid }) },
      { kind: 'sold', on: '2026-01-31', lines: movePieces('i1', 1, { place: 'shop/a' }, { place: 'sold', amounts: paid }) },
      { kind: 'moved', on: '2026-02-03', lines: movePieces('i1', 1, { place: 'shop/a' }, { place: 'studio' }) },
    ]); // prettier-ignore
    const january = shopStatement(entries, 'shop/a', '2026-01-01', '2026-01-31');
    // 2 × 48.00, 38 % of it to the shop: 36.48, due 59.52.
    expect(january).toMatchObject({ paidMinor: 9600, commissionMinor: 3648, dueMinor: 5952, brought: 4, takenBack: 0 });
    expect(january.there).toMatchObject([{ item: 'i1', count: 2 }]);
    const february = shopStatement(entries, 'shop/a', '2026-02-01', '2026-02-28');
    expect(february).toMatchObject({ lines: [], dueMinor: 0, takenBack: 1 });
    expect(february.there).toMatchObject([{ count: 1 }]);
  });
});

import { describe, expect, test } from 'vitest';
import { given } from '../figure/figure.ts';
import { alloysWith } from './alloy.ts';
import type { Alloy } from './alloys.ts';
import { finePrice } from './fine-price.ts';
import { type Fix, fixProblems } from './fix.ts';
import { alloyPrice } from './price-per-gram.ts';

const fix: Fix = {
  id: 1,
  on: '2026-03-02',
  at: '2026-03-02T12:00:00Z',
  currency: 'GBP',
  prices: { Ag: '31.1034768 / ozt', Cu: '10 / kg', Au: '' },
  source: 'typed',
};
const charge = given('making charge', 12, 'GBP/g', 'Studio');
const alloy = (id: string): Alloy => {
  const found = alloysWith([]).get(id);
  if (!found) throw new Error(id);
  return found;
};

describe('the price of a gram', () => {
  test('of sterling is 0.925 of silver at 1.00, 0.075 of copper at 0.01, and the fabrication charge', () => {
    const price = alloyPrice(alloy('silver-925'), fix, charge);
    if ('sentence' in price) throw new Error(price.sentence);
    expect(price.content.value).toBeCloseTo(92.5 + 0.075, 9);
    expect(price.bought.value).toBeCloseTo(104.575, 9);
    expect(price.content.how).toBe('0.925 × 1.00 + 0.075 × 0.01');
    expect(price.content.from[1]?.source).toBe('metal prices of 2026-03-02: 31.1034768 / ozt, typed');
  });

  test('of base metal without a price is its fabrication charge', () => {
    const price = alloyPrice(alloy('steel-low-carbon'), fix, charge);
    expect('bought' in price && price.bought.value).toBe(12);
  });

  test('of gold without a gold price is unknown', () => {
    const price = alloyPrice(alloy('gold-9k-yellow'), fix, charge);
    expect('sentence' in price && price.sentence).toMatch(/no price for gold/);
  });

  test('of silver needs no copper price', () => {
    const price = alloyPrice(alloy('silver-925'), { ...fix, prices: { Ag: '1' } }, charge);
    expect('content' in price && price.content.value).toBeCloseTo(92.5, 9);
  });
});

test('a missing or blank metal has no price', () => {
  expect(finePrice(fix, 'Au')).toBeNull();
  expect(finePrice(fix, 'Pt')).toBeNull();
  expect(finePrice({ ...fix, prices: { Ag: 'x' } }, 'Ag')).toBeNull();
});

test('each price that cannot be read gets a sentence', () => {
  expect(fixProblems({ currency: 'GBP', prices: { Ag: '25.50 / ozt' } })).toEqual([]);
  expect(fixProblems({ currency: 'GBP', prices: {} })[0]?.sentence).toMatch(/at least one metal/);
  expect(fixProblems({ currency: 'GBP', prices: { Ag: '25 / stone', Au: '0' } }).map(({ path }) => path)).toEqual([
    'prices.Ag',
    'prices.Au',
  ]);
});

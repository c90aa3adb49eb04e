import { describe, expect, test } from 'vitest';
import { given } from '../figure/figure.ts';
import { alloysWith } from './alloy.ts';
import type { Alloy } from './alloys.ts';
import { fixProblems, finePrice, type Fix } from './fix.ts';
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

describe('a fix becomes a price per gram', () => {
  test('sterling: 0.925 of silver at 1.00 and 0.075 of copper at 0.01, and the making charge', () => {
    const price = alloyPrice(alloy('silver-925'), fix, charge);
    if ('sentence' in price) throw new Error(price.sentence);
    expect(price.content.value).toBeCloseTo(92.5 + 0.075, 9);
    expect(price.bought.value).toBeCloseTo(104.575, 9);
    expect(price.content.how).toBe('0.925 × 1.00 + 0.075 × 0.01');
    expect(price.content.from[1]?.source).toBe('noon fix of 2026-03-02: 31.1034768 / ozt, typed');
  });

  test('base metal that the fix does not price is its making charge', () => {
    const price = alloyPrice(alloy('steel-low-carbon'), fix, charge);
    expect('bought' in price && price.bought.value).toBe(12);
  });

  test('gold without a gold price has none', () => {
    const price = alloyPrice(alloy('gold-9k-yellow'), fix, charge);
    expect('sentence' in price && price.sentence).toMatch(/no price for gold/);
  });

  test('a left-out copper price is no obstacle to pricing silver', () => {
    const price = alloyPrice(alloy('silver-925'), { ...fix, prices: { Ag: '1' } }, charge);
    expect('content' in price && price.content.value).toBeCloseTo(92.5, 9);
  });
});

test('a metal left out or left blank has no price', () => {
  expect(finePrice(fix, 'Au')).toBeNull();
  expect(finePrice(fix, 'Pt')).toBeNull();
  expect(finePrice({ ...fix, prices: { Ag: 'x' } }, 'Ag')).toBeNull();
});

test('a fix is refused with a sentence for each price that cannot be read', () => {
  expect(fixProblems({ currency: 'GBP', prices: { Ag: '25.50 / ozt' } })).toEqual([]);
  expect(fixProblems({ currency: 'GBP', prices: {} })[0]?.sentence).toMatch(/at least one metal/);
  expect(fixProblems({ currency: 'GBP', prices: { Ag: '25 / stone', Au: '0' } }).map(({ path }) => path)).toEqual([
    'prices.Ag',
    'prices.Au',
  ]);
});

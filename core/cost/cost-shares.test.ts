// Shares of the cost: they add up to it, with the scrap credit taken off the metal.
import { expect, test } from 'vitest';
import { given } from '../figure/figure.ts';
import type { CostKey } from './column.ts';
import { costShares } from './cost-shares.ts';

const line = (key: CostKey, value: number) => ({
  key,
  takes: given(key, 1, '', ''),
  each: given(key, value, 'GBP', ''),
});

test('the scrap credit is taken off the metal, and the shares add up to the cost', () => {
  const shares = costShares({ lines: [line('metal', 900), line('scrap', -150), line('labour', 1200)] });
  expect(shares).toEqual([
    { key: 'metal', amount: 750, isNet: true },
    { key: 'labour', amount: 1200, isNet: false },
  ]);
});

test('lines of nothing have no share', () => {
  expect(costShares({ lines: [line('metal', 0), line('marks', 0)] })).toEqual([]);
  expect(costShares({ lines: [line('metal', 100), line('scrap', 0)] })).toEqual([
    { key: 'metal', amount: 100, isNet: false },
  ]);
});

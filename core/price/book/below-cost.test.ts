import { expect, test } from 'vitest';
import { belowCostIssue, isBelowCost } from './below-cost.ts';

const costOf = (size?: string) => (size === 'large' ? 1500 : 1000);

test('a price at its cost is not below it, and one minor unit less is', () => {
  expect(isBelowCost({ wholesaleMinor: 1000 }, costOf)).toBe(false);
  expect(isBelowCost({ wholesaleMinor: 999 }, costOf)).toBe(true);
});

test('each size is compared with its own cost', () => {
  const sizes = { small: { wholesaleMinor: 1000 }, large: { wholesaleMinor: 1499 } };
  expect(isBelowCost({ wholesaleMinor: 2000, sizes }, costOf)).toBe(true);
  expect(isBelowCost({ wholesaleMinor: 2000, sizes: { small: sizes.small } }, costOf)).toBe(false);
});

test('the sentence names the piece, or says “A piece” when it has no name', () => {
  expect(belowCostIssue(' Buoy ', 'prices.0.wholesaleMinor').sentence).toMatch(/^Buoy would sell below its cost/);
  expect(belowCostIssue('', '').sentence).toMatch(/^A piece would/);
});

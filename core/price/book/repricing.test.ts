import { expect, test } from 'vitest';
import { priceHows } from '../piece/standing.ts';
import { followsRule } from './repricing.ts';

test('only a first price and a price made by the rule follow the rule', () => {
  expect(followsRule(null)).toBe(true);
  expect(priceHows.filter((how) => followsRule({ how })).sort()).toEqual(['accepted', 'fix']);
});

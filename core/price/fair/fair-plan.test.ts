// A fair against sums by hand.
import { describe, expect, test } from 'vitest';
import { given } from '../../figure/figure.ts';
import { workshopRates } from '../fixtures/workshop.ts';
import { emptyFair, type Fair, newLevel } from './fair.ts';
import { planFair } from './fair-plan.ts';

const fair: Fair = {
  ...emptyFair,
  stallFee: '120',
  travel: '30',
  nights: '2',
  nightCost: '55',
  hours: '16',
  hourWorth: '20',
  visitors: '1000',
  visitorSpread: '',
  buyers: '6 %',
  levels: [
    { ...newLevel('low'), name: 'Low', price: '15 / 25', cost: '4', share: '80 %', second: '50 %' },
    { ...newLevel('high'), name: 'High', price: '180', piece: 'brooch', share: '20 %' },
  ],
};
const plan = planFair(fair, workshopRates, (id) => (id === 'brooch' ? given('cost', 6000, 'GBP', 'test') : null));

// 120 + 30 + 2 × 55 + 16 × 20 = 580. 60 buyers: 48 take the low level, 1.5 pieces and 20.00 each on average, which cost 6.00;
// 12 take the high one and leave 120.00 each. 48 × 14 + 12 × 120 = 2112.
test('the profit is takings less costs', () => {
  expect(plan.problems).toEqual([]);
  expect(plan.costs.value).toBeCloseTo(58_000, 9);
  expect(plan.buyers.value).toBeCloseTo(60, 9);
  expect(plan.takings.value).toBeCloseTo(48 * 2000 + 12 * 18_000, 6);
  expect(plan.margin.value).toBeCloseTo(211_200, 6);
  expect(plan.result.value).toBeCloseTo(153_200, 6);
});

// A buyer leaves 35.20: 580 ÷ 35.20 = 16.5 buyers. Low alone: 14.00 on 1.5 pieces, 9.33 a piece: 63. High alone: 5.
test('the break-even is given for each level alone and for the mix', () => {
  expect(plan.buyersThatPay).toBeCloseTo(58_000 / 3520, 9);
  expect(plan.levels.map(({ paysAlone }) => paysAlone)).toEqual([63, 5]);
  expect(plan.levels.map(({ paysInMix }) => paysInMix)).toEqual([20, 4]);
});

test('the range holds the expected result, and the stock lasts in nine fairs of ten', () => {
  const { p10, p50, p90, chanceOfLoss } = plan.range;
  expect(p10).toBeLessThan(p50);
  expect(p50).toBeLessThan(p90);
  // Compound Poisson: variance is buyers times the mean square of what one leaves (textbooks, from memory).
  const square = 0.8 * (0.5 * 1100 ** 2 + 0.5 * 1700 ** 2) + 0.2 * 12_000 ** 2;
  const deviation = Math.sqrt(60 * square);
  expect((p90 - p10) / (2 * 1.2816 * deviation)).toBeCloseTo(1, 1);
  expect(Math.abs(p50 - 153_200)).toBeLessThan(0.15 * deviation);
  expect(chanceOfLoss).toBeLessThan(0.01);
  for (const { toMake, expected } of plan.levels) expect(toMake).toBeGreaterThan(expected.value);
});

test('varying visitor numbers widen the range', () => {
  const rainy = planFair({ ...fair, visitorSpread: '40 %' }, workshopRates, () => given('cost', 6000, 'GBP', 'test'));
  expect(rainy.range.p90 - rainy.range.p10).toBeGreaterThan(1.5 * (plan.range.p90 - plan.range.p10));
});

describe('after the fair', () => {
  // 70 low ones and 9 high ones for 2,700 in all: 2700 − 70 × 4 − 9 × 60 − 580 = 1300.
  test('actual sales and takings are compared with the plan', () => {
    const sold = fair.levels.map((level, index) => ({ ...level, sold: index === 0 ? '70' : '9' }));
    const done = planFair({ ...fair, levels: sold, taken: '2700' }, workshopRates, () =>
      given('c', 6000, 'GBP', 'test'),
    );
    expect(done.actual?.result.value).toBeCloseTo(130_000, 6);
    expect(done.levels.map((level) => level.sold)).toEqual([70, 9]);
    expect(plan.actual).toBeNull();
  });
});

test('card payments cost their share and fee', () => {
  const cards = {
    ...workshopRates,
    selling: {
      ...workshopRates.selling,
      channels: [
        {
          id: 'card',
          name: 'Card',
          kind: 'retail' as const,
          feeShare: given('fee', 0.02, '', 'test'),
          feeEach: given('fee', 20, 'GBP', 'test'),
          shopKeeps: given('keeps', 0, '', 'test'),
        },
      ],
    },
  };
  const paid = planFair({ ...fair, channel: 'card' }, cards, () => given('c', 6000, 'GBP', 'test'));
  expect(plan.margin.value - paid.margin.value).toBeCloseTo(0.02 * plan.takings.value + 60 * 20, 6);
});

test('falling multi-buy prices and shares above one are reported at their field', () => {
  const [low, high] = fair.levels;
  if (!low || !high) throw new Error('There are two levels.');
  const bad = planFair(
    {
      ...fair,
      stallFee: 'x',
      levels: [
        { ...low, price: '15 / 9' },
        { ...high, share: '40 %' },
      ],
    },
    workshopRates,
    () => null,
  );
  expect(bad.problems.map(({ path }) => path).sort()).toEqual(['levels', 'levels.0.price', 'stallFee']);
});

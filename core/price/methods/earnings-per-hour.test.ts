// Earnings per bench hour, and each pricing method by its own textbook sum.
import { expect, test } from 'vitest';
import { given } from '../../figure/figure.ts';
import { workshopRates } from '../fixtures/workshop.ts';
import { buildUp } from './build-up.ts';
import { costGroups } from './cost-groups.ts';
import { earningsPerHour } from './earnings-per-hour.ts';
import { targetMargin } from './margin.ts';
import { markUpByCategory } from './mark-ups.ts';
import { backFromPricePoint } from './price-point.ts';

const money = (value: number) => given('amount', value, 'GBP', 'test');
const share = (value: number) => given('share', value, '', 'test');
const { rule } = workshopRates.selling;
const groups = costGroups([
  { key: 'metal', amount: 400 },
  { key: 'scrap', amount: -50 },
  { key: 'stones', amount: 150 },
  { key: 'labour', amount: 500 },
]);

// (24.00 − 10.00 + 4.00) for 30 minutes is 36.00 an hour.
test('the profit and the labour of 30 minutes are doubled for an hour', () => {
  const hour = earningsPerHour(money(2400), money(1000), money(400), given('minutes', 30, 'min', 'test'));
  expect(hour?.value).toBe(3600);
  expect(hour?.unit).toBe('GBP/h');
  expect(earningsPerHour(money(2400), money(1000), money(0), given('minutes', 0, 'min', 'test'))).toBeNull();
});

test('scrap value is part of the metal category', () => {
  expect(groups).toEqual({ metal: 350, findings: 150, labour: 500 });
});

test('each method gives its sum by hand for a cost of 10.00', () => {
  expect(buildUp.wholesale(groups, { ...rule, wholesaleFactor: share(1.9) }, 0)).toBeCloseTo(1900, 9);
  const markUps = { metal: share(0.2), findings: share(0.5), labour: share(1) };
  expect(markUpByCategory.wholesale(groups, { ...rule, markUps }, 0)).toBeCloseTo(420 + 225 + 1000, 9);
  expect(targetMargin.wholesale(groups, { ...rule, margin: share(0.6) }, 0)).toBeCloseTo(2500, 9);
  const tax = { how: 'included', rate: share(0.2) } as const;
  const target = { ...rule, tax, retailFactor: share(2) };
  expect(backFromPricePoint.wholesale(groups, target, 4800)).toBeCloseTo(2000, 9);
});

import { expect, test } from 'vitest';
import { fixProblems } from '../../core/metal/fix.ts';
import { STAND_IN, standIn } from './stand-in.ts';

test('a day has the same prices in every request, and each can be stored', () => {
  const week = standIn.days('2026-03-06', 7, 'GBP');
  expect(week.map(({ on }) => on)).toEqual(['2026-03-06', '2026-03-05', '2026-03-04', '2026-03-03', '2026-03-02']);
  expect(standIn.days('2026-03-04', 1, 'GBP')[0]).toEqual(week[2]);
  for (const day of week) {
    expect(fixProblems(day)).toEqual([]);
    expect(day.source).toBe(STAND_IN);
    expect(day.source).toContain('made-up');
  }
});

test('a day moves little, and the series stays near its mean', () => {
  const silver = standIn.days('2030-12-31', 400, 'USD').map(({ prices }) => parseFloat(prices.Ag ?? ''));
  const moves = silver.slice(1).map((price, index) => Math.abs(price / (silver[index] ?? price) - 1));
  expect(Math.max(...moves)).toBeLessThan(0.15);
  expect(Math.max(...silver)).toBeLessThan(28 * 2.5);
  expect(Math.min(...silver)).toBeGreaterThan(28 / 2.5);
});

test('there are no prices before the series starts, and a currency without minor units has whole prices', () => {
  expect(standIn.days('2023-12-31', 5, 'GBP')).toEqual([]);
  expect(standIn.days('2026-03-04', 1, 'JPY')[0]?.prices.Ag).toMatch(/^\d+ \/ ozt$/);
});

// Ladders against plain enumeration of every customer there can be.
import fc from 'fast-check';
import { expect, test } from 'vitest';
import { perCustomer, readBuyLadder, secondThatPays, takes } from './multi-buy.ts';

test('multi-buy prices are read level by level, and falling ones are refused', () => {
  expect(readBuyLadder('14 / 24 / 33.50', 'GBP')).toEqual([1400, 2400, 3350]);
  expect(readBuyLadder('14', 'GBP')).toEqual([1400]);
  expect(readBuyLadder('14 / 12', 'GBP')).toHaveProperty('sentence');
  expect(readBuyLadder('', 'GBP')).toHaveProperty('sentence');
  expect(readBuyLadder('14 / lots', 'GBP')).toHaveProperty('sentence');
});

test('the chances of one, two and three items add up to one', () => {
  const chance = fc.double({ min: 0, max: 1, noNaN: true });
  fc.assert(
    fc.property(fc.array(chance, { maxLength: 4 }), fc.integer({ min: 1, max: 5 }), (more, rungs) => {
      const all = takes(more, rungs);
      expect(all).toHaveLength(rungs);
      expect(all.reduce((sum, one) => sum + one, 0)).toBeCloseTo(1, 12);
      expect(all.every((one) => one >= 0)).toBe(true);
    }),
  );
});

// Of 1000 customers 500 stop at one; of the 500 who take a second 150 take a third: 500, 350, 150.
test('takings and margin of a customer equal the mean of a thousand simulated ones', () => {
  const customers = [...Array<number>(500).fill(1), ...Array<number>(350).fill(2), ...Array<number>(150).fill(3)];
  const ladder = [1400, 2400, 3300];
  const terms = { keeps: 0.98, feeEach: 10, cost: 420 };
  const mean = (of: (pieces: number) => number) => customers.reduce((sum, pieces) => sum + of(pieces), 0) / 1000;
  const margin = (pieces: number) => (ladder[pieces - 1] ?? 0) * 0.98 - 10 - 420 * pieces;
  const customer = perCustomer(ladder, [0.5, 0.3], terms);
  expect(customer.pieces).toBeCloseTo(
    mean((pieces) => pieces),
    9,
  );
  expect(customer.takings).toBeCloseTo(
    mean((pieces) => ladder[pieces - 1] ?? 0),
    9,
  );
  expect(customer.margin).toBeCloseTo(mean(margin), 9);
  expect(customer.marginSquared).toBeCloseTo(
    mean((pieces) => margin(pieces) ** 2),
    6,
  );
});

test('at its break-even chance a multi-buy price earns what single prices do', () => {
  const ladder = [1500, 2600];
  const chance = secondThatPays(ladder, 0.3, 400) ?? NaN;
  const laddered = perCustomer(ladder, [chance], { cost: 400 }).margin;
  const single = perCustomer([1500, 3000], [0.3], { cost: 400 }).margin;
  expect(laddered).toBeCloseTo(single, 9);
  expect(secondThatPays([1500, 1800], 0.3, 400)).toBeNull();
  expect(secondThatPays([1500, 2000], 0.9, 400)).toBeNull();
});

import { describe, expect, it } from 'vitest';
import { fairLesson } from './fair-learning.ts';
import { fairCame, pastFairs } from './fair-outcome.ts';
import { testEntries } from './fixtures.ts';
import { movePieces } from './made-entry.ts';
import { poissonInterval } from './poisson-interval.ts';
import { priceLesson } from './price-lessons.ts';

describe('poissonInterval', () => {
  // Garwood (1936), Biometrika 28, table of 95 % limits.
  it.each([
    [0, 0, 3.689],
    [1, 0.0253, 5.572],
    [10, 4.795, 18.39],
    [25, 16.18, 36.9],
  ])('for a count of %d', (count, low, high) => {
    const [below, above] = poissonInterval(count, count === 0 ? 0.95 : 0.95);
    expect(below).toBeCloseTo(low, 2);
    expect(above).toBeCloseTo(high, 1);
  });
});

describe('priceLesson', () => {
  it('few sales say nothing', () => {
    expect(priceLesson([{ priceMinor: 4500, sold: 3, weeks: 10 }, { priceMinor: 4800, sold: 20, weeks: 10 }]).verdict).toBe('too-few'); // prettier-ignore
    expect(priceLesson([]).verdict).toBe('too-few');
  });
  it('one price compares with nothing', () => {
    expect(priceLesson([{ priceMinor: 4500, sold: 30, weeks: 10 }]).verdict).toBe('one-price');
  });
  it('ranges that do not meet are a difference', () => {
    const at = (priceMinor: number, sold: number) => ({ priceMinor, sold, weeks: 20 });
    expect(priceLesson([at(4500, 60), at(6000, 15)]).verdict).toBe('slower');
    expect(priceLesson([at(4500, 15), at(6000, 60)]).verdict).toBe('faster');
    expect(priceLesson([at(4500, 20), at(6000, 15)]).verdict).toBe('no-difference');
  });
});

describe('fairLesson', () => {
  it('is the beta update by hand', () => {
    const baskets = [...Array.from({ length: 30 }, () => 1), ...Array.from({ length: 11 }, () => 2)];
    const { buyers, second } = fairLesson([{ visitors: 1250, counted: 1250, days: 2, baskets, before: 0 }]);
    // Beta(2.4 + 41, 57.6 + 1209) and Beta(2 + 11, 6 + 30).
    expect(buyers.share).toBeCloseTo(43.4 / 1310, 10);
    expect(second.share).toBeCloseTo(13 / 49, 10);
    expect(buyers.low).toBeLessThan(buyers.share);
    expect(buyers.high).toBeGreaterThan(buyers.share);
  });
  it('older fairs weigh less', () => {
    const fair = (before: number) => ({
      visitors: 500,
      counted: 0,
      days: 1,
      baskets: Array.from({ length: 50 }, () => 1),
      before,
    });
    expect(fairLesson([fair(0)]).buyers.share).toBeGreaterThan(fairLesson([fair(5)]).buyers.share);
  });
  it('visitors a day are the mean of past fairs, the last counting most', () => {
    const fair = (visitors: number, days: number, before: number) => ({
      visitors,
      counted: visitors,
      days,
      baskets: [1],
      before,
    });
    // 600 a day, then 0.8 × 450 a day: 960 ÷ 1.8.
    expect(fairLesson([fair(1200, 2, 0), fair(450, 1, 1)]).visitorsADay).toMatchObject({ low: 450, high: 600 });
    expect(fairLesson([fair(1200, 2, 0), fair(450, 1, 1)]).visitorsADay?.mean).toBeCloseTo(960 / 1.8, 10);
    expect(fairLesson([fair(0, 2, 0)]).visitorsADay).toBeNull();
  });
  it('before any fair the usual shares stand', () => {
    expect(fairLesson([]).buyers.share).toBeCloseTo(0.04, 10);
  });
});

describe('pastFairs', () => {
  const fair = (id: string, from: string, more = {}) => ({ id, body: { from, days: '2', visitors: '900', visitorsCame: '', ...more } }); // prettier-ignore
  const sale = (place: `fair/${string}`, on: string) => ({ kind: 'sold' as const, on, customers: 2, lines: movePieces('i1', 3, { place }, { place: 'sold' }) }); // prettier-ignore
  const entries = testEntries([
    sale('fair/a', '2026-03-01'),
    sale('fair/b', '2026-06-01'),
    sale('fair/d', '2026-12-01'),
  ]);
  const fairs = [fair('a', '2026-03-01'), fair('b', '2026-06-01', { visitorsCame: '1,100', days: '' }), fair('c', '2026-07-01'), fair('d', '2026-12-01')]; // prettier-ignore

  it('gives fairs with sales before the next, the latest first', () => {
    expect(pastFairs(fairs, entries, fair('n', '2026-11-01'))).toEqual([
      { days: 1, visitors: 1100, counted: 1100, baskets: [2, 1], before: 0 },
      { days: 2, visitors: 900, counted: 0, baskets: [2, 1], before: 1 },
    ]);
  });
  it('a fair teaches nothing about itself, and without a day all others do', () => {
    expect(pastFairs(fairs, entries, fair('b', '')).map(({ before }) => before)).toEqual([0, 1]);
  });
});

describe('fairCame', () => {
  const sale = (count: number, customers: number, more = {}) => ({
    kind: 'sold' as const, on: '2026-05-02', customers,
    lines: movePieces('i1', count, { place: 'fair/f' }, { place: 'sold', amounts: { paidMinor: 1800 * count } }), ...more,
  }); // prettier-ignore
  it('counts takings and pieces of each customer; reversed sales are out', () => {
    const came = fairCame(testEntries([sale(2, 1), sale(1, 1), sale(7, 4), sale(9, 1, { correctedBy: 9 })]), 'f');
    expect(came.paidMinor).toBe(18_000);
    expect(came.baskets).toEqual([2, 1, 2, 2, 2, 1]);
  });
  it('another fair is not counted', () => {
    expect(fairCame(testEntries([sale(2, 1)]), 'g').pieces).toBe(0);
  });
});

import { describe, expect, it } from 'vitest';
import { poisson, seeded } from '../measure/random.ts';
import {
  chanceOf,
  chancesOfSales,
  type DemandBelief,
  expectedDemand,
  learnedDemand,
  piecesThatSuffice,
} from './demand.ts';

const chanceOfAtMost = (k: number, belief: DemandBelief, over: number) =>
  chanceOf(k, chancesOfSales([{ belief, over }]));

describe('learnedDemand', () => {
  // Gelman et al., Bayesian Data Analysis, section 2.6: asthma deaths, prior Gamma(3, 5), 3 deaths in an exposure of 2,
  // posterior Gamma(6, 7) with mean 0.86 (from memory, checked by hand).
  it('is the conjugate update of a gamma belief by Poisson counts', () => {
    const belief = learnedDemand(
      [
        { ago: 0, sold: 3, there: 1 },
        { ago: 0, sold: 0, there: 1 },
      ],
      { sales: 3, weeks: 5 },
    );
    expect(belief).toEqual({ sales: 6, weeks: 7 });
    expect(expectedDemand(belief, 1)).toBeCloseTo(0.857, 3);
  });

  it('forgets half in 26 weeks', () => {
    const prior = { sales: 0, weeks: 0 };
    expect(learnedDemand([{ ago: 26, sold: 8, there: 1 }], prior)).toEqual({ sales: 4, weeks: 0.5 });
  });

  it('a week without pieces there says nothing', () => {
    const prior = { sales: 2, weeks: 4 };
    expect(learnedDemand([{ ago: 3, sold: 0, there: 0 }], prior)).toEqual(prior);
  });
});

describe('chancesOfSales', () => {
  it('of no sale is the closed form of the negative binomial', () => {
    expect(chanceOfAtMost(0, { sales: 2.5, weeks: 10 }, 4)).toBeCloseTo((10 / 14) ** 2.5, 12);
  });

  // An independent way: the Poisson chance averaged over the gamma density, by the midpoint rule.
  it.each([
    [0, 1.3, 6, 5],
    [3, 4, 9, 6],
    [8, 12.5, 20, 10],
  ])('at most %d is the integral over the rate', (k, sales, weeks, over) => {
    const steps = 200_000;
    const most = 12;
    let [sum, all] = [0, 0];
    for (let at = 0; at < steps; at += 1) {
      const rate = ((at + 0.5) / steps) * most;
      const density = rate ** (sales - 1) * Math.exp(-weeks * rate);
      let term = Math.exp(-rate * over);
      let below = term;
      for (let n = 1; n <= k; n += 1) {
        term *= (rate * over) / n;
        below += term;
      }
      sum += density * below;
      all += density;
    }
    expect(chanceOfAtMost(k, { sales, weeks }, over)).toBeCloseTo(sum / all, 4);
  });

  it('rises with the pieces, and the smallest number that suffices is found', () => {
    const belief = { sales: 9, weeks: 12 };
    const pieces = piecesThatSuffice(0.9, chancesOfSales([{ belief, over: 6 }]));
    expect(chanceOfAtMost(pieces, belief, 6)).toBeGreaterThanOrEqual(0.9);
    expect(chanceOfAtMost(pieces - 1, belief, 6)).toBeLessThan(0.9);
  });

  it('is certain over no time', () => {
    expect(chanceOfAtMost(0, { sales: 9, weeks: 2 }, 0)).toBe(1);
  });
});

describe('chancesOfSales of two demands', () => {
  // Negative binomials of the same rate of failure add their shapes (standard result).
  it('of equal scale is one demand with both shapes', () => {
    const [a, b] = [{ sales: 2, weeks: 10 }, { sales: 3.5, weeks: 10 }]; // prettier-ignore
    const both = chancesOfSales([{ belief: a, over: 4 }, { belief: b, over: 4 }]); // prettier-ignore
    for (const k of [0, 1, 3, 6])
      expect(chanceOf(k, both)).toBeCloseTo(chanceOfAtMost(k, { sales: 5.5, weeks: 10 }, 4), 8);
  });

  it('of different scale is the sum over both counts', () => {
    const [a, b] = [{ belief: { sales: 2, weeks: 10 }, over: 4 }, { belief: { sales: 1, weeks: 2 }, over: 2 }]; // prettier-ignore
    const exactly = (k: number, demand: typeof a) =>
      chanceOfAtMost(k, demand.belief, demand.over) - chanceOfAtMost(k - 1, demand.belief, demand.over);
    const sum = [0, 1, 2].reduce((all, k) => all + exactly(k, a) * chanceOfAtMost(2 - k, b.belief, b.over), 0);
    expect(chanceOf(2, chancesOfSales([a, b]))).toBeCloseTo(sum, 10);
  });

  it('a rate far above anything ends', () => {
    expect(piecesThatSuffice(0.9, chancesOfSales([{ belief: { sales: 1e6, weeks: 1 }, over: 1 }]))).toBe(2000);
  });
});

describe('calibration in a simulated studio year', () => {
  it('the stated chance of running out is what happens', () => {
    const random = seeded(41);
    const bins = [0, 1, 2, 3].map(() => ({ stated: 0, happened: 0, count: 0 }));
    for (let design = 0; design < 6000; design += 1) {
      // Rates of designs differ as the first belief says: gamma with shape 1.
      const rate = -Math.log(1 - random()) / 8;
      const weeks = Array.from({ length: 40 }, (_, ago) => ({ ago, sold: poisson(rate, random), there: 1 }));
      const belief = learnedDemand(weeks);
      const held = Math.floor(random() * 4);
      const stated = 1 - chanceOfAtMost(held, belief, 6);
      const bin = bins[Math.min(3, Math.floor(stated * 4))];
      if (!bin) continue;
      bin.stated += stated;
      bin.happened += poisson(6 * rate, random) > held ? 1 : 0;
      bin.count += 1;
    }
    for (const { stated, happened, count } of bins.filter((bin) => bin.count > 200))
      expect(Math.abs(stated - happened) / count).toBeLessThan(0.05);
  });
});

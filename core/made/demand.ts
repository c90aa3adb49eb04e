// Demand of a design: sales are Poisson, and their weekly rate is a gamma belief that forgets.
import { lnGamma } from '../measure/distributions.ts';

/** A gamma belief of a rate a week: as if `sales` had been seen in `weeks`. */
export interface DemandBelief {
  readonly sales: number;
  readonly weeks: number;
}

/** Sales of one week. */
export interface WeekSold {
  /** Weeks ago, from 0. */
  readonly ago: number;
  readonly sold: number;
  /** Share of the week in which it could be had, 0 to 1: what is not there cannot sell. */
  readonly there: number;
}

/** What nothing is known of: one sale in eight weeks, counted as much as eight weeks. */
const firstBelief: DemandBelief = { sales: 1, weeks: 8 };
/** Half of what was seen is forgotten in 26 weeks: tastes and seasons change. */
const HALF_LIFE_WEEKS = 26;

/**
 * The belief after the weeks. Conjugate gamma-Poisson model (Gelman et al., Bayesian Data Analysis, section 2.6), with
 * exponential discounting of the past as in power steady models (Smith 1979).
 */
export function learnedDemand(weeks: readonly WeekSold[], prior: DemandBelief = firstBelief): DemandBelief {
  let { sales, weeks: seen } = prior;
  for (const { ago, sold, there } of weeks) {
    const weight = 0.5 ** (ago / HALF_LIFE_WEEKS);
    sales += weight * sold;
    // What sold was there.
    seen += weight * (sold > 0 ? Math.max(there, 1 / 7) : there);
  }
  return { sales, weeks: seen };
}

/** Expected sales in some weeks. */
export const expectedDemand = ({ sales, weeks }: DemandBelief, over: number) => (sales / weeks) * over;

/** A share of a demand: a size of a design. @param share  0 to 1 */
export const shareOfDemand = ({ sales, weeks }: DemandBelief, share: number): DemandBelief => ({
  sales: sales * share,
  weeks,
});

/**
 * Chance of at most k sales in some weeks: the negative binomial distribution, which is Poisson with a gamma rate.
 * @param over  weeks, at least 0
 */
export function chanceOfAtMost(k: number, { sales, weeks }: DemandBelief, over: number): number {
  if (k < 0) return 0;
  if (over <= 0 || sales <= 0) return 1;
  const p = weeks / (weeks + over);
  const [lnP, lnQ] = [Math.log(p), Math.log1p(-p)];
  let sum = 0;
  for (let n = 0; n <= k; n += 1)
    sum += Math.exp(lnGamma(sales + n) - lnGamma(sales) - lnGamma(n + 1) + sales * lnP + n * lnQ);
  return Math.min(1, sum);
}

/** The smallest number of pieces that suffices with a chance. @param chance  0 to below 1 */
export function piecesThatSuffice(chance: number, belief: DemandBelief, over: number): number {
  let k = 0;
  while (k < MOST && chanceOfAtMost(k, belief, over) < chance) k += 1;
  return k;
}

/** No studio piece sells more in one period. */
const MOST = 2000;

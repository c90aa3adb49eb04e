// Demand of a design: sales are Poisson, and their weekly rate is a gamma belief that forgets.

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

/** A belief with the time it is asked for, in its unit. */
interface DemandOver {
  readonly belief: DemandBelief;
  readonly over: number;
}

/**
 * Chances of at most 0, 1, 2, ... sales of independent demands together, until it is as good as certain: the
 * convolution of their negative binomial distributions.
 */
export function chancesOfSales(demands: readonly DemandOver[]): number[] {
  const all = demands.reduce<number[]>((sum, demand) => convolved(sum, chancesOfEach(demand)), [1]);
  let sum = 0;
  return all.map((chance) => Math.min(1, (sum += chance)));
}

/** Chances of 0, 1, 2, ... sales, until the rest is negligible. */
function chancesOfEach({ belief: { sales, weeks }, over }: DemandOver): number[] {
  if (over <= 0 || sales <= 0) return [1];
  const q = over / (weeks + over);
  let chance = (1 - q) ** sales;
  // A rate far above anything a studio sells would underflow.
  if (chance === 0) return [...Array.from({ length: MOST }, () => 0), 1];
  const chances = [chance];
  for (let [n, sum] = [1, chance]; sum < 1 - NEGLIGIBLE && n < MOST; n += 1) {
    chance *= ((sales + n - 1) / n) * q;
    sum += chance;
    chances.push(chance);
  }
  return chances;
}

function convolved(a: readonly number[], b: readonly number[]): number[] {
  const sum = Array.from({ length: a.length + b.length - 1 }, () => 0);
  a.forEach((x, i) => b.forEach((y, j) => (sum[i + j] = (sum[i + j] ?? 0) + x * y)));
  return sum;
}

/** The smallest number of pieces that suffices with a chance. @param atMost  chances of at most 0, 1, ... sales */
export function piecesThatSuffice(chance: number, atMost: readonly number[]): number {
  const found = atMost.findIndex((one) => one >= chance);
  return found === -1 ? atMost.length - 1 : found;
}

/** The chance of at most k sales. @param atMost  chances of at most 0, 1, ... sales */
export const chanceOf = (k: number, atMost: readonly number[]) => (k < 0 ? 0 : (atMost[k] ?? 1));

/** No studio piece sells more in one period. */
const MOST = 2000;
const NEGLIGIBLE = 1e-9;

// Bars come whole: of the sums their prices can make, the least that is not below a bound.

import { commonStep } from './common-step.ts';

/** Sums looked at, at most. */
const MOST_SUMS = 200_000;
/** A price is taken to so many parts of its unit. */
const PARTS = 10_000;

interface Priced {
  readonly cost: number;
  readonly count: number;
}

/**
 * @param atLeast  a bound on the cost
 * @param atMost   the cost of a plan that is known
 * @returns the least sum of whole bars that is not below the bound, as far as that is not above what is known
 */
export function reachableCost(stock: readonly Priced[], atLeast: number, atMost: number): number {
  const prices = stock.filter(({ cost, count }) => cost > 0 && count > 0);
  const parts = prices.map(({ cost }) => Math.round(cost * PARTS));
  const isRound = parts.every((part, index) => Math.abs(part - (prices[index]?.cost ?? 0) * PARTS) < 1e-6 * part);
  const step = commonStep(parts);
  if (!isRound || step === 0 || atMost * PARTS > step * MOST_SUMS) return atLeast;
  const most = Math.round((atMost * PARTS) / step);
  let reach = new Uint8Array(most + 1);
  reach[0] = 1;
  parts.forEach((part, index) => {
    const size = part / step;
    // Fewest of the price at hand needed for each sum; Infinity where it cannot be made.
    const used = new Float64Array(most + 1).fill(Infinity);
    const next = new Uint8Array(most + 1);
    for (let sum = 0; sum <= most; sum += 1) {
      if (reach[sum] === 1) used[sum] = 0;
      else if (sum >= size && (used[sum - size] ?? Infinity) < (prices[index]?.count ?? 0))
        used[sum] = (used[sum - size] ?? Infinity) + 1;
      if ((used[sum] ?? Infinity) < Infinity) next[sum] = 1;
    }
    reach = next;
  });
  const slack = 1e-6 * Math.max(1, atLeast);
  for (let sum = Math.max(0, Math.ceil(((atLeast - slack) * PARTS) / step)); sum <= most; sum += 1)
    if (reach[sum] === 1) return Math.max(atLeast, (sum * step) / PARTS);
  return atLeast;
}

// Minimum-cost cover: the least cost of whole bars or sheets that can hold what is wanted.
import { greatestCommonDivisor } from '../measure/gcd.ts';

/** Most sums that are examined. */
const MOST_SUMS = 200_000;
/** Parts of a unit that costs are rounded to. */
const PARTS = 10_000;
const SLACK = 1e-7;

/** A bar or sheet that can be used. */
export interface CoverItem {
  readonly cost: number;
  readonly count: number;
  /** Most that one of it holds, in any measure. */
  readonly holds: number;
}

/**
 * @param need     in the same measure, over all pieces
 * @param atLeast  a known lower bound of the cost
 * @param atMost   cost of a known plan
 * @returns the least sum of whole ones that hold the need and cost no less than the bound; the bound itself when there
 *   are too many sums
 */
export function minCostCover(stock: readonly CoverItem[], need: number, atLeast: number, atMost: number): number {
  const able = stock.filter(({ count, holds }) => count > 0 && holds > 0);
  const priced = able.filter(({ cost }) => cost > 0);
  const parts = priced.map(({ cost }) => Math.round(cost * PARTS));
  const isRound = parts.every((part, index) => Math.abs(part - (priced[index]?.cost ?? 0) * PARTS) < 1e-6 * part);
  const step = greatestCommonDivisor(parts);
  if (!isRound || step === 0 || !(atMost * PARTS <= step * MOST_SUMS)) return atLeast;
  const free = able.filter(({ cost }) => cost === 0).reduce((sum, { count, holds }) => sum + count * holds, 0);
  const most = Math.round((atMost * PARTS) / step);
  /** The most that is held for each exact sum of money; −∞ where no whole ones make it. */
  const held = new Float64Array(most + 1).fill(-Infinity);
  held[0] = free;
  priced.forEach(({ count, holds }, index) => {
    const size = (parts[index] ?? 0) / step;
    let left = Math.min(count, Math.floor(most / size));
    // One, two, four... at a time: any number up to the count is a sum of them.
    for (let lot = 1; left > 0; lot *= 2) {
      const own = Math.min(lot, left);
      left -= own;
      for (let sum = most; sum >= own * size; sum -= 1) {
        const with_ = (held[sum - own * size] ?? -Infinity) + own * holds;
        if (with_ > (held[sum] ?? -Infinity)) held[sum] = with_;
      }
    }
  });
  const enough = need - SLACK * Math.max(1, need);
  const from = ((atLeast - SLACK * Math.max(1, atLeast)) * PARTS) / step;
  for (let sum = Math.max(0, Math.ceil(from)); sum <= most; sum += 1)
    if ((held[sum] ?? 0) >= enough) return Math.max(atLeast, (sum * step) / PARTS);
  return Math.max(atLeast, atMost);
}

// What sold at which price. It compares rates, and says when data are too few to compare.
import { poissonInterval } from './poisson-interval.ts';

/** Sales of a design at one price through one channel. */
export interface PriceSold {
  /** Price of one, minor units. */
  readonly priceMinor: number;
  readonly sold: number;
  /** Weeks in which it was offered at this price. */
  readonly weeks: number;
}

/** Sales a week at one price, with the range in which the rate lies in 9 cases of 10. */
interface PriceRate extends PriceSold {
  readonly aWeek: number;
  readonly low: number;
  readonly high: number;
}

/** What prices taught. */
export interface PriceLesson {
  readonly rates: readonly PriceRate[];
  readonly verdict: 'too-few' | 'one-price' | 'no-difference' | 'slower' | 'faster';
}

/** Fewer sales at a price say nothing. */
const FEWEST = 8;

/** @param prices  of one design and channel */
export function priceLesson(prices: readonly PriceSold[]): PriceLesson {
  const rates = prices
    .map((one): PriceRate => {
      const [low, high] = poissonInterval(one.sold, 0.9);
      const weeks = Math.max(one.weeks, 1 / 7);
      return { ...one, aWeek: one.sold / weeks, low: low / weeks, high: high / weeks };
    })
    .sort((a, b) => a.priceMinor - b.priceMinor);
  const enough = rates.filter(({ sold }) => sold >= FEWEST);
  const [cheap] = enough;
  const dear = enough.at(-1);
  if (!cheap || !dear) return { rates, verdict: 'too-few' };
  if (cheap === dear) return { rates, verdict: rates.length === 1 ? 'one-price' : 'too-few' };
  if (dear.high < cheap.low) return { rates, verdict: 'slower' };
  if (dear.low > cheap.high) return { rates, verdict: 'faster' };
  return { rates, verdict: 'no-difference' };
}

// Multi-buy prices: one, two or three pieces for a price. Computes what a customer spends on average, against single
// prices.
import { roundHalfAwayFromZero } from '../../figure/round-money.ts';
import { readMoney } from '../../measure/read/read-money.ts';

/** Prices for one, two, three... pieces together, minor units. */
export type BuyLadder = readonly number[];

/**
 * Reads `18 / 32 / 45`: prices of one, two and three together.
 * @returns the prices, or a sentence when they cannot be read or fall
 */
export function readBuyLadder(text: string, currency: string): BuyLadder | { readonly sentence: string } {
  const prices: number[] = [];
  for (const part of text.split(/[/;]/).filter((one) => one.trim())) {
    const reading = readMoney(part, currency);
    if (!reading.ok) return { sentence: reading.sentence };
    prices.push(roundHalfAwayFromZero(reading.value));
  }
  if (prices.length === 0) return { sentence: 'Give a price, or a multi-buy price such as 18 / 30 / 40.' };
  if (prices.some((price, index) => price <= (prices[index - 1] ?? 0)))
    return { sentence: 'Two cost more than one, and three more than two: 18 / 30 / 40.' };
  return prices;
}

/**
 * The chance of taking exactly one, two... pieces.
 * @param more   chance of a second piece, of a third after a second...; beyond the list nobody goes on
 * @param rungs  a customer stops at the last price
 * @returns chances that add up to 1
 */
export function takes(more: readonly number[], rungs: number): number[] {
  const chances: number[] = [];
  let going = 1;
  for (let rung = 0; rung < rungs; rung += 1) {
    const next = rung === rungs - 1 ? 0 : going * (more[rung] ?? 0);
    chances.push(going - next);
    going = next;
  }
  return chances;
}

/** Averages over customers. */
export interface PerCustomer {
  readonly pieces: number;
  /** Minor units a customer pays on average. */
  readonly takings: number;
  /** The profit of that, after fees and the cost of the pieces. */
  readonly margin: number;
  /** Mean square of the profit, for the variation of a whole fair. */
  readonly marginSquared: number;
}

/**
 * @param keeps    share of the takings that is received: 0.98 with a card fee of 2 %
 * @param feeEach  minor units a sale; one customer is one sale
 * @param cost     minor units a piece
 */
export function perCustomer(
  ladder: BuyLadder,
  more: readonly number[],
  { keeps = 1, feeEach = 0, cost }: { readonly keeps?: number; readonly feeEach?: number; readonly cost: number },
): PerCustomer {
  const sum = { pieces: 0, takings: 0, margin: 0, marginSquared: 0 };
  takes(more, ladder.length).forEach((chance, index) => {
    const paid = ladder[index] ?? 0;
    const margin = paid * keeps - feeEach - cost * (index + 1);
    sum.pieces += chance * (index + 1);
    sum.takings += chance * paid;
    sum.margin += chance * margin;
    sum.marginSquared += chance * margin ** 2;
  });
  return sum;
}

/**
 * The chance of a second piece at which a multi-buy price leaves as much as single prices do with the chance they have;
 * above it the multi-buy price pays.
 * @param single   price of one, minor units
 * @returns 0 to 1, or null when no chance is high enough
 */
export function secondThatPays(ladder: BuyLadder, singleMore: number, cost: number): number | null {
  const [one = 0, two = one] = ladder;
  const second = two - one - cost;
  const plain = (one - cost) * singleMore;
  if (second <= 0) return null;
  const chance = plain / second;
  return chance <= 1 ? chance : null;
}

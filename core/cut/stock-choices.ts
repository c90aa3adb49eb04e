// Choices of whole bars or sheets that could hold all pieces by length or area alone, for less than a known plan costs.

/** A choice of whole bars or sheets. */
interface StockChoice {
  /** Number of each stock. */
  readonly chosen: readonly number[];
  readonly cost: number;
  /** µm or mm² more than needed. */
  readonly spare: number;
}

/** Choices of bars or sheets. */
export interface StockChoices {
  /** The cheapest first, of equal cost the roomiest first. */
  readonly choices: readonly StockChoice[];
  /** Whether there is no other. */
  readonly isComplete: boolean;
}

/** Most choices that are examined. */
const MOST = 20_000;
const SLACK = 1e-9;

/**
 * Finds choices of bars or sheets. Those that cost nothing are always used.
 * @param need     µm or mm² of all pieces
 * @param holds    by stock, the most that one holds
 * @param atLeast  no choice is cheaper than this
 * @param below    every choice is cheaper than this; Infinity where no plan is known
 */
export function stockChoices(
  stock: readonly { readonly cost: number; readonly count: number }[],
  need: number,
  holds: readonly number[],
  atLeast: number,
  below: number,
): StockChoices {
  const chosen = stock.map(({ cost, count }) => (cost > 0 ? 0 : count));
  const free = chosen.reduce((sum, count, index) => sum + count * (holds[index] ?? 0), 0);
  const rate = (index: number) => (stock[index]?.cost ?? 0) / Math.max(1, holds[index] ?? 0);
  const priced = [...stock.keys()].filter((index) => (stock[index]?.cost ?? 0) > 0).sort((a, b) => rate(a) - rate(b));
  const from = atLeast - SLACK * Math.max(1, atLeast);
  const to = below === Infinity ? Infinity : below - SLACK * Math.max(1, below);
  const choices: StockChoice[] = [];
  let looked = 0;
  // The most expensive per millimetre come last: a branch ends early when the rest at the rate of the next stock is too
  // dear.
  const go = (at: number, cost: number, spare: number): void => {
    looked += 1;
    if (spare >= 0 && cost >= from) choices.push({ chosen: [...chosen], cost, spare });
    for (const [next, index] of priced.entries()) {
      if (next < at) continue;
      if (cost + Math.max(0, -spare) * rate(index) >= to) return;
      const { cost: each = 0, count = 0 } = stock[index] ?? {};
      for (let times = Math.min(count, Math.floor((to - cost) / each)); times > 0 && looked < MOST; times -= 1) {
        chosen[index] = times;
        if (cost + times * each < to) go(next + 1, cost + times * each, spare + times * (holds[index] ?? 0));
      }
      chosen[index] = 0;
    }
  };
  go(0, 0, free - need);
  return { choices: choices.sort((a, b) => a.cost - b.cost || b.spare - a.spare), isComplete: looked < MOST };
}

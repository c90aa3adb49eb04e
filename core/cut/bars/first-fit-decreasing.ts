// First-fit decreasing: bars are filled one after the other, the longest piece that fits first.
import type { NoPlan } from '../no-plan.ts';
import { type IndexedBars, isBetterScore, type Pattern, scoreOf, takenBy } from './indexed-bars.ts';

/**
 * The best of several orders of bars: cheapest per millimetre first, longest or cheapest first, each stock first.
 * @returns the plan of the least cost, or why there is none
 */
export function firstFitDecreasing(bars: IndexedBars): readonly Pattern[] | NoPlan {
  const longest = Math.max(...bars.stock.map(({ room, count }) => (count > 0 ? room : 0)));
  const tooLong = bars.pieces.find(({ takes }) => takes > longest);
  if (tooLong) return { sentence: `“${tooLong.id}” is longer than any bar.` };
  const byLength = bars.pieces.map((_piece, index) => index).sort((a, b) => takes(bars, b) - takes(bars, a) || a - b);
  let best: readonly Pattern[] | null = null;
  for (const order of ordersOf(bars)) {
    const filled = fillInOrder(bars, order, byLength);
    if (!filled) continue;
    const cheaper = downsized(bars, filled);
    if (!best || isBetterScore(scoreOf(bars, cheaper), scoreOf(bars, best))) best = cheaper;
  }
  return best ?? { sentence: 'There are not enough bars for all the pieces.' };
}

const takes = ({ pieces }: IndexedBars, index: number) => pieces[index]?.takes ?? 0;

// Offcuts cost nothing and come first where they save money; each stock is also tried as the first.
function ordersOf({ stock }: IndexedBars): number[][] {
  const all = stock.map((_bar, index) => index).filter((index) => (stock[index]?.count ?? 0) > 0);
  const cost = (index: number) => stock[index]?.cost ?? 0;
  const length = (index: number) => stock[index]?.length ?? 1;
  const byRate = [...all].sort((a, b) => cost(a) / length(a) - cost(b) / length(b) || length(b) - length(a) || a - b);
  const byLength = [...all].sort((a, b) => length(b) - length(a) || cost(a) - cost(b) || a - b);
  const shortFirst = [...all].sort((a, b) => cost(a) - cost(b) || length(a) - length(b) || a - b);
  const free = byRate.filter((index) => cost(index) === 0);
  const led = byRate
    .filter((index) => cost(index) > 0)
    .map((first) => [...free, first, ...byRate.filter((index) => cost(index) > 0 && index !== first)]);
  return [byRate, byLength, shortFirst, ...led];
}

function fillInOrder(bars: IndexedBars, order: readonly number[], byLength: readonly number[]): Pattern[] | null {
  const left = bars.pieces.map(({ count }) => count);
  const patterns: Pattern[] = [];
  for (const stock of order) {
    const { room = 0, count = 0 } = bars.stock[stock] ?? {};
    for (let used = 0; used < count; used += 1) {
      const cuts = fillOne(bars, room, left, byLength);
      if (cuts.every((cut) => cut === 0)) break;
      cuts.forEach((cut, index) => (left[index] = (left[index] ?? 0) - cut));
      patterns.push({ stock, cuts });
    }
    if (left.every((count) => count === 0)) return patterns;
  }
  return null;
}

function fillOne(bars: IndexedBars, room: number, left: readonly number[], byLength: readonly number[]): number[] {
  const cuts = bars.pieces.map(() => 0);
  let free = room;
  for (const index of byLength) {
    const fits = Math.min(left[index] ?? 0, Math.floor(free / takes(bars, index)));
    cuts[index] = fits;
    free -= fits * takes(bars, index);
  }
  return cuts;
}

/** Exchanges each bar for the cheapest free one that holds its pieces. */
export function downsized(bars: IndexedBars, patterns: readonly Pattern[]): readonly Pattern[] {
  const free = bars.stock.map(({ count }, index) => count - patterns.filter(({ stock }) => stock === index).length);
  return patterns.map((pattern) => {
    const taken = takenBy(bars, pattern.cuts);
    const cost = (index: number) => scoreOf(bars, [{ ...pattern, stock: index }]);
    let best = pattern.stock;
    bars.stock.forEach(({ room }, index) => {
      if ((free[index] ?? 0) > 0 && room >= taken && isBetterScore(cost(index), cost(best))) best = index;
    });
    free[best] = (free[best] ?? 0) - (best === pattern.stock ? 0 : 1);
    free[pattern.stock] = (free[pattern.stock] ?? 0) + (best === pattern.stock ? 0 : 1);
    return { ...pattern, stock: best };
  });
}

// Least metal of a choice of bars, against every way of filling small ones.
import loadHighs from 'highs';
import { describe, expect, test } from 'vitest';
import { solveWith } from '../../../solver/highs.ts';
import { seeded } from '../../measure/random.ts';
import { barCells } from './bar-cells.ts';
import { consumedBy, indexBars, type IndexedBars, takenBy } from './indexed-bars.ts';
import { fillShortBars } from './short-bars.ts';

const solver = solveWith(await loadHighs());

/** Least µm of metal over all ways to put the pieces into the chosen bars; bars that cost something are used. */
function leastByHand(bars: IndexedBars, chosen: readonly number[]): number {
  const each = chosen.flatMap((count, stock) => Array<number>(count).fill(stock));
  const singles = bars.pieces.flatMap(({ count }, piece) => Array<number>(count).fill(piece));
  const cuts = each.map(() => bars.pieces.map(() => 0));
  let least = Infinity;
  const go = (at: number): void => {
    const piece = singles[at];
    if (piece === undefined) {
      const isUsed = (bar: number) => cuts[bar]?.some((count) => count > 0) ?? false;
      if (each.some((stock, bar) => (bars.stock[stock]?.cost ?? 0) > 0 && !isUsed(bar))) return;
      const consumed = each.reduce(
        (sum, stock, bar) => sum + (isUsed(bar) ? consumedBy(bars, { stock, cuts: cuts[bar] ?? [] }) : 0),
        0,
      );
      least = Math.min(least, consumed);
      return;
    }
    each.forEach((stock, bar) => {
      const row = cuts[bar] ?? [];
      if (takenBy(bars, row) + (bars.pieces[piece]?.takes ?? 0) > (bars.stock[stock]?.room ?? 0)) return;
      row[piece] = (row[piece] ?? 0) + 1;
      go(at + 1);
      row[piece] -= 1;
    });
  };
  go(0);
  return least;
}

function randomBars(seed: number): IndexedBars {
  const random = seeded(seed);
  const between = (from: number, to: number) => from + Math.floor(random() * (to - from + 1));
  return indexBars({
    kerf: [0, 1, 2][between(0, 2)] ?? 0,
    keepFrom: between(8, 20),
    stock: [
      { id: 'bought', length: between(50, 70), count: 1, cost: 10 },
      { id: 'offcut', length: between(25, 45), count: 1, cost: 0 },
      { id: 'short offcut', length: between(12, 24), count: 1, cost: 0 },
    ],
    pieces: Array.from({ length: 3 }, (_, at) => ({
      id: `size ${String(at)}`,
      length: between(7, 19),
      count: between(1, 3),
    })),
  });
}

describe('short bars', () => {
  test.each(Array.from({ length: 40 }, (_, at) => at + 1))('least metal, case %d', (seed) => {
    const bars = randomBars(seed);
    const chosen = [1, 1, 1];
    const least = leastByHand(bars, chosen);
    const most = bars.stock.reduce((sum, { length }) => sum + length, 0);
    const found = fillShortBars(bars, barCells(bars), chosen, most, solver, 10);
    if (least === Infinity) {
      expect(found.others).toBeNull();
      return;
    }
    // Every bar is short here, so the bound is the least there is.
    expect(found.bound).toBe(least);
    expect(found.patterns.reduce((sum, pattern) => sum + consumedBy(bars, pattern), 0)).toBe(least);
    bars.pieces.forEach(({ count }, piece) => {
      expect(found.patterns.reduce((sum, { cuts }) => sum + (cuts[piece] ?? 0), 0)).toBe(count);
    });
  });

  test('a choice that wastes too much has a bound above the plan', () => {
    const bars = indexBars({
      kerf: 0,
      stock: [{ id: 'bar', length: 10, count: 2, cost: 1 }],
      pieces: [{ id: 'a', length: 6, count: 2 }],
    });
    const found = fillShortBars(bars, barCells(bars), [2], 12_000, solver, 5);
    expect(found.others).toBeNull();
    expect(found.bound).toBeGreaterThanOrEqual(12_000);
  });
});

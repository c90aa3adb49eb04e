// The diving heuristic on the published problem of four widths.
import loadHighs from 'highs';
import { expect, test } from 'vitest';
import { solveWith } from '../../../solver/highs.ts';
import { seeded } from '../../measure/random.ts';
import { type Columns, generateColumns, keyOf, startingColumns } from './column-generation.ts';
import { divingHeuristic } from './diving-heuristic.ts';
import { indexBars, scoreOf, takenBy } from './indexed-bars.ts';

const solve = solveWith(await loadHighs());
const bars = (count: number | null) =>
  indexBars({
    kerf: 0,
    stock: [{ id: 'roll', length: 100, count, cost: 1 }],
    pieces: [[45, 97], [36, 610], [31, 395], [14, 211]].map(([length = 0, wanted = 0]) => ({ id: String(length), length, count: wanted })), // prettier-ignore
  });
const generated = (indexed: ReturnType<typeof bars>): Columns => {
  const columns: Columns = new Map(startingColumns(indexed).map((pattern) => [keyOf(pattern), pattern]));
  generateColumns(indexed, { least: 'cost' }, columns, { solve, known: Infinity, isOver: () => false });
  return columns;
};
const terms = { solve, isOver: () => false, random: seeded(1) };

// Chvátal, Linear Programming, 1983, chapter 13 (from memory): 452.25 rolls in fractions, 453 whole.
test('a dive makes every wanted piece from feasible bars, near the published 453 rolls', () => {
  const indexed = bars(null);
  const taken = divingHeuristic(indexed, { least: 'cost' }, generated(indexed), terms)!;
  for (const { cuts } of taken) expect(takenBy(indexed, cuts)).toBeLessThanOrEqual(indexed.stock[0]!.room);
  indexed.pieces.forEach(({ count }, index) => {
    expect(taken.reduce((sum, { cuts }) => sum + (cuts[index] ?? 0), 0)).toBeGreaterThanOrEqual(count);
  });
  const { cost } = scoreOf(indexed, taken);
  expect(cost).toBeGreaterThanOrEqual(453);
  expect(cost).toBeLessThanOrEqual(458);
});

test('a dive gives nothing when the bars do not suffice or the time is over', () => {
  const few = bars(10);
  expect(divingHeuristic(few, { least: 'cost' }, generated(few), terms)).toBeNull();
  const indexed = bars(null);
  const late = { ...terms, isOver: () => true };
  expect(divingHeuristic(indexed, { least: 'cost' }, generated(indexed), late)).toBeNull();
});

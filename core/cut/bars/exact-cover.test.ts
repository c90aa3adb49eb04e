import { describe, expect, test } from 'vitest';
import { familyBars } from '../fixtures/bar-families.ts';
import { barCells } from './bar-cells.ts';
import { exactCover } from './exact-cover.ts';
import { fewerPatterns } from './fewer-patterns.ts';
import { consumedBy, indexBars, takenBy } from './indexed-bars.ts';
import { RefillSearch } from './refill-search.ts';

const never = () => false;

describe('an exact fill', () => {
  test.each([2, 4, 6])('puts the triplets of drawing %d into as many bars as they were cut from', (seed) => {
    const { problem, knownCost } = familyBars('triplets', seed);
    const bars = indexBars(problem);
    const answer = exactCover(bars, barCells(bars), [knownCost!], never);
    if (answer.status !== 'found') throw new Error(answer.status);
    expect(answer.patterns.map(({ cuts }) => takenBy(bars, cuts))).toEqual(Array(knownCost!).fill(100_000));
    for (const [piece, { count }] of bars.pieces.entries())
      expect(answer.patterns.reduce((sum, { cuts }) => sum + (cuts[piece] ?? 0), 0)).toBe(count);
  });

  test('is proved not to be there', () => {
    // Two bars of 10 hold 4 + 6, but not 7 + 7 + 6 by any cut.
    const bars = indexBars({
      kerf: 0,
      stock: [{ id: 'bar', length: 10, count: 2, cost: 1 }],
      pieces: [
        { id: 'a', length: 7, count: 2 },
        { id: 'b', length: 6, count: 1 },
      ],
    });
    expect(exactCover(bars, barCells(bars), [2], never).status).toBe('none');
    expect(exactCover(bars, barCells(bars), [3], never).status).toBe('found');
  });

  test('is given up when the time is over', () => {
    const { problem } = familyBars('uniform', 2);
    const bars = indexBars(problem);
    expect(exactCover(bars, barCells(bars), [60], () => true).status).toBe('many');
  });
});

describe('refills', () => {
  const { problem } = familyBars('whole bars', 2);
  const bars = indexBars(problem);
  const stock = bars.stock.flatMap(({ count }, at) => Array<number>(count).fill(at));
  const random = () => 0.37;
  const steps = (most: number) => {
    let looks = 0;
    return () => (looks += 1) / most;
  };

  test('keep what every bar holds, and count the metal as the plan does', () => {
    let state = 1;
    const varied = () => (state = (state * 16_807) % 2_147_483_647) / 2_147_483_647;
    const search = new RefillSearch(bars, barCells(bars), stock, varied);
    search.fill();
    const left = search.place({ passed: steps(200), target: 0, unevenness: 0.5 });
    const patterns = search.patterns();
    for (const { stock: one, cuts } of patterns) expect(takenBy(bars, cuts)).toBeLessThanOrEqual(bars.stock[one]!.room);
    const made = bars.pieces.map((_piece, piece) => patterns.reduce((sum, { cuts }) => sum + (cuts[piece] ?? 0), 0));
    const short = bars.pieces.reduce((sum, { takes, count }, piece) => sum + takes * (count - made[piece]!), 0);
    expect(short / barCells(bars).step).toBeCloseTo(left, 6);
    expect(made.every((count, piece) => count <= bars.pieces[piece]!.count)).toBe(true);
    if (!search.isComplete) return;
    const metal = search.saveMetal({ passed: steps(100), target: 0 });
    const consumed = search.patterns().reduce((sum, pattern) => sum + consumedBy(bars, pattern), 0);
    expect(consumed / barCells(bars).step).toBeCloseTo(metal, 6);
  });

  test('refuse a plan with more bars than there are', () => {
    const search = new RefillSearch(bars, barCells(bars), [0], random);
    expect(search.load([{ stock: 1, cuts: bars.pieces.map(() => 0) }])).toBe(false);
  });
});

test('bars that exchange pieces need fewer different patterns, and no more metal', () => {
  const own = indexBars({
    kerf: 0,
    stock: [{ id: 'bar', length: 100, count: null, cost: 1 }],
    pieces: [
      { id: 'a', length: 50, count: 4 },
      { id: 'b', length: 30, count: 2 },
    ],
  });
  const before = [
    { stock: 0, cuts: [2, 0] },
    { stock: 0, cuts: [1, 1] },
    { stock: 0, cuts: [1, 1] },
  ];
  expect(fewerPatterns(own, before)).toEqual(before);
  const apart = [
    { stock: 0, cuts: [1, 0] },
    { stock: 0, cuts: [1, 1] },
    { stock: 0, cuts: [2, 0] },
    { stock: 0, cuts: [0, 1] },
  ];
  const after = fewerPatterns(own, apart);
  expect(new Set(after.map(({ cuts }) => cuts.join())).size).toBeLessThan(4);
  for (const piece of [0, 1]) expect(after.reduce((sum, { cuts }) => sum + cuts[piece]!, 0)).toBe([4, 2][piece]);
});

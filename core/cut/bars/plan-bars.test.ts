// Cutting plans against published examples, exhaustive search, and another formulation of the same problem.
import fc from 'fast-check';
import loadHighs from 'highs';
import { describe, expect, test } from 'vitest';
import { solveWith } from '../../../solver/highs.ts';
import { seeded } from '../../measure/random.ts';
import { type BarPlan, type BarProblem, barProblemSchema } from './bar-problem.ts';
import { faultsOf } from './fixtures/check-bars.ts';
import { type LinearProgramSolver, noSolver } from './linear-program.ts';
import { planBars } from './plan-bars.ts';

const solve = solveWith(await loadHighs());
/** A clock that moves each time it is looked at: what is planned depends on the problem alone. */
function looked(seconds = 4) {
  let looks = 0;
  return { seconds, elapsed: () => (looks += 1) * 0.005 };
}

function planOf(problem: BarProblem, with_: LinearProgramSolver = solve): BarPlan {
  const steps = planBars(problem, with_, looked());
  let step = steps.next();
  while (!step.done) {
    expect(faultsOf(problem, step.value)).toEqual([]);
    step = steps.next();
  }
  if ('sentence' in step.value) throw new Error(step.value.sentence);
  expect(faultsOf(problem, step.value)).toEqual([]);
  return step.value;
}

function whyNot(problem: BarProblem): string {
  const steps = planBars(problem, solve, looked());
  let step = steps.next();
  while (!step.done) step = steps.next();
  return 'sentence' in step.value ? step.value.sentence : '';
}

const widths = (lengths: readonly (readonly [number, number])[]) =>
  lengths.map(([length, count]) => ({ id: `w${String(length)}`, length, count }));
const one = (length: number) => [{ id: 'bar', length, count: null, cost: 1 }];

test('without a solver a plan is still made and checked, and nothing is said to be proved', () => {
  const problem: BarProblem = {
    kerf: 0.4,
    stock: [{ id: 'bar', length: 300, count: null, cost: 5 }],
    pieces: [
      { id: 'a', length: 45, count: 24 },
      { id: 'b', length: 36, count: 30 },
      { id: 'c', length: 31, count: 40 },
    ],
  };
  const plan = planOf(problem, noSolver);
  expect(plan.cost).toBeLessThanOrEqual(60);
  expect(plan.consumed).toBeGreaterThanOrEqual(plan.consumedBound);
});

describe('published examples', () => {
  // A paper machine's master rolls of 5600 mm, thirteen widths: 73 rolls (the worked example of the encyclopaedia article
  // on the cutting-stock problem; from memory).
  test('thirteen widths from rolls of 5600 mm take 73 rolls', () => {
    const pieces = widths([
      [1380, 22], [1520, 25], [1560, 12], [1710, 14], [1820, 18], [1880, 18], [1930, 20],
      [2000, 10], [2050, 12], [2100, 14], [2140, 16], [2150, 18], [2200, 20],
    ]); // prettier-ignore
    expect(planOf({ kerf: 0, stock: one(5600), pieces })).toMatchObject({ cost: 73, bound: 73, proved: true });
  });

  // Chvátal, Linear Programming, 1983, chapter 13: rolls of 100 inches, the program in fractions costs 452.25 (from memory).
  test('four widths from rolls of 100 take 453 rolls, which is proved', () => {
    const pieces = widths([
      [45, 97],
      [36, 610],
      [31, 395],
      [14, 211],
    ]);
    expect(planOf({ kerf: 0, stock: one(100), pieces })).toMatchObject({ cost: 453, bound: 453, proved: true });
  });
});

// Triplets as in E. Falkenauer, "A hybrid grouping genetic algorithm for bin packing", Journal of Heuristics 2, 1996: each
// bar is divided into three between a quarter and a half of it, so that the least number of bars is known. Its instances
// are drawn anew here (the recipe from memory).
function triplets(seed: number): BarProblem['pieces'] {
  const random = seeded(seed);
  const between = (from: number, to: number) => from + Math.floor(random() * (to - from + 1));
  const lengths = Array.from({ length: 20 }, () => {
    const first = between(380, 490);
    const second = between(250, Math.floor((1000 - first) / 2));
    return [first, second, 1000 - first - second];
  }).flat();
  return lengths.map((length, index) => ({ id: `t${String(index)}`, length, count: 1 }));
}

describe('sixty pieces fill twenty bars without a rest', () => {
  test.each([1, 3])('twenty bars are found for drawing %i', (seed) => {
    expect(planOf({ kerf: 0, stock: one(1000), pieces: triplets(seed) })).toMatchObject({ cost: 20, proved: true });
  });

  // The longest first needs more bars than there are: the plan at once fails, and another has to be found.
  test('drawing 1 is planned where no bar is to spare, and refused with one too few', () => {
    const stock = (count: number) => [{ id: 'bar', length: 1000, count, cost: 1 }];
    expect(planOf({ kerf: 0, stock: stock(20), pieces: triplets(1) })).toMatchObject({ cost: 20, bound: 20 });
    expect(whyNot({ kerf: 0, stock: stock(19), pieces: triplets(1) })).toContain('not enough bars');
  });
});

describe('exact fits', () => {
  test('ten pieces of 0.1 mm and nine kerfs of 0.1 mm fit in 1.9 mm', () => {
    const plan = planOf({ kerf: 0.1, stock: one(1.9), pieces: [{ id: 'a', length: 0.1, count: 10 }] });
    expect(plan.bars).toEqual([{ stock: 'bar', cuts: { a: 10 }, remainder: 0 }]);
  });

  test('ten pieces of 0.1 mm and nine kerfs do not fit in one micrometre less', () => {
    const plan = planOf({ kerf: 0.1, stock: one(1.899), pieces: [{ id: 'a', length: 0.1, count: 10 }] });
    expect(plan.cost).toBe(2);
  });

  test('a free offcut is used where it saves money, and otherwise left', () => {
    const stock = [
      { id: 'bar', length: 1000, count: null, cost: 100 },
      { id: 'off', length: 180, count: 1, cost: 0 },
    ];
    const pieces = (count: number) => [{ id: 'a', length: 57.6, count }];
    expect(planOf({ kerf: 0.3, stock, pieces: pieces(3), keepFrom: 30 }).cost).toBe(0);
    // Seventeen come out of a bar: with the offcut's three, twenty.
    expect(planOf({ kerf: 0.3, stock, pieces: pieces(20), keepFrom: 30 }).cost).toBe(100);
    const long = planOf({ kerf: 0.3, stock, pieces: [{ id: 'a', length: 200, count: 1 }], keepFrom: 30 });
    expect(long.bars).toEqual([{ stock: 'bar', cuts: { a: 1 }, remainder: 799.7 }]);
  });

  test('of two plans of one cost the one with an offcut to keep is chosen', () => {
    // 60 + 40 in one bar and 40 in another leave 60; 60 in one and 40 + 40 in another leave 40 and 20.
    const plan = planOf({
      kerf: 0,
      stock: one(100),
      pieces: [
        { id: 'a', length: 60, count: 1 },
        { id: 'b', length: 40, count: 2 },
      ],
      keepFrom: 50,
    });
    expect(plan).toMatchObject({ cost: 2, consumed: 140, proved: true });
  });

  test('a problem without pieces uses no bar', () => {
    expect(planOf({ kerf: 0.3, stock: one(10), pieces: [{ id: 'a', length: 57.6, count: 0 }] }).bars).toEqual([]);
  });
});

describe('infeasible problems', () => {
  test('a piece longer than any bar is refused, and so are more pieces than the bars hold', () => {
    expect(whyNot({ kerf: 0, stock: one(50), pieces: [{ id: 'long', length: 60, count: 1 }] })).toContain('“long”');
    const stock = [{ id: 'off', length: 100, count: 2, cost: 0 }];
    expect(whyNot({ kerf: 0, stock, pieces: [{ id: 'a', length: 60, count: 3 }] })).toContain('not enough bars');
  });

  test('another filling is found where first-fit decreasing fails', () => {
    // Longest first puts 6 + 4 and 4 + 4 + 3, and the last 3 finds no room; 6 + 3 + 3 and 4 + 4 + 4 fill both.
    const stock = [{ id: 'off', length: 12, count: 2, cost: 0 }];
    const pieces = widths([
      [6, 1],
      [4, 3],
      [3, 2],
    ]);
    expect(planOf({ kerf: 0, stock, pieces })).toMatchObject({ cost: 0, proved: true });
  });

  test('two bars of one name are refused', () => {
    const stock = [...one(100), ...one(200)];
    expect(barProblemSchema.safeParse({ kerf: 0, stock, pieces: widths([[10, 1]]) }).success).toBe(false);
  });
});

const tiny = fc.record({
  kerf: fc.constantFrom(0, 0.3, 1),
  stock: fc
    .array(
      fc.record({
        length: fc.integer({ min: 8, max: 24 }),
        count: fc.constantFrom(null, 1, 2),
        cost: fc.constantFrom(0, 3, 5, 9),
      }),
      { minLength: 1, maxLength: 3 },
    )
    .map((bars) => bars.map((bar, index) => ({ ...bar, id: `bar ${String(index)}` }))),
  pieces: fc
    .array(fc.record({ length: fc.integer({ min: 3, max: 14 }), count: fc.integer({ min: 1, max: 3 }) }), {
      minLength: 1,
      maxLength: 3,
    })
    .map((pieces) => pieces.map((piece, index) => ({ ...piece, id: `piece ${String(index)}` }))),
  keepFrom: fc.constantFrom(0, 4, 7),
});

describe('small random problems', () => {
  test('have the least cost, and at that cost the least metal, of exhaustive search', () => {
    fc.assert(
      fc.property(tiny, (problem) => {
        const best = tryEverything(problem);
        if (!best) {
          expect(whyNot(problem)).not.toBe('');
          return;
        }
        const plan = planOf(problem);
        expect(plan).toMatchObject({ cost: best.cost, proved: true });
        expect(plan.consumed).toBeCloseTo(best.consumed, 6);
      }),
      { numRuns: 150, seed: 8 },
    );
  });

  test('have the optimum of another formulation, one row a bar (Kantorovich 1939)', () => {
    fc.assert(
      fc.property(tiny, (problem) => {
        const cost = byAssignment(problem);
        if (cost === null) expect(whyNot(problem)).not.toBe('');
        else expect(planOf(problem).cost).toBeCloseTo(cost, 6);
      }),
      { numRuns: 60, seed: 3 },
    );
  });
});

test('a large problem has a valid bound and a plan near it', () => {
  let state = 7;
  const random = () => (state = (state * 1_103_515_245 + 12_345) % 2_147_483_648) / 2_147_483_648;
  const tenth = (from: number, to: number) => Math.round((from + random() * (to - from)) * 10) / 10;
  const pieces = Array.from({ length: 12 }, (_, index) => ({
    id: `s${String(index)}`,
    length: tenth(20, 180),
    count: 12,
  }));
  const stock = [
    { id: 'metre', length: 1000, count: null, cost: 100 },
    { id: 'half', length: 500, count: null, cost: 54 },
    ...Array.from({ length: 6 }, (_, index) => ({
      id: `off${String(index)}`,
      length: tenth(60, 360),
      count: 1,
      cost: 0,
    })),
  ];
  const problem = { kerf: 0.3, stock, pieces, keepFrom: 30 };
  let [asked, looks] = [0, 0];
  // The clock is the number of programs solved and of looks at it, so that the test does not depend on the machine.
  const counted: LinearProgramSolver = (program, seconds, target) => {
    asked += 1;
    return solve(program, Math.min(seconds, 1), target);
  };
  const steps = planBars(problem, counted, { seconds: 150, elapsed: () => asked + (looks += 1) * 0.1 });
  let step = steps.next();
  while (!step.done) step = steps.next();
  if ('sentence' in step.value) throw new Error(step.value.sentence);
  expect(faultsOf(problem, step.value)).toEqual([]);
  expect(step.value.cost).toBe(step.value.bound);
});

interface Tried {
  readonly cost: number;
  readonly consumed: number;
}

/** Every way of putting every piece into every bar, in plain millimetres times ten. */
function tryEverything({ kerf, stock, pieces, keepFrom = Infinity }: BarProblem): Tried | null {
  const all = pieces.flatMap(({ length, count }) => Array<number>(count).fill(length * 10));
  const bars = stock.flatMap((bar) =>
    Array.from({ length: Math.min(bar.count ?? all.length, all.length) }, () => ({ ...bar, sum: 0, pieces: 0 })),
  );
  let best: Tried | null = null;
  const go = (index: number): void => {
    const piece = all[index];
    if (piece === undefined) {
      const used = bars.filter((bar) => bar.pieces > 0);
      const cost = used.reduce((sum, bar) => sum + bar.cost, 0);
      const consumed = used.reduce((sum, bar) => {
        const left = Math.max(0, bar.length * 10 - bar.sum - kerf * 10 * bar.pieces);
        return sum + bar.length - (left >= keepFrom * 10 - 1e-9 ? left / 10 : 0);
      }, 0);
      if (!best || cost < best.cost || (cost === best.cost && consumed < best.consumed - 1e-9))
        best = { cost, consumed };
      return;
    }
    const seen = new Set<string>();
    for (const bar of bars) {
      // Two bars alike and as full are one choice.
      const kind = `${bar.id} ${String(bar.sum)} ${String(bar.pieces)}`;
      if (seen.has(kind) || bar.sum + piece + kerf * 10 * bar.pieces > bar.length * 10 + 1e-9) continue;
      seen.add(kind);
      bar.sum += piece;
      bar.pieces += 1;
      go(index + 1);
      bar.sum -= piece;
      bar.pieces -= 1;
    }
  };
  go(0);
  return best;
}

/** Whole numbers of each piece in each single bar, and whether the bar is used. @returns the least cost, null for none */
function byAssignment({ kerf, stock, pieces }: BarProblem): number | null {
  const most = pieces.reduce((sum, { count }) => sum + count, 0);
  const bars = stock.flatMap((bar) => Array<typeof bar>(Math.min(bar.count ?? most, most)).fill(bar));
  const rows = [
    ...pieces.map(({ count }) => ({ lower: count, upper: count })),
    ...bars.map(() => ({ lower: -Infinity, upper: 0 })),
  ];
  const columns = bars.flatMap((bar, at) => [
    { cost: bar.cost, upper: 1, rows: [pieces.length + at], values: [-(bar.length + kerf)] },
    ...pieces.map(({ length, count }, index) => {
      return { cost: 0, upper: count, rows: [index, pieces.length + at], values: [1, length + kerf] };
    }),
  ]);
  const answer = solve({ rows, columns, isInteger: true }, 20);
  return answer.status === 'optimal' ? answer.objective : null;
}

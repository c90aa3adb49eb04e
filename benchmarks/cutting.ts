// Cutting plans: time to the first plan, and distance from the best one when the time is up.
import loadHighs from 'highs';
import type { BarProblem } from '../core/cut/bars/bar-problem.ts';
import type { LinearProgramSolver } from '../core/cut/bars/linear-program.ts';
import { planBars } from '../core/cut/bars/plan-bars.ts';
import { barFamilies, familyBars } from '../core/cut/fixtures/bar-families.ts';
import { familySheets, sheetFamilies } from '../core/cut/fixtures/sheet-families.ts';
import { planSheets } from '../core/cut/sheets/plan-sheets.ts';
import { sheetProblemSchema } from '../core/cut/sheets/sheet-problem.ts';
import type { TimeBudget } from '../core/cut/time-budget.ts';
import { seeded } from '../core/measure/random.ts';
import { solveWith } from '../solver/highs.ts';
import { type Measured, quantileOf } from './measured.ts';

const PROBLEMS = 5;
const SECONDS = 3;
const SHEET_SECONDS = 5;
const HELD_OUT = [2, 4];

export async function cutting(): Promise<Measured[]> {
  const solve = solveWith(await loadHighs());
  const firsts: number[] = [];
  const gaps: number[] = [];
  for (let seed = 1; seed <= PROBLEMS; seed += 1) {
    const began = performance.now();
    const clock = { seconds: SECONDS, elapsed: () => (performance.now() - began) / 1000 };
    const steps = planBars(barProblem(seed), solve, clock);
    let step = steps.next();
    firsts.push(performance.now() - began);
    while (!step.done) step = steps.next();
    if ('cost' in step.value) gaps.push((step.value.cost / step.value.bound - 1) * 100);
  }
  const families = [...barsOfFamilies(solve), ...sheetsOfFamilies()];
  const began = performance.now();
  const sheets = planSheets(sheetProblem(), { seconds: 5, elapsed: () => (performance.now() - began) / 1000 });
  sheets.next();
  const what = '400 blanks in 15 sizes over 4 stock lengths and 15 offcuts';
  return [
    // The first run warms up.
    { what: `${what}: the first plan, median`, measured: quantileOf(firsts, 0.5), bound: 100, unit: 'ms' },
    {
      what: `${what}: above the bound after ${String(SECONDS)} s, median`,
      measured: quantileOf(gaps, 0.5),
      bound: 1,
      unit: '%',
    },
    { what: `${what}: the same, the worst`, measured: Math.max(...gaps), bound: 1, unit: '%' },
    ...families,
    { what: '200 mixed blanks of sheet: the first plan', measured: performance.now() - began, bound: 5000, unit: 'ms' },
  ];
}

/** Held-out problems of each family: plans above the bound of the cost, and metal above its bound. */
function barsOfFamilies(solve: LinearProgramSolver): Measured[] {
  return barFamilies.flatMap((family): Measured[] => {
    const plans = HELD_OUT.flatMap((seed) => {
      const plan = lastOf(planBars(familyBars(family, seed).problem, solve, clockOf(SECONDS)));
      return 'cost' in plan ? [plan] : [];
    });
    const metal = plans.map(({ consumed, consumedBound }) => (consumed / consumedBound - 1) * 100);
    const dear = plans.filter(({ cost, bound }) => cost > bound * (1 + 1e-9)).length;
    return [
      { what: `bars, ${family}: above the bound of the cost`, measured: dear, bound: 0, unit: 'plans' },
      { what: `bars, ${family}: metal above its bound, worst`, measured: Math.max(...metal), bound: 1, unit: '%' },
    ];
  });
}

/** Held-out problems of each family: cost above what is known, or else above the bound. */
function sheetsOfFamilies(): Measured[] {
  const rows = [
    ...sheetFamilies.map((family) => ({ family, cutting: 'free' as const })),
    // Cut up right across, so that shears can cut them.
    ...(['jigsaw', 'nearly full', 'strip', 'offcuts'] as const).map((family) => ({ family, cutting: 'guillotine' as const })), // prettier-ignore
  ];
  return rows.map(({ family, cutting }): Measured => {
    const over = HELD_OUT.map((seed) => {
      const { problem, knownCost } = familySheets(family, seed);
      const plan = lastOf(planSheets({ ...problem, cutting }, clockOf(SHEET_SECONDS)));
      return 'cost' in plan ? (plan.cost / (knownCost ?? plan.bound) - 1) * 100 : Infinity;
    });
    return {
      what: `sheets, ${family}${cutting === 'free' ? '' : ' by shears'}: above the known cost, median`,
      measured: quantileOf(over, 0.5),
      bound: 8,
      unit: '%',
    };
  });
}

function clockOf(seconds: number): TimeBudget {
  const began = performance.now();
  return { seconds, elapsed: () => (performance.now() - began) / 1000 };
}

function lastOf<Plan, Last>(steps: Generator<Plan, Last>): Last {
  let step = steps.next();
  while (!step.done) step = steps.next();
  return step.value;
}

function barProblem(seed: number): BarProblem {
  const random = seeded(seed);
  const tenth = (from: number, to: number) => Math.round((from + random() * (to - from)) * 10) / 10;
  const pieces = Array.from({ length: 15 }, (_, index) => ({
    id: `size ${String(index)}`,
    length: tenth(20, 180),
    count: 0,
  }));
  for (let blank = 0; blank < 400; blank += 1) {
    const piece = pieces[Math.floor(random() * pieces.length)];
    if (piece) piece.count += 1;
  }
  const bought = [
    [2000, 190],
    [1000, 100],
    [500, 54],
    [300, 35],
  ].map(([length = 0, cost = 0]) => ({ id: `bought ${String(length)}`, length, count: null, cost }));
  const offcuts = Array.from({ length: 15 }, (_, index) => {
    return { id: `offcut ${String(index)}`, length: tenth(60, 360), count: 1, cost: 0 };
  });
  return { kerf: 0.3, keepFrom: 30, stock: [...bought, ...offcuts], pieces };
}

function sheetProblem() {
  const random = seeded(7);
  const tenth = (from: number, to: number) => Math.round((from + random() * (to - from)) * 10) / 10;
  const pieces = Array.from({ length: 14 }, (_, index) => {
    const own = { id: `blank ${String(index)}`, count: index < 4 ? 15 : 14 };
    return index % 2 === 0
      ? { ...own, shape: 'disc', diameter: tenth(6, 26) }
      : { ...own, shape: 'rect', width: tenth(5, 35), height: tenth(5, 25) };
  });
  return sheetProblemSchema.parse({
    sheets: [
      { id: 'small', width: 150, height: 100, count: null, cost: 30 },
      { id: 'large', width: 300, height: 100, count: null, cost: 55 },
    ],
    gap: 0.5,
    margin: 1,
    pieces,
  });
}

// Column generation for the cutting stock problem (Gilmore and Gomory, Operations Research 9, 1961 and 11, 1963).
import { consumedBy, type IndexedBars, type Pattern } from './indexed-bars.ts';
import { COARSE_CELLS, FINE_CELLS, gridFor, type Knapsack, knapsack } from './knapsack.ts';
import type {
  LinearProgram,
  LinearProgramSolver,
  ProgramColumn,
  ProgramRow,
  ProgramSolution,
} from './linear-program.ts';

/** What is minimised: the cost, or the metal used at a limited cost. */
export type CutObjective = { readonly least: 'cost' } | { readonly least: 'metal'; readonly mostCost: number };

/** The master problem: patterns that make at least what is wanted. */
export function masterProblem(
  bars: IndexedBars,
  aim: CutObjective,
  patterns: readonly Pattern[],
  isInteger: boolean,
): LinearProgram {
  const { pieces, stock } = bars;
  const rows: ProgramRow[] = [
    ...pieces.map(({ count }) => ({ lower: count, upper: Infinity })),
    ...stock.map(({ count }) => ({ lower: -Infinity, upper: count })),
    ...(aim.least === 'metal' ? [{ lower: -Infinity, upper: aim.mostCost * (1 + 1e-9) + 1e-9 }] : []),
  ];
  const columns = patterns.map((pattern): ProgramColumn => {
    const used = pattern.cuts.flatMap((count, index) => (count > 0 ? [index] : []));
    const { cost = 0, count = 0 } = stock[pattern.stock] ?? {};
    const isLimited = aim.least === 'metal' && cost > 0;
    return {
      cost: aim.least === 'metal' ? consumedBy(bars, pattern) : cost,
      upper: count,
      rows: [...used, pieces.length + pattern.stock, ...(isLimited ? [pieces.length + stock.length] : [])],
      values: [...used.map((index) => pattern.cuts[index] ?? 0), 1, ...(isLimited ? [cost] : [])],
    };
  });
  return { rows, columns, isInteger };
}

/** Key of a pattern. */
export const keyOf = ({ stock, cuts }: Pattern) => `${String(stock)}:${cuts.join()}`;

/** Patterns by their key, each once. */
export type Columns = Map<string, Pattern>;

/** The starting columns: each piece alone in every bar. They make every feasible problem feasible. */
export function startingColumns({ pieces, stock }: IndexedBars): Pattern[] {
  return pieces.flatMap(({ takes, count }, piece) =>
    stock.flatMap(({ room, count: bars }, index): Pattern[] => {
      const fits = Math.min(count, Math.floor(room / takes));
      const cuts = pieces.map((_piece, other) => (other === piece ? fits : 0));
      return bars > 0 && fits > 0 ? [{ stock: index, cuts }] : [];
    }),
  );
}

const MOST_ROUNDS = 400;

/** The result of column generation. */
export interface GeneratedColumns {
  /** The last fractional solution; null when it could not be solved. */
  readonly answer: ProgramSolution | null;
  /** The patterns of that solution, in its order. */
  readonly patterns: readonly Pattern[];
  /** Lower bound: no plan that costs at most `known` is below it. */
  readonly bound: number;
  /** What the bars of a plan must hold together, and what each holds at most, at the duals that gave the bound. */
  readonly cover: CoverBound;
}

/** As money. */
export interface CoverBound {
  readonly need: number;
  /** By stock. */
  readonly holds: readonly number[];
}

/** Terms of column generation. */
export interface GenerateTerms {
  readonly solve: LinearProgramSolver;
  /** Cost of a known plan; Infinity for none. */
  readonly known: number;
  /** Asked after each round. */
  readonly isOver: () => boolean;
  /** Whether patterns found on a coarse grid are enough. */
  readonly isRough?: boolean;
}

/** Adds patterns while one has a negative reduced cost at the duals of the fractional solution. */
export function generateColumns(
  bars: IndexedBars,
  aim: CutObjective,
  columns: Columns,
  { solve, known, isOver, isRough = false }: GenerateTerms,
): GeneratedColumns {
  let bound = -Infinity;
  let cover: CoverBound = { need: 0, holds: bars.stock.map(() => 0) };
  let patterns: readonly Pattern[] = [];
  let cells = COARSE_CELLS;
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    patterns = [...columns.values()];
    const answer = solve(masterProblem(bars, aim, patterns, false), SECONDS_A_ROUND);
    if (answer.status !== 'optimal') return { answer: null, patterns, bound, cover };
    const { found, proves, covers } = pricePattern(bars, aim, answer, known, cells);
    if (proves >= bound) [bound, cover] = [proves, covers];
    const news = found.filter((pattern) => !columns.has(keyOf(pattern)));
    for (const pattern of news) columns.set(keyOf(pattern), pattern);
    if (isOver() || (news.length === 0 && (cells === FINE_CELLS || isRough))) return { answer, patterns, bound, cover };
    if (news.length === 0) cells = FINE_CELLS;
  }
  return { answer: null, patterns, bound, cover };
}

const SECONDS_A_ROUND = 2;
/** A pattern that saves less than this share of its cost is not added. */
const WINS = 1e-7;

type Bar = IndexedBars['stock'][number];

interface PricingKnapsack {
  readonly fits: Knapsack;
  /** On a coarse grid the values are rounded so that the bound stays valid. */
  readonly above: Knapsack;
  readonly room: (bar: Bar) => number;
  readonly costs: (bar: Bar) => number;
}

// The best pattern of each bar, and the Lagrangian bound that the duals prove: each bar saves at most what its best
// pattern saves, as often as there are such bars or money for them.
function pricePattern(
  bars: IndexedBars,
  aim: CutObjective,
  { duals }: ProgramSolution,
  known: number,
  cells: number,
): { found: Pattern[]; proves: number; covers: CoverBound } {
  const { pieces, stock } = bars;
  const worths = pieces.map((_piece, index) => Math.max(0, duals[index] ?? 0));
  const ofMoney = aim.least === 'metal' ? Math.min(0, duals[pieces.length + stock.length] ?? 0) : 0;
  const sacks = pricingKnapsacks(bars, aim, worths, ofMoney, cells);
  const found: Pattern[] = [];
  const holds = stock.map(() => 0);
  const need = worths.reduce((sum, worth, index) => sum + worth * (pieces[index]?.count ?? 0), 0);
  let proves = need;
  if (aim.least === 'metal') proves += ofMoney * aim.mostCost;
  stock.forEach((bar, index) => {
    if (bar.count === 0) return;
    const ofBar = Math.min(0, duals[pieces.length + index] ?? 0);
    let least = 0;
    for (const { fits, above, room, costs } of sacks) {
      if (room(bar) <= 0) continue;
      const cost = costs(bar);
      if (cost - ofBar - fits.worth(room(bar)) < -WINS * Math.max(1, cost))
        found.push({ stock: index, cuts: fits.chosen(room(bar)) });
      least = Math.min(least, cost - above.worth(room(bar)));
      holds[index] = above.worth(room(bar));
    }
    const bought = bar.cost > 0 ? Math.floor(known / bar.cost + 1e-9) : Infinity;
    proves += Math.min(bar.count, bought) * least;
  });
  return { found, proves, covers: { need, holds } };
}

function pricingKnapsacks(
  { pieces, stock, keepFrom }: IndexedBars,
  aim: CutObjective,
  worths: readonly number[],
  ofMoney: number,
  cells: number,
): PricingKnapsack[] {
  const most = Math.max(...stock.map(({ room }) => room));
  const grid = gridFor([...pieces.map(({ takes }) => takes), ...stock.map(({ room }) => room)], most, cells);
  const packed = (own: readonly number[]) => {
    const fits = knapsack(pieces, own, most, grid, 'up');
    return { fits, above: grid.isExact ? fits : knapsack(pieces, own, most, grid, 'down') };
  };
  if (aim.least === 'cost') return [{ ...packed(worths), room: ({ room }) => room, costs: ({ cost }) => cost }];
  const usedUp: PricingKnapsack = {
    ...packed(worths),
    room: ({ room }) => room,
    costs: ({ length, cost }) => length - ofMoney * cost,
  };
  if (keepFrom === Infinity) return [usedUp];
  // Where the rest of the bar is kept, a piece uses its own length only.
  const kept: PricingKnapsack = {
    ...packed(worths.map((worth, index) => worth - (pieces[index]?.takes ?? 0))),
    room: ({ length }) => length - keepFrom,
    costs: ({ cost }) => -ofMoney * cost,
  };
  return [usedUp, kept];
}

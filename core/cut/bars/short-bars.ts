// Least metal of one choice of bars: every pattern of the short bars that can be part of a better plan, and the longer
// bars as one bar that can be filled to the brim. What that wastes, every plan wastes; a search then fills the longer bars.
import type { BarCells } from './bar-cells.ts';
import type { IndexedBars, Pattern } from './indexed-bars.ts';
import type { LinearProgram, LinearProgramSolver, ProgramColumn, ProgramRow } from './linear-program.ts';

/** A bar with more patterns than this is one of the longer bars. */
const MOST_PATTERNS = 3000;
const MOST_COLUMNS = 12_000;
/** Patterns of one bar with a remainder that is kept. */
const MOST_KEPT = 2000;

/** Patterns of the short bars, and what is left for the others. */
export interface ShortBars {
  /** Least metal of any plan with this choice, µm. */
  readonly bound: number;
  /** The short bars; empty where none was found in time. */
  readonly patterns: readonly Pattern[];
  /** Stock of each bar that the other pieces go into; null without patterns. */
  readonly others: readonly number[] | null;
}

/** Numbers of each piece in a bar, and the cells they take. */
interface Cuts {
  readonly cuts: readonly number[];
  readonly taken: number;
}

/**
 * @param chosen        number of bars of each stock; free ones may stay unused
 * @param mostConsumed  µm; only plans with less metal are looked for
 * @param seconds       time the solver may take
 */
export function fillShortBars(
  bars: IndexedBars,
  cells: BarCells,
  chosen: readonly number[],
  mostConsumed: number,
  solve: LinearProgramSolver,
  seconds: number,
): ShortBars {
  const grid = gridOf(bars, cells, chosen);
  const { short, long } = shortAndLong(bars, grid, Math.floor(mostConsumed / cells.step));
  const { program, meanings } = programOf(bars, grid, short, long);
  const { status, bound, values } = solve(program, seconds);
  if (status === 'none') return { bound: mostConsumed, patterns: [], others: null };
  const least = grid.need - grid.kerf * sum(long.map((stock) => chosen[stock] ?? 0)) + Math.ceil(bound - 1e-6);
  const proved = Number.isFinite(bound) ? least * cells.step : 0;
  if (values.length === 0) return { bound: proved, patterns: [], others: null };
  const times = <One>(one: One, at: number) => Array<One>(Math.round(values[at] ?? 0)).fill(one);
  return {
    bound: proved,
    patterns: meanings.flatMap(({ pattern }, at) => (pattern ? times(pattern, at) : [])),
    others: [
      ...long.flatMap((stock) => Array<number>(chosen[stock] ?? 0).fill(stock)),
      ...meanings.flatMap(({ joined }, at) => (joined === undefined ? [] : times(joined, at))),
    ],
  };
}

/** A choice of bars in cells. */
interface Grid extends Pick<BarCells, 'sizes' | 'rooms'> {
  readonly chosen: readonly number[];
  /** All pieces with their kerfs. */
  readonly need: number;
  /** What is left in all bars together: no bar has more. */
  readonly spare: number;
  readonly kerf: number;
  /** Least rest of a bar whose remainder is kept. */
  readonly keepFrom: number;
}

function gridOf(
  { pieces, stock, keepFrom }: IndexedBars,
  { step, sizes, rooms }: BarCells,
  chosen: readonly number[],
): Grid {
  const need = sum(pieces.map(({ count }, piece) => count * (sizes[piece] ?? 0)));
  const spare = sum(chosen.map((count, at) => count * (rooms[at] ?? 0))) - need;
  const kerf = Math.round(((stock[0]?.room ?? 0) - (stock[0]?.length ?? 0)) / step);
  return {
    sizes,
    rooms,
    chosen,
    need,
    spare,
    kerf,
    keepFrom: keepFrom === Infinity ? Infinity : Math.ceil(keepFrom / step) + kerf,
  };
}

/** The short bars with their patterns that waste little enough; the longer ones have too many. */
function shortAndLong(
  bars: IndexedBars,
  grid: Grid,
  most: number,
): { short: Map<number, readonly Cuts[]>; long: readonly number[] } {
  const { rooms, chosen, need, spare, kerf, keepFrom } = grid;
  // Full bars save the kerf of their last piece: so much may one bar waste and the plan still be better.
  const waste = Math.max(0, Math.min(most - need + sum(chosen) * kerf, spare, keepFrom - 1));
  const inTurn = [...chosen.keys()]
    .filter((stock) => (chosen[stock] ?? 0) > 0)
    .sort((a, b) => (rooms[a] ?? 0) - (rooms[b] ?? 0));
  const short = new Map<number, readonly Cuts[]>();
  let columns = 0;
  for (const stock of inTurn) {
    const room = rooms[stock] ?? 0;
    const sets = cutsWithin(bars, grid.sizes, Math.max(1, room - waste), room, MOST_PATTERNS);
    if (!sets || columns + sets.length > MOST_COLUMNS) break;
    columns += sets.length;
    short.set(stock, sets);
  }
  return { short, long: inTurn.filter((stock) => !short.has(stock)) };
}

/** What a column of the program stands for: a bar with its cuts, or a short bar that joins the longer ones. */
interface Meaning {
  readonly pattern?: Pattern;
  readonly joined?: number;
}

/**
 * The program of least waste: a row for each piece, for each short stock, for the length of the longer bars, and two
 * for what is kept of them.
 */
function programOf(
  bars: IndexedBars,
  { sizes, rooms, chosen, need, spare, kerf, keepFrom }: Grid,
  short: ReadonlyMap<number, readonly Cuts[]>,
  long: readonly number[],
): { readonly program: LinearProgram; readonly meanings: readonly Meaning[] } {
  const stocks = [...short.keys()];
  const stockRow = bars.pieces.length;
  const lengthRow = stockRow + stocks.length;
  const [keptRow, keepsRow] = [lengthRow + 1, lengthRow + 2];
  const fromOthers = need - sum(long.map((stock) => (chosen[stock] ?? 0) * (rooms[stock] ?? 0)));
  const rows: ProgramRow[] = [
    ...bars.pieces.map(({ count }) => ({ lower: 0, upper: count })),
    ...stocks.map((stock) => ({ lower: chosen[stock] ?? 0, upper: chosen[stock] ?? 0 })),
    { lower: fromOthers, upper: fromOthers },
    { lower: 0, upper: Infinity },
    { lower: -Infinity, upper: 0 },
  ];
  const columns: ProgramColumn[] = [];
  const meanings: Meaning[] = [];
  const put = (
    cost: number,
    upper: number,
    entries: readonly (readonly [row: number, value: number])[],
    meaning: Meaning = {},
  ) => {
    columns.push({ cost, upper, rows: entries.map(([row]) => row), values: entries.map(([, value]) => value) });
    meanings.push(meaning);
  };
  const most = sum(chosen.map((count, stock) => count * (rooms[stock] ?? 0)));
  stocks.forEach((stock, at) => {
    const [room, times, row] = [rooms[stock] ?? 0, chosen[stock] ?? 0, stockRow + at];
    const putCuts = ({ cuts, taken }: Cuts, cost: number) => {
      const pieces = cuts.flatMap((count, piece) => (count > 0 ? [[piece, count] as const] : []));
      put(cost, times, [...pieces, [row, 1], [lengthRow, taken]], { pattern: { stock, cuts } });
    };
    for (const one of short.get(stock) ?? []) putCuts(one, room - one.taken - kerf);
    const kept = keepFrom < room ? cutsWithin(bars, sizes, Math.max(1, room - spare), room - keepFrom, MOST_KEPT) : [];
    for (const one of kept ?? []) putCuts(one, 0);
    // With too many such patterns, a bar with a kept remainder joins the longer bars and takes its share of what is kept.
    if (!kept) put(0, times, [[row, 1], [lengthRow, room], [keptRow, -keepFrom], [keepsRow, -most]], { joined: stock }); // prettier-ignore
    // A free bar need not be used.
    if ((bars.stock[stock]?.cost ?? 0) === 0) put(0, times, [[row, 1]]);
  });
  // The rest of the longer bars is wasted, or kept where it is long enough.
  put(1, most, [[lengthRow, -1]]);
  if (keepFrom < Infinity) {
    put(0, most, [[lengthRow, -1], [keptRow, 1], [keepsRow, 1]]); // prettier-ignore
    put(kerf, 1, [[keptRow, -keepFrom], [keepsRow, -most]]); // prettier-ignore
  }
  return { program: { rows, columns, isInteger: true }, meanings };
}

const sum = (numbers: readonly number[]) => numbers.reduce((total, one) => total + one, 0);

/** @returns all sets of pieces that take from `least` to `room` cells; null when there are more than `most` */
function cutsWithin(
  bars: IndexedBars,
  sizes: readonly number[],
  least: number,
  room: number,
  most: number,
): Cuts[] | null {
  const order = [...sizes.keys()]
    .filter((piece) => (sizes[piece] ?? 0) <= room)
    .sort((a, b) => (sizes[b] ?? 0) - (sizes[a] ?? 0));
  const ways = waysToFill(bars, sizes, order, room);
  let count = 0;
  for (let taken = least; taken <= room; taken += 1) count += ways[0]?.[taken] ?? 0;
  if (count > most) return null;
  const found: Cuts[] = [];
  const cuts = sizes.map(() => 0);
  const go = (at: number, taken: number, target: number): void => {
    const piece = order[at];
    if (piece === undefined) {
      found.push({ cuts: [...cuts], taken: target });
      return;
    }
    const [size = 0, wanted = 0] = [sizes[piece], bars.pieces[piece]?.count];
    for (let times = 0; times <= wanted && taken + times * size <= target; times += 1) {
      if ((ways[at + 1]?.[target - taken - times * size] ?? 0) === 0) continue;
      cuts[piece] = times;
      go(at + 1, taken + times * size, target);
    }
    cuts[piece] = 0;
  };
  for (let target = least; target <= room; target += 1) if ((ways[0]?.[target] ?? 0) > 0) go(0, 0, target);
  return found;
}

/** By place in the order and cells: in how many ways the pieces from there on take exactly so many cells. */
function waysToFill(
  bars: IndexedBars,
  sizes: readonly number[],
  order: readonly number[],
  room: number,
): Float64Array[] {
  const ways = Array.from({ length: order.length + 1 }, () => new Float64Array(room + 1));
  const last = ways[order.length];
  if (last) last[0] = 1;
  for (let at = order.length - 1; at >= 0; at -= 1) {
    const [now, next] = [ways[at], ways[at + 1]];
    const piece = order[at] ?? 0;
    const [size = 0, wanted = 0] = [sizes[piece], bars.pieces[piece]?.count];
    if (!now || !next) continue;
    for (let taken = 0; taken <= room; taken += 1) {
      let sum = 0;
      for (let times = 0; times <= wanted && times * size <= taken; times += 1) sum += next[taken - times * size] ?? 0;
      now[taken] = sum;
    }
  }
  return ways;
}

// Diving heuristic: fixes the patterns that the fractional solution is sure of, and solves the rest again.
import { type Columns, type CutObjective, generateColumns, keyOf, startingColumns } from './column-generation.ts';
import { type IndexedBars, type Pattern, scoreOf } from './indexed-bars.ts';
import type { LinearProgramSolver } from './linear-program.ts';

const NEARLY = 0.8;

interface DiveTerms {
  readonly solve: LinearProgramSolver;
  readonly isOver: () => boolean;
  /** Uniform in [0, 1). */
  readonly random: () => number;
}

/**
 * @param columns  gains the patterns found on the way
 * @returns whole bars that make at least what is wanted; null when time ran out or the bars did not suffice
 */
export function divingHeuristic(
  bars: IndexedBars,
  aim: CutObjective,
  columns: Columns,
  { solve, isOver, random }: DiveTerms,
): Pattern[] | null {
  const taken: Pattern[] = [];
  let rest = bars;
  let sought = aim;
  while (rest.pieces.some(({ count }) => count > 0)) {
    if (isOver()) return null;
    const still: Columns = new Map();
    for (const pattern of [...columns.values(), ...startingColumns(rest)]) {
      const clipped = clip(rest, pattern);
      if (clipped) still.set(keyOf(clipped), clipped);
    }
    const left = restOf(bars, sought, taken);
    const { answer, patterns } = generateColumns(rest, left, still, {
      solve,
      known: Infinity,
      isOver,
      isRough: true,
    });
    if (!answer) {
      if (sought.least === 'cost') return null;
      // The money is not enough: the limit is raised by as little as possible.
      sought = { least: 'cost' };
      continue;
    }
    for (const [key, pattern] of still) columns.set(key, pattern);
    const sure = patterns.flatMap((pattern, index) =>
      Array<Pattern>(Math.floor((answer.values[index] ?? 0) + 1e-6)).fill(pattern),
    );
    for (const pattern of sure.length > 0 ? sure : surest(patterns, answer.values, random)) {
      const clipped = clip(rest, pattern);
      if (!clipped) continue;
      taken.push(clipped);
      rest = without(rest, clipped);
    }
  }
  return taken;
}

// The pattern nearest to a whole number of bars; sometimes one that is nearly as near.
function surest(patterns: readonly Pattern[], values: readonly number[], random: () => number): Pattern[] {
  const most = Math.max(...values);
  const near = patterns.filter(
    (_pattern, index) => (values[index] ?? 0) >= most * NEARLY && (values[index] ?? 0) > 1e-6,
  );
  const chosen = near[Math.floor(random() * near.length)];
  return chosen ? [chosen] : [];
}

function restOf(bars: IndexedBars, aim: CutObjective, taken: readonly Pattern[]): CutObjective {
  return aim.least === 'cost' ? aim : { ...aim, mostCost: aim.mostCost - scoreOf(bars, taken).cost };
}

/** As much of a pattern as is still wanted; null when that is nothing or its bar is used up. */
function clip({ pieces, stock }: IndexedBars, pattern: Pattern): Pattern | null {
  if ((stock[pattern.stock]?.count ?? 0) === 0) return null;
  const cuts = pattern.cuts.map((count, index) => Math.min(count, pieces[index]?.count ?? 0));
  return cuts.some((count) => count > 0) ? { stock: pattern.stock, cuts } : null;
}

function without(bars: IndexedBars, { stock, cuts }: Pattern): IndexedBars {
  return {
    ...bars,
    stock: bars.stock.map((bar, index) => (index === stock ? { ...bar, count: bar.count - 1 } : bar)),
    pieces: bars.pieces.map((piece, index) => ({ ...piece, count: piece.count - (cuts[index] ?? 0) })),
  };
}

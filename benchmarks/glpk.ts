// Bars against an independent program: GLPK, where Debian's glpk-utils is installed. It chooses among all patterns.
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import loadHighs from 'highs';
import { barProblemSchema } from '../core/cut/bars/bar-problem.ts';
import { planBars } from '../core/cut/bars/plan-bars.ts';
import { seeded } from '../core/measure/random.ts';
import { solveWith } from '../solver/highs.ts';
import type { Measured } from './measured.ts';

const PROBLEMS = 12;
const SECONDS = 3;

/** @returns nothing where there is no glpsol */
export async function glpk(): Promise<Measured[]> {
  try {
    execFileSync('glpsol', ['--version'], { stdio: 'ignore' });
  } catch {
    return [];
  }
  const solve = solveWith(await loadHighs());
  let different = 0;
  for (let seed = 1; seed <= PROBLEMS; seed += 1) {
    const problem = problemOf(seed);
    const began = performance.now();
    const steps = planBars(problem, solve, { seconds: SECONDS, elapsed: () => (performance.now() - began) / 1000 });
    let step = steps.next();
    while (!step.done) step = steps.next();
    const cost = 'cost' in step.value ? step.value.cost : Infinity;
    if (Math.abs(cost - leastByGlpk(problem)) > 1e-6) different += 1;
  }
  return [
    {
      what: 'bars: another cost than GLPK finds',
      measured: different,
      bound: 0,
      unit: `problems of ${String(PROBLEMS)}`,
    },
  ];
}

function problemOf(seed: number) {
  const random = seeded(seed * 31);
  const whole = (from: number, to: number) => from + Math.floor(random() * (to - from + 1));
  return barProblemSchema.parse({
    kerf: whole(0, 3) / 10,
    stock: [
      { id: 'long', length: 1000, count: null, cost: 100 },
      { id: 'short', length: 300, count: null, cost: whole(32, 40) },
      { id: 'offcut', length: whole(150, 280), count: whole(1, 3), cost: 0 },
    ],
    pieces: Array.from({ length: whole(3, 5) }, (_, at) => ({ id: `p${String(at)}`, length: whole(90, 240), count: whole(2, 9) })), // prettier-ignore
  });
}

type Problem = ReturnType<typeof problemOf>;

function leastByGlpk({ stock, pieces, kerf }: Problem): number {
  const columns = stock.flatMap(({ length, cost }, at) => {
    // The last blank needs no cut where it ends with the bar.
    return patternsOf(pieces.map((piece) => piece.length + kerf), pieces.map(({ count }) => count), length + kerf).map(
      (counts) => ({ at, cost, counts }),
    ); // prettier-ignore
  });
  const name = (index: number) => `x${String(index)}`;
  const termOf = (factor: (column: (typeof columns)[number]) => number) =>
    columns.flatMap((column, index) => (factor(column) ? [`${String(factor(column))} ${name(index)}`] : []));
  // A short line is read by every version.
  const sum = (terms: string[]) => (terms.length > 0 ? terms.join('\n + ') : '0 x0');
  const text = [
    `Minimize\n cost: ${sum(termOf(({ cost }) => cost))}\nSubject To`,
    ...pieces.map(({ count }, piece) => ` p${String(piece)}: ${sum(termOf(({ counts }) => counts[piece] ?? 0))} >= ${String(count)}`), // prettier-ignore
    ...stock.flatMap(({ count }, at) => count === null ? [] : [` s${String(at)}: ${sum(termOf((column) => Number(column.at === at)))} <= ${String(count)}`]), // prettier-ignore
    `General\n ${columns.map((_column, index) => name(index)).join('\n ')}\nEnd\n`,
  ].join('\n');
  const folder = mkdtempSync(join(tmpdir(), 'bars-'));
  try {
    writeFileSync(join(folder, 'bars.lp'), text);
    execFileSync('glpsol', ['--lp', 'bars.lp', '-w', 'out.txt', '--tmlim', '60'], { cwd: folder, stdio: 'ignore' });
    const found = /^s mip \d+ \d+ o (\S+)/m.exec(readFileSync(join(folder, 'out.txt'), 'utf8'));
    return Number(found?.[1] ?? NaN);
  } finally {
    rmSync(folder, { recursive: true });
  }
}

/** All patterns that no further blank fits. */
function patternsOf(lengths: readonly number[], counts: readonly number[], room: number): number[][] {
  const patterns: number[][] = [];
  const go = (at: number, left: number, chosen: readonly number[]): void => {
    const length = lengths[at];
    if (length === undefined) {
      const isFull = lengths.every((one, index) => one > left + 1e-9 || (chosen[index] ?? 0) >= (counts[index] ?? 0));
      if (isFull) patterns.push([...chosen]);
      return;
    }
    const most = Math.min(counts[at] ?? 0, Math.floor((left + 1e-9) / length));
    for (let many = most; many >= 0; many -= 1) go(at + 1, left - many * length, [...chosen, many]);
  };
  go(0, room, []);
  return patterns;
}

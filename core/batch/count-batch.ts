// The count of a batch: pieces to start, grams to issue, hours and money.
import { computed, type Figure, inSum, renamed, totalOf } from '../figure/figure.ts';
import type { Issue } from '../measure/issue.ts';
import { readCount } from '../measure/read/read-number.ts';
import type { Fix } from '../metal/fix.ts';
import { hasSizes, sizesOf } from '../piece/all-sizes.ts';
import type { Piece } from '../piece/piece.ts';
import { countPiece } from '../price/piece/count-piece.ts';
import type { Rates } from '../studio/rates.ts';
import type { Batch, BatchLine } from './batch.ts';
import type { BatchRun, MadeLine } from './batch-run.ts';
import { type CutLine, cutLines, type IssueLine, issueLines } from './cut-list.ts';
import { toStart } from './to-start.ts';

/** Everything that is computed of a batch. */
export interface BatchCount {
  /** Number of good pieces wanted, over all runs. */
  readonly quantity: number;
  readonly runs: readonly BatchRun[];
  readonly cutList: readonly CutLine[];
  readonly issue: readonly IssueLine[];
  readonly grams: Figure;
  /** Attended hours of the whole batch. */
  readonly hands: Figure;
  /** Unattended hours of the whole batch. */
  readonly unattended: Figure;
  readonly cost: Figure;
  readonly wholesale: Figure;
  readonly left: Figure;
  readonly problems: readonly Issue[];
}

/**
 * Counts a batch at the studio's rates and metal prices. Set-up time is spread over all pieces of a line.
 * @param made  lines with their pieces, in order; a line without its piece is left out
 */
export function countBatch(batch: Batch, made: readonly MadeLine[], rates: Rates, fix: Fix | null): BatchCount {
  const problems: Issue[] = [];
  const runs = made.flatMap(({ line, piece }) => runsOf(batch, line, piece, rates, fix, problems));
  const { currency } = rates;
  const cutList = runs.flatMap((run) => cutLines(batch, run, problems));
  const issue = issueLines(cutList);
  const inAll = (label: string, unit: string, of: (run: BatchRun) => Figure) =>
    totalOf(
      label,
      unit,
      runs.map((run) => {
        const each = of(run);
        const how = `${String(run.quantity)} × ${inSum(each.value, each.unit)}`;
        return computed(run.name, run.quantity * each.value, each.unit, how, [each]);
      }),
    );
  return {
    quantity: runs.reduce((sum, { quantity }) => sum + quantity, 0),
    runs,
    cutList,
    issue,
    grams: totalOf(
      'metal to issue',
      'g',
      issue.map((line) => line.grams),
    ),
    hands: inHours(inAll('hands', 'min', ({ count }) => count.minutes)),
    unattended: inHours(
      totalOf(
        'unattended',
        'min',
        oneRunALine(runs).map(({ name, count }) => renamed(count.unattended, name)),
      ),
    ),
    cost: inAll('cost', currency, ({ count }) => count.column.cost),
    wholesale: inAll('worth at wholesale', currency, ({ count }) => count.prices.wholesale),
    left: inAll('profit at wholesale', currency, ({ count }) => count.prices.left),
    problems,
  };
}

function inHours(minutes: Figure): Figure {
  return computed(minutes.label, minutes.value / 60, 'h', `${inSum(minutes.value)} ÷ 60`, [minutes]);
}

function runsOf(
  batch: Batch,
  line: BatchLine,
  piece: Piece,
  rates: Rates,
  fix: Fix | null,
  problems: Issue[],
): BatchRun[] {
  const wanted = wantedOf(line, piece, problems);
  const all = wanted.reduce((sum, { quantity }) => sum + quantity, 0);
  return wanted.map(({ size, sizeName, quantity }, index): BatchRun => {
    const count = countPiece(piece, rates, fix, { batchSize: Math.max(1, all), size });
    const yields = piece.steps.map((step, at) => ({
      name: step.name,
      yield: count.steps[at]?.yield ?? 1,
      of: count.steps[at]?.yieldOf ?? null,
    }));
    // A unit measured one by one has no extra: its blanks fit nothing else.
    const spares = line.units.length > 0 ? { ...batch.spares, how: 'none' as const } : batch.spares;
    const { start, problems: ofSpares } = toStart(quantity, yields, spares);
    // A problem of the piece is listed once, and so is one of the extras.
    if (index === 0)
      problems.push(...count.problems.map((problem) => ({ ...problem, path: `${line.id}.${problem.path}` })));
    for (const problem of ofSpares) if (!problems.some(({ path }) => path === problem.path)) problems.push(problem);
    const name = piece.name.trim() || 'Unnamed piece';
    return { line, piece, size, name: sizeName ? `${name}, ${sizeName}` : name, quantity, start, count };
  });
}

interface Wanted {
  readonly size: string;
  readonly sizeName: string;
  readonly quantity: number;
}

/**
 * One run for each size with a quantity; with no quantity at all, one run of none, so that the page has something to
 * show.
 */
function wantedOf(line: BatchLine, piece: Piece, problems: Issue[]): Wanted[] {
  const sizes = hasSizes(piece) ? sizesOf(piece) : [{ id: '', name: '' }];
  const wanted = sizes.flatMap(({ id, name }): Wanted[] => {
    const typed = quantityOf(line, piece, id);
    if (!typed.trim()) return [];
    const reading = readCount(typed, 0);
    if (!reading.ok) problems.push({ path: quantityPath(line, id), sentence: reading.sentence });
    const quantity = reading.ok ? reading.value : 1;
    return quantity > 0
      ? [{ size: id, sizeName: sizes.length > 1 || line.units.length > 0 ? name : '', quantity }]
      : [];
  });
  const [first] = sizes;
  if (wanted.length > 0 || !first) return wanted;
  problems.push({
    path: quantityPath(line, first.id),
    sentence: `Give a quantity of ${piece.name.trim() || 'the piece'} to make.`,
  });
  return [{ size: first.id, sizeName: sizes.length > 1 ? first.name : '', quantity: 1 }];
}

/** One run of each line: all sizes of a piece go through the route, the pickle and the tumbler together. */
export function oneRunALine(runs: readonly BatchRun[]): BatchRun[] {
  return runs.filter((run, index) => runs.findIndex(({ line }) => line === run.line) === index);
}

/** `Tide hair fork, 8`; `Tide hair fork and 2 more, 20`. */
export function batchTitle({ runs, quantity }: Pick<BatchCount, 'runs' | 'quantity'>): string {
  const name = runs[0]?.piece.name.trim() || 'Unnamed piece';
  const more = oneRunALine(runs).length - 1;
  return `${name}${more > 0 ? ` and ${String(more)} more` : ''}, ${String(quantity)}`;
}

/** Path of a quantity within the batch, for its problems. */
export const quantityPath = (line: BatchLine, size: string) => `${line.id}.quantities.${size}`;

/** As typed. A quantity without a size belongs to the first size. */
export function quantityOf({ quantities, units }: BatchLine, piece: Piece, size: string): string {
  if (units.length > 0) return units.some(({ id }) => id === size) ? '1' : '';
  const first = hasSizes(piece) ? (sizesOf(piece)[0]?.id ?? '') : '';
  return quantities[size] ?? (size === first ? (quantities[''] ?? '') : '');
}

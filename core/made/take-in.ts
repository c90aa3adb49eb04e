// What a finished batch brings in: items with their actual cost, from the bench and the metal account.
import type { BatchRun } from '../batch/batch-run.ts';
import type { BatchCount } from '../batch/count-batch.ts';
import { roundHalfAwayFromZero } from '../figure/round-money.ts';
import { sizesOf } from '../piece/all-sizes.ts';
import { type Grade, grades, type LineAmounts, type MadeEntryLine, movePieces } from './made-entry.ts';
import type { NewMadeItem } from './made-item.ts';

/** What a batch took, beside its estimate. */
export interface BatchActuals {
  /** Attended minutes of finished steps, and their estimate; 0 where nothing was logged. */
  readonly minutes: number;
  readonly estimateMinutes: number;
  /** Whole mg of metal in the finished pieces by alloy; empty where nothing was weighed. */
  readonly finishedMg: ReadonlyMap<string, number>;
  /** Good pieces that were weighed. */
  readonly weighed: number;
}

/** Pieces of a run by grade. */
export type PiecesByGrade = Readonly<Record<Grade, number>>;

/** The key of a run of a batch. */
export const runKey = ({ line, size }: Pick<BatchRun, 'line' | 'size'>) => `${line.id} ${size}`;

/** The item of a run. @param isSingle  one of a kind: a commission of one, or a unit measured one by one */
export function itemOfRun(run: BatchRun, id: string, isSingle: boolean, mg: ReadonlyMap<string, number>): NewMadeItem {
  const { line, size, piece } = run;
  return {
    id,
    pieceId: line.pieceId,
    size,
    revision: line.pieceRevision,
    name: piece.name.trim() || 'Unnamed piece',
    sizeName:
      sizesOf(piece)
        .find((one) => one.id === size)
        ?.name.trim() ?? '',
    isSingle,
    mg: Object.fromEntries(mg),
  };
}

/** Bench time and weights that are further off are slips, and count as so far. */
const FURTHEST = { low: 0.4, high: 2.5 };
const within = (ratio: number) => Math.min(FURTHEST.high, Math.max(FURTHEST.low, ratio));

/** Actual over estimated minutes; 1 where nothing was logged. */
function timeRatio({ minutes, estimateMinutes }: BatchActuals): number {
  return minutes > 0 && estimateMinutes > 0 ? within(minutes / estimateMinutes) : 1;
}

/** Whole mg of each alloy in one piece of a run, as it was weighed; none where nothing was weighed. */
export function mgOfRun(run: BatchRun, count: BatchCount, { finishedMg, weighed }: BatchActuals): Map<string, number> {
  const mg = new Map<string, number>();
  if (weighed === 0 || count.quantity === 0) return mg;
  for (const [alloy, gross] of finishedMg) {
    const all = count.runs.reduce((sum, one) => sum + one.quantity * netOf(one, alloy), 0);
    // A metal that no estimate knows is spread evenly.
    const share = all > 0 ? netOf(run, alloy) / all : 1 / count.quantity;
    const each = Math.round((gross * share * count.quantity) / weighed);
    if (each > 0) mg.set(alloy, each);
  }
  return mg;
}

/** g of an alloy in one piece by the estimate. */
function netOf({ count }: BatchRun, alloyId: string): number {
  const { parts } = count.recipe.piece;
  return count.parts.reduce(
    (sum, { alloy, net }, at) => sum + (alloy?.id === alloyId && net && !parts[at]?.bought ? net.value : 0),
    0,
  );
}

/** Actual over estimated metal in one piece; 1 where nothing was weighed. */
function metalRatio(run: BatchRun, mg: ReadonlyMap<string, number>): number {
  const estimate = [...mg.keys()].reduce((sum, alloy) => sum + 1000 * netOf(run, alloy), 0);
  const actual = [...mg.values()].reduce((sum, one) => sum + one, 0);
  return estimate > 0 && actual > 0 ? within(actual / estimate) : 1;
}

/**
 * Lines that bring the pieces of a run into the studio. The cost of pieces that were lost on the way is carried by those
 * that came out.
 * @param mg  of one piece, by alloy
 */
export function takeInLines(
  run: BatchRun,
  item: string,
  pieces: PiecesByGrade,
  actuals: BatchActuals,
  mg: ReadonlyMap<string, number>,
): MadeEntryLine[] {
  const came = grades.reduce((sum, grade) => sum + pieces[grade], 0);
  if (came === 0) return [];
  const { column, minutes } = run.count;
  const line = (key: string) =>
    column.lines.filter((one) => one.key === key).reduce((sum, { each }) => sum + each.value, 0);
  const time = timeRatio(actuals);
  const [labour, metal] = [line('labour'), line('metal')];
  const cost = column.cost.value + labour * (time - 1) + metal * (metalRatio(run, mg) - 1);
  const carried = Math.max(1, run.quantity / came);
  return grades.flatMap((grade) => {
    const count = pieces[grade];
    if (count === 0) return [];
    const amounts: LineAmounts = {
      costMinor: roundHalfAwayFromZero(cost * carried * count),
      estimateMinor: roundHalfAwayFromZero(column.cost.value * count),
      labourMinor: roundHalfAwayFromZero(labour * time * carried * count),
      minutes: minutes.value * time * carried * count,
      estimateMinutes: minutes.value * count,
    };
    return movePieces(item, count, { place: 'made', grade, amounts }, { place: 'studio', grade });
  });
}

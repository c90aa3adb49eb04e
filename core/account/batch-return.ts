// What comes back from a batch: finished pieces, offcuts and scrap. What is missing is the loss; it is never typed.
import type { Balance } from './balance.ts';
import { closingLine, type End, type MetalEntry, type MetalLine, move, partOf } from './entry.ts';
import { batchAt, jarAt, type Place } from './place.ts';

/** Metal of one alloy that came back to a place. */
export interface CameBack {
  readonly alloy: string;
  readonly mg: number;
  readonly to: End;
}

/** What came back from a batch. */
export interface BatchReturn {
  readonly place: Place;
  /** What the batch holds, by alloy. */
  readonly held: readonly Balance[];
  /** Whole mg of metal in all finished pieces. */
  readonly finishedMg: number;
  readonly pieces: number;
  /** Share of each alloy in the finished pieces by the estimate; alloys that are left out have none. */
  readonly shares: ReadonlyMap<string, number>;
  readonly back: readonly CameBack[];
}

/** mg lost by alloy; below zero where more came back than was issued. */
export type LossByAlloy = ReadonlyMap<string, number>;

/**
 * Lines that settle a batch: afterwards it holds nothing.
 * @throws RangeError when an alloy came back that was never issued
 */
export function returnLines({ place, held, finishedMg, pieces, shares, back }: BatchReturn): {
  readonly lines: readonly MetalLine[];
  readonly loss: LossByAlloy;
} {
  const strange = back.find(({ alloy, mg }) => mg !== 0 && !held.some((one) => one.alloy === alloy));
  if (strange) throw new RangeError('This metal was not issued to the batch.');
  const finished = finishedByAlloy(held, finishedMg, shares);
  const lines: MetalLine[] = [];
  const loss = new Map<string, number>();
  held.forEach((all, index) => {
    const own: MetalLine[] = [];
    const take = (mg: number, to: End) => {
      if (mg !== 0) own.push(...move(partOf(all, mg), { place }, to));
    };
    take(finished[index] ?? 0, { place: 'finished', pieces: index === 0 ? pieces : 0 });
    for (const one of back) if (one.alloy === all.alloy) take(one.mg, one.to);
    // What is still at the batch is the loss, gross and fine.
    const left = [{ ...all, paidMinor: null }, ...own.filter((line) => line.place === place)];
    const lost = closingLine(left, place, all.alloy);
    if (lost) own.push(lost, { ...lost, place: 'loss', mg: -lost.mg || 0, fine: negated(lost.fine) });
    loss.set(all.alloy, -(lost?.mg ?? 0) || 0);
    lines.push(...own);
  });
  return { lines, loss };
}

function negated(fine: MetalLine['fine']): MetalLine['fine'] {
  return { Ag: -fine.Ag || 0, Au: -fine.Au || 0, Pt: -fine.Pt || 0, Pd: -fine.Pd || 0 };
}

/** The weight of the pieces by alloy; rounding goes to the largest. */
function finishedByAlloy(held: readonly Balance[], mg: number, shares: ReadonlyMap<string, number>): number[] {
  const weights = held.map(({ alloy, mg: own }) => shares.get(alloy) ?? (shares.size === 0 ? own : 0));
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  if (total === 0) return held.map((_, index) => (index === 0 ? mg : 0));
  const parts = weights.map((weight) => Math.round((mg * weight) / total));
  const largest = weights.indexOf(Math.max(...weights));
  const rest = mg - parts.reduce((sum, part) => sum + part, 0);
  return parts.map((part, index) => (index === largest ? part + rest : part));
}

/** The balance of a return that was booked, whole mg. */
export interface ReturnSums {
  readonly issuedMg: number;
  readonly finishedMg: number;
  readonly offcutMg: number;
  readonly scrapMg: number;
  readonly lossMg: number;
}

/** @param entry  of kind `returned` */
export function returnSums({ lines }: Pick<MetalEntry, 'lines'>): ReturnSums {
  const at = (isThere: (place: Place) => boolean) =>
    lines.reduce((sum, { place, mg }) => sum + (isThere(place) ? mg : 0), 0);
  return {
    issuedMg: -at((place) => batchAt(place) !== null),
    finishedMg: at((place) => place === 'finished'),
    offcutMg: at((place) => place === 'stock'),
    scrapMg: at((place) => jarAt(place) !== null),
    lossMg: at((place) => place === 'loss'),
  };
}

// The steps of each maker and each station in the order of their ends, sorted when they are asked for.
import type { IndexedProblem } from '../model/indexed-problem.ts';
import type { SerialScheduleGeneration } from './serial-schedule-generation.ts';

/* eslint-disable @typescript-eslint/no-non-null-assertion -- indices below their lengths, in the innermost loop there is */

/** Steps of each maker and each station, in turn. */
export class ResourceTurns {
  readonly ofMaker: readonly number[][];
  readonly ofStation: readonly number[][];
  readonly #indexed: IndexedProblem;
  #isSorted = false;

  constructor(indexed: IndexedProblem) {
    this.#indexed = indexed;
    this.ofMaker = indexed.shifts.map(() => []);
    this.ofStation = indexed.stations.map(() => []);
  }

  /** The schedule has changed. */
  forget(): void {
    this.#isSorted = false;
  }

  sort({ maker, end, attendedEnd }: SerialScheduleGeneration['kept']): void {
    if (this.#isSorted) return;
    this.#isSorted = true;
    const { size, station } = this.#indexed;
    for (const list of this.ofMaker) list.length = 0;
    for (const list of this.ofStation) list.length = 0;
    for (let step = 0; step < size; step += 1) {
      if (maker[step]! >= 0) insert(this.ofMaker[maker[step]!]!, step, attendedEnd);
      if (station[step]! >= 0) insert(this.ofStation[station[step]!]!, step, end);
    }
  }
}

function insert(list: number[], step: number, end: Float64Array): void {
  let at = list.length;
  list.push(step);
  while (at > 0 && end[list[at - 1]!]! > end[step]!) {
    list[at] = list[at - 1]!;
    at -= 1;
  }
  list[at] = step;
}

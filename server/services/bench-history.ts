// What came of every batch at the bench, remembered until its entries or its pieces change.
import { setImmediate } from 'node:timers/promises';
import type { Batch } from '../../core/batch/batch.ts';
import type { MadeLine } from '../../core/batch/batch-run.ts';
import { type BenchStep, benchSteps } from '../../core/bench/batch-steps.ts';
import { type BatchStory, batchStory, withoutLoad } from '../../core/bench/batch-story.ts';
import { type BenchEntry, EXTRA, momentOfDate } from '../../core/bench/bench-entry.ts';
import { groupBy } from '../../core/bench/group-by.ts';
import { type CountedObservation, observationsOf } from '../../core/bench/observations.ts';
import { fingerprint } from '../../core/measure/fingerprint.ts';
import type { Rates } from '../../core/studio/rates.ts';
import { serverClock } from '../clock.ts';
import type { Stores } from '../store/stores.ts';
import { currentBasis } from './basis.ts';
import { madeLines } from './made-lines.ts';

/** A batch with what came of it. */
export interface PastBatch {
  readonly id: string;
  readonly batch: Batch;
  readonly made: readonly MadeLine[];
  readonly steps: readonly BenchStep[];
  readonly entries: readonly BenchEntry[];
  readonly story: BatchStory;
  readonly observations: readonly CountedObservation[];
}

/** ms of reading before others have their turn. */
const SLICE_MS = 20;

const histories = new WeakMap<Stores, BenchHistory>();

/** The history of a ledger: the same for all who ask, so that a batch is read once. */
export function benchHistoryOf(stores: Stores): BenchHistory {
  const known = histories.get(stores) ?? new BenchHistory(stores);
  histories.set(stores, known);
  return known;
}

/** Reads what came of the batches of a ledger. */
export class BenchHistory {
  readonly #stores: Stores;
  #list: readonly PastBatch[] = [];
  readonly #known = new Map<string, { readonly key: string; readonly past: PastBatch }>();

  constructor(stores: Stores) {
    this.#stores = stores;
  }

  /** Batches that have entries of the bench, oldest first; the same list as long as nothing has changed. */
  batches(): readonly PastBatch[] {
    const reading = this.#reading();
    for (;;) {
      const { done, value } = reading.next();
      if (done) return value;
    }
  }

  /** Reads what has changed, a little at a time: other requests are answered meanwhile. */
  async ready(): Promise<void> {
    let paused = performance.now();
    for (const reading = this.#reading(); !reading.next().done;) {
      if (performance.now() - paused < SLICE_MS) continue;
      await setImmediate();
      paused = performance.now();
    }
  }

  /** Yields after each batch that was read. */
  *#reading(): Generator<undefined, readonly PastBatch[]> {
    const basis = currentBasis(this.#stores).rates;
    const alloys = fingerprint([...basis.alloys]);
    const entries = groupBy(this.#stores.bench.entries(), ({ batchId }) => batchId);
    const all: PastBatch[] = [];
    for (const { id, body } of this.#stores.batches.list()) {
      const own = entries.get(id);
      if (!own) continue;
      const key = fingerprint([alloys, body.lines, body.state, own.at(-1)?.id, own.length]);
      const known = this.#known.get(id);
      if (known?.key === key) all.push(known.past);
      else {
        const past = this.#read(id, body, own, basis.alloys);
        this.#known.set(id, { key, past });
        all.push(past);
        yield;
      }
    }
    if (all.length !== this.#list.length || all.some((past, at) => past !== this.#list[at])) this.#list = all;
    return this.#list;
  }

  #read(id: string, batch: Batch, entries: readonly BenchEntry[], alloys: Rates['alloys']): PastBatch {
    const made = madeLines(this.#stores, batch);
    const steps = benchSteps(made, alloys);
    const story = batchStory(id, steps, entries, nowMoment());
    const pieceOf = (line: string) => made.find((one) => one.line.id === line)?.line.pieceId ?? '';
    return { id, batch, made, steps, entries, story, observations: observationsOf(id, steps, story, pieceOf) };
  }
}

/** The present moment by the wall clock, see `momentOf`. */
export function nowMoment(): number {
  return momentOfDate(serverClock());
}

/** The kind of work of a step of a batch, in the route or not. */
export function kindOf({ steps }: PastBatch, step: string): string {
  return steps.find(({ key }) => withoutLoad(key) === withoutLoad(step))?.kind ?? step.replace(EXTRA, '');
}

// Adds entries to the bench log.
import type { NewBenchEntry } from '../../core/plan/studio/bench-entry.ts';
import type { Stores } from '../store/stores.ts';

/** @throws NotThere when a batch is not in the ledger */
export function addBenchEntries({ batches, bench }: Stores, entries: readonly NewBenchEntry[]): void {
  for (const id of new Set(entries.map(({ batchId }) => batchId))) batches.get(id);
  bench.add(entries);
}

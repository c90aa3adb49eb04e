// The bench log as this device knows it: what the ledger has, and what still waits here.
import type { BenchEntry, NewBenchEntry } from '../../core/bench/bench-entry.ts';
import type { WaitingRequest } from './device/device-store.ts';

/** The endpoint whose requests hold entries of the bench. */
const ENDPOINT = 'addBenchEntries';

/** All entries, each once: one that the ledger has already may still wait for its answer. */
export function withWaiting(
  entries: readonly BenchEntry[],
  requests: readonly WaitingRequest[],
): readonly (BenchEntry | NewBenchEntry)[] {
  const waiting = requests
    .filter(({ endpoint, refusal }) => endpoint === ENDPOINT && refusal === '')
    .flatMap(({ body }) => (body as { readonly entries: readonly NewBenchEntry[] }).entries);
  if (waiting.length === 0) return entries;
  const known = new Set(entries.map(({ uid }) => uid));
  return [...entries, ...waiting.filter(({ uid = '' }) => !known.has(uid))];
}

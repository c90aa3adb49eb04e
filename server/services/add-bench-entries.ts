// Adds entries to the bench log.
import { type BenchStep, benchSteps } from '../../core/bench/batch-steps.ts';
import { type BenchEntry, EXTRA, type NewBenchEntry } from '../../core/bench/bench-entry.ts';
import { stepKinds } from '../../core/piece/step.ts';
import { NotAcceptable } from '../store/refusals.ts';
import type { Stores } from '../store/stores.ts';
import { currentBasis } from './basis.ts';
import { dayProblems } from './entry-problems.ts';
import { madeLines } from './made-lines.ts';

/**
 * @returns the entries as they are stored
 * @throws NotThere when a batch is not in the ledger; NotAcceptable for a step that is not in its route, an unknown maker,
 *   or work of a day to come
 */
export function addBenchEntries(stores: Stores, entries: readonly NewBenchEntry[]): BenchEntry[] {
  const { rates } = currentBasis(stores);
  const makers = new Set(rates.bench.makers.map(({ id }) => id));
  const keys = new Map<string, ReadonlySet<string>>();
  const keysOf = (id: string) => {
    const known = keys.get(id);
    if (known) return known;
    const steps: readonly BenchStep[] = benchSteps(madeLines(stores, stores.batches.get(id).body), rates.alloys);
    const own = new Set(steps.map(({ key }) => key));
    keys.set(id, own);
    return own;
  };
  const problems = entries.flatMap((entry, at) => [
    ...(keysOf(entry.batchId).has(entry.step) || isTakenBack(entry) || isExtra(entry)
      ? []
      : [{ path: 'step', sentence: 'This step is not in the route of the batch.' }]),
    ...(entry.maker === '' || makers.has(entry.maker) ? [] : [{ path: 'maker', sentence: 'This maker is not known.' }]),
    ...(entry.how === 'pinned' ? [] : dayProblems(stores, entry.on)),
  ].map(({ path, sentence }) => ({ path: `entries.${String(at)}.${path}`, sentence }))); // prettier-ignore
  const [first] = problems;
  if (first) throw new NotAcceptable(`Nothing was recorded. ${first.sentence}`, problems);
  return stores.bench.add(entries);
}

/** Work that is not in the route is of a known kind. */
function isExtra({ step }: NewBenchEntry): boolean {
  return step.startsWith(EXTRA) && stepKinds.some((kind) => step === `${EXTRA}${kind}`);
}

/** A step that has left the route since can still be taken back or unpinned. */
function isTakenBack({ how }: NewBenchEntry): boolean {
  return how === 'taken-back' || how === 'let-go' || how === 'voided';
}

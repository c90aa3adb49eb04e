// What the plan rests on: open batches with their steps, bench log, makers' hours and stations.
import { isDone } from '../../core/batch/batch.ts';
import { nameOfLines } from '../../core/batch/batch-run.ts';
import { benchSteps } from '../../core/bench/batch-steps.ts';
import type { BenchHow } from '../../core/bench/bench-entry.ts';
import { standings } from '../../core/bench/standing.ts';
import { fingerprint } from '../../core/measure/fingerprint.ts';
import type { StudioJob, StudioTerms } from '../../core/plan/studio/studio-problem.ts';
import type { Stores } from '../store/stores.ts';
import { acceptedStudio, currentBasis } from './basis.ts';
import { madeLines } from './made-lines.ts';

/** Jobs and terms, without the clock. */
export interface PlanInputs {
  readonly jobs: readonly StudioJob[];
  readonly terms: Pick<StudioTerms, 'bench' | 'standings'>;
  readonly takesUnseen: boolean;
  /** Names of the batches by id. */
  readonly names: ReadonlyMap<string, string>;
  /** Fingerprints by what it is: a batch by its id, `bench`, `log`. */
  readonly parts: Readonly<Record<string, string>>;
  /** Fingerprint of all. */
  readonly key: string;
}

/** Names of the parts that are no batches. */
const BENCH_PART = 'bench';
const LOG_PART = 'log';

/** Entries after which the plan stays: pieces are counted one tap at a time. */
const QUIET: ReadonlySet<BenchHow> = new Set(['counted', 'weighed', 'noted', 'photo']);

/** Reads the inputs of the plan. @param memo  steps of batches that did not change, by fingerprint */
export function planInputs(stores: Stores, memo: Map<string, StudioJob['steps']>): PlanInputs {
  const { rates } = currentBasis(stores);
  const { betterPlans } = acceptedStudio(stores);
  const alloys = fingerprint([...rates.alloys]);
  const seen = new Set<string>();
  const names = new Map<string, string>();
  const jobs = stores.batches
    .list()
    .filter(({ body }) => !isDone(body))
    .map(({ id, body }): StudioJob => {
      const key = fingerprint([alloys, body.lines, body.spares]);
      seen.add(key);
      const made = madeLines(stores, body);
      names.set(id, nameOfLines(made));
      const steps = memo.get(key) ?? benchSteps(made, rates.alloys);
      memo.set(key, steps);
      return { id, batch: body, steps };
    });
  for (const key of memo.keys()) if (!seen.has(key)) memo.delete(key);
  const entries = stores.bench.current();
  const open = new Set(jobs.map(({ id }) => id));
  const parts = {
    ...Object.fromEntries(
      jobs.map(({ id, batch: { due, priority, materialsOn }, steps }) => [
        id,
        fingerprint([due, priority, materialsOn, steps]),
      ]),
    ),
    [BENCH_PART]: fingerprint(rates.bench),
    [LOG_PART]: fingerprint(
      entries.filter(({ batchId, how }) => open.has(batchId) && !QUIET.has(how)).map(({ id }) => id),
    ),
  };
  return {
    jobs,
    terms: { bench: rates.bench, standings: standings(entries) },
    takesUnseen: betterPlans === 'unseen',
    names,
    parts,
    key: fingerprint(parts),
  };
}

/** What changed from one plan to the next, in words. */
export function reasonsFor(before: Readonly<Record<string, string>>, now: PlanInputs): string[] {
  const said: string[] = [];
  for (const [part, print] of Object.entries(now.parts)) {
    if (before[part] === print) continue;
    if (part === BENCH_PART) said.push('hours or stations changed');
    else if (part === LOG_PART) said.push('the bench log has new entries');
    else if (before[part] === undefined) said.push(`new batch: ${now.names.get(part) ?? ''}`);
    else said.push(`batch changed: ${now.names.get(part) ?? ''}`);
  }
  const gone = Object.keys(before).filter((part) => now.parts[part] === undefined).length;
  if (gone > 0) said.push(gone === 1 ? 'a batch is finished or gone' : `${String(gone)} batches are finished or gone`);
  return said;
}

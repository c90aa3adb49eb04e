// Everything the bench view shows: open batches with their steps, what the log says of them, and what comes next.
import { useMemo } from 'react';
import { type Batch, isDone } from '../../core/batch/batch.ts';
import { type MadeLine, nameOfLines } from '../../core/batch/batch-run.ts';
import { type BenchStep, benchSteps } from '../../core/bench/batch-steps.ts';
import { inOrder, type NewBenchEntry, standingKey } from '../../core/bench/bench-entry.ts';
import { type StepLog, workLog } from '../../core/bench/work-log.ts';
import { withWaiting } from '../state/bench-entries.ts';
import { useGetBatchesQuery } from '../state/endpoints/batches.ts';
import { useGetBenchQuery } from '../state/endpoints/bench.ts';
import { madeLinesOf } from '../state/made-lines.ts';
import { useAppSelector } from '../state/store.ts';
import { useBasis } from './use-basis.ts';
import { type Planned, usePlan } from './use-plan.ts';
import { useSeconds } from './use-seconds.ts';

/** An open batch at the bench. */
export interface BenchBatch {
  readonly id: string;
  readonly name: string;
  readonly body: Batch;
  readonly made: readonly MadeLine[];
  readonly steps: readonly BenchStep[];
}

/** A step of a batch with what the log says of it. */
export interface StepAtBench {
  readonly batch: BenchBatch;
  readonly step: BenchStep;
  readonly log: StepLog | null;
}

export interface BenchView {
  readonly batches: readonly BenchBatch[];
  readonly entries: readonly NewBenchEntry[];
  readonly logOf: (batchId: string, step: string) => StepLog | null;
  /** Steps that are started, paused or left, whoever did it. */
  readonly underWay: readonly StepAtBench[];
  readonly planned: Planned | null;
}

/** @returns null until everything has arrived */
export function useBench(): BenchView | null {
  const { data: list } = useGetBatchesQuery();
  const { data: bench } = useGetBenchQuery(undefined, { pollingInterval: 30_000, skipPollingIfUnfocused: true });
  const requests = useAppSelector(({ waiting }) => waiting.requests);
  const { rates } = useBasis();
  const plan = usePlan(list);
  const batches = useMemo(
    () =>
      list
        ?.filter(({ batch }) => !isDone(batch.body))
        .map((one): BenchBatch => {
          const made = madeLinesOf(one);
          const { id, body } = one.batch;
          return { id, body, made, name: nameOfLines(made), steps: benchSteps(made, rates.alloys) };
        }),
    [list, rates],
  );
  const entries = useMemo(() => bench && withWaiting(bench.entries, requests), [bench, requests]);
  // The minutes of what goes on are counted where they are shown.
  const logs = useMemo(() => entries && workLog(entries, 0), [entries]);
  return useMemo(() => {
    if (!batches || !entries || !logs) return null;
    const logOf = (batchId: string, step: string) => logs.get(standingKey(batchId, step)) ?? null;
    const underWay = batches.flatMap((batch) =>
      batch.steps.flatMap((step): StepAtBench[] => {
        const log = logOf(batch.id, step.key);
        return log && log.state !== 'done' && log.state !== 'untouched' ? [{ batch, step, log }] : [];
      }),
    );
    return { batches, entries, logOf, underWay, planned: plan && !('sentence' in plan) ? plan : null };
  }, [batches, entries, logs, plan]);
}

/** What the log says of a step at this second. */
export function useRunningLog(entries: readonly NewBenchEntry[], batchId: string, step: string): StepLog | null {
  const now = useSeconds();
  const key = standingKey(batchId, step);
  // Minutes are shared with other steps of the same makers, so all entries count.
  return useMemo(() => workLog(entries, now).get(key) ?? null, [entries, now, key]);
}

/** The last entry of a step that can be undone; null where there is none. */
export function lastEntry(entries: readonly NewBenchEntry[], batchId: string, step: string): NewBenchEntry | null {
  const own = entries.filter((entry) => entry.batchId === batchId && entry.step === step);
  const work = inOrder(own).filter(({ how, uid }) => how !== 'pinned' && how !== 'let-go' && uid !== undefined);
  return work.at(-1) ?? null;
}

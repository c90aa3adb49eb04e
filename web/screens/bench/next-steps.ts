// What a maker does next: in the order of the plan, or else of the route.
import type { BenchMaker } from '../../../core/studio/bench.ts';
import type { BenchBatch, BenchView, StepAtBench } from '../../hooks/use-bench.ts';

/** Steps the plan gives a maker that are not under way; the soonest first. */
export function nextFor(maker: BenchMaker, { planned, batches, logOf }: BenchView): StepAtBench[] {
  return (planned?.plan.blocks ?? []).flatMap((block): StepAtBench[] => {
    if (block.maker !== maker.id) return [];
    const batch = batches.find(({ id }) => id === block.batch);
    const step = batch?.steps.find(({ key }) => key === block.step.key);
    if (!batch || !step) return [];
    const log = logOf(batch.id, step.key);
    return isOpen(log) ? [{ batch, step, log }] : [];
  });
}

/** The first step of a batch that is not done and not under way; null where there is none. */
export function nextOf(batch: BenchBatch, { logOf }: Pick<BenchView, 'logOf'>): StepAtBench | null {
  for (const step of batch.steps) {
    const log = logOf(batch.id, step.key);
    if (isOpen(log)) return { batch, step, log };
  }
  return null;
}

const isOpen = (log: StepAtBench['log']) => log === null || log.state === 'untouched' || log.state === 'paused';

/** Steps a step waits for that are not done. */
export function waitsFor(batch: BenchBatch, stepKey: string, { logOf }: Pick<BenchView, 'logOf'>): string[] {
  const step = batch.steps.find(({ key }) => key === stepKey);
  return (step?.after ?? []).flatMap((key) => {
    if (logOf(batch.id, key)?.state === 'done') return [];
    return batch.steps.find((one) => one.key === key)?.name ?? [];
  });
}

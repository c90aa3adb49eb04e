// Logs what happened at the bench: one press, with the time of the clock.
import type { NewBenchEntry } from '../../core/bench/bench-entry.ts';
import { type PlanBlock, wholeLoad } from '../../core/plan/studio/studio-plan.ts';
import { rightNow } from '../state/clock.ts';
import { useAddBenchEntriesMutation } from '../state/endpoints/bench.ts';

export function useBenchLog() {
  const [add, { error, isLoading }] = useAddBenchEntriesMutation();
  const note = (how: NewBenchEntry['how'], blocks: readonly PlanBlock[], at = rightNow()) =>
    void add(
      blocks.flatMap(wholeLoad).map(({ batch, step, maker }) => ({
        batchId: batch,
        step: step.key,
        how,
        maker: maker ?? '',
        on: at.day,
        minute: at.minute,
      })),
    );
  return { note, error, isLoading };
}

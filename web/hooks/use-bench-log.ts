// Logs what happened at the bench: one press, with the time of the clock.
import type { BenchHow, NewBenchEntry } from '../../core/bench/bench-entry.ts';
import { type PlanBlock, wholeLoad } from '../../core/plan/studio/studio-plan.ts';
import { stampNow } from '../state/clock.ts';
import { newId } from '../state/device/tab.ts';
import { useAddBenchEntriesMutation } from '../state/endpoints/bench.ts';

/** A day and a minute of a pin. */
interface Place {
  readonly day: string;
  readonly minute: number;
}

export function useBenchLog() {
  const [add, { error, isLoading }] = useAddBenchEntriesMutation();
  const note = (how: BenchHow, blocks: readonly PlanBlock[], at?: Place) =>
    void add(
      blocks.flatMap(wholeLoad).map(({ batch, step, maker }): NewBenchEntry => {
        const when = at ? { on: at.day, minute: at.minute, ms: 0 } : stampNow();
        return { uid: newId(), batchId: batch, step: step.key, how, maker: maker ?? '', detail: {}, ...when };
      }),
    );
  return { note, error, isLoading };
}

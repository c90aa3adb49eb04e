// Logs entries of one step by the maker at this device.
import type { BenchDetail, BenchHow, NewBenchEntry } from '../../../core/bench/bench-entry.ts';
import { momentAsDay } from '../../../core/bench/moment-as-day.ts';
import { stampNow } from '../../state/clock.ts';
import { WAITS } from '../../state/device/send-once.ts';
import { newId } from '../../state/device/tab.ts';
import { useAddBenchEntriesMutation } from '../../state/endpoints/bench.ts';
import { problemOf } from '../../state/saving.ts';

/** An entry to log; `at` is its moment, left out for now. */
export interface Happened {
  readonly how: BenchHow;
  readonly detail?: BenchDetail;
  readonly at?: number;
  readonly maker?: string;
}

/** @returns the function that logs, and why the last entry was refused: '' where it was not */
export function useStepLog(batchId: string, step: string, maker: string) {
  const [add, { error }] = useAddBenchEntriesMutation();
  const log = (...happened: readonly Happened[]) =>
    void add(
      happened.map(({ how, detail = {}, at, maker: by = maker }): NewBenchEntry => {
        const when = at === undefined ? stampNow() : momentAsDay(at);
        return { uid: newId(), batchId, step, how, maker: by, detail, ...when };
      }),
    );
  const problem = problemOf(error);
  return { log, refusal: problem && problem.type !== WAITS ? problem.detail : '' };
}

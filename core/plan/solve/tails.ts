// Tails: the shortest time from the end of each step to the end of its job.
import type { IndexedProblem } from '../model/indexed-problem.ts';
import { topologicalOrder } from './priority-rules.ts';

/** Longest chain of free steps behind each step, attended and unattended minutes. */
export function tailsOf(indexed: IndexedProblem): Float64Array {
  const tail = new Float64Array(indexed.size);
  const order = topologicalOrder(indexed, () => 0);
  for (let at = order.length - 1; at >= 0; at -= 1) {
    const step = order[at] ?? 0;
    for (const next of indexed.behind[step] ?? []) {
      const length = (indexed.attended[next] ?? 0) + (indexed.unattended[next] ?? 0);
      // A fixed step may lie before what it should wait for.
      if (!indexed.fixed[next]) tail[step] = Math.max(tail[step] ?? 0, length + (tail[next] ?? 0));
    }
  }
  return tail;
}

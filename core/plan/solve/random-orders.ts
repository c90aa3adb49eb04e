// Random orders to start a search from: by due dates with noise, or by nothing at all.
import type { IndexedProblem } from '../model/indexed-problem.ts';
import { topologicalOrder } from './priority-rules.ts';

/** Noise on due dates beyond this many minutes says nothing. */
const FAR = 20_000;

/** @param tail  by step, minutes behind it to the end of its job */
export function randomOrder(indexed: IndexedProblem, tail: Float64Array, random: () => number): Int32Array {
  if (random() < 0.3) return topologicalOrder(indexed, () => random());
  const dueOf = Float64Array.from(indexed.due, (due) => Math.min(due, FAR) * (0.5 + random()));
  const jitter = random() < 0.5 ? random() * 2 : null;
  return topologicalOrder(indexed, (step) => {
    const due = dueOf[indexed.job[step] ?? 0] ?? FAR;
    return jitter === null ? due : due - (tail[step] ?? 0) * (1 + jitter * random());
  });
}

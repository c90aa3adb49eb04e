// A second search in a thread of its own. It tells each better plan, and takes those the other search found into its pool.
import { parentPort, workerData } from 'node:worker_threads';
import type { LastPlan } from '../core/plan/model/indexed-problem.ts';
import { indexProblem } from '../core/plan/model/indexed-problem.ts';
import type { Bound, ScheduleProblem } from '../core/plan/model/problem.ts';
import type { Start } from '../core/plan/solve/annealing.ts';
import { searchPlan } from '../core/plan/solve/search.ts';

/** What the thread is started with. */
export interface ThreadTask {
  readonly problem: ScheduleProblem;
  readonly last: LastPlan | null;
  readonly seed: number;
  readonly bound: Bound;
  readonly from: Start | undefined;
}

/** The thread looks for messages so often, ms. */
const SLICE_MS = 50;

const { problem, last, seed, bound, from } = workerData as ThreadTask;
let others: Start[] = [];
parentPort?.on('message', (start: Start) => others.push(start));
const search = searchPlan(
  { ...indexProblem(problem), last },
  {
    seed,
    tries: Infinity,
    bound,
    from,
    others: () => {
      const taken = others;
      others = [];
      return taken;
    },
  },
);

function slice(): void {
  const until = performance.now() + SLICE_MS;
  while (performance.now() < until) {
    const { done, value } = search.next();
    if (value) {
      const { order, chosen, loads } = value;
      parentPort?.postMessage({ order, chosen, loads } satisfies Start);
    }
    if (done) {
      parentPort?.close();
      return;
    }
  }
  setImmediate(slice);
}
slice();

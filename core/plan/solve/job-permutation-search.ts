// Job-permutation search: a local search over the order of whole jobs.
import { compareObjectives, isBetter } from '../model/objective.ts';
import type { Objective } from '../model/problem.ts';
import { topologicalOrder } from './priority-rules.ts';
import type { SerialScheduleGeneration } from './serial-schedule-generation.ts';
import { type Solution, solutionOf } from './solution.ts';

/** Tries for each job, and at most. */
const TRIES_A_JOB = 20;
const MOST_TRIES = 800;
/** After this many tries without a better plan the caller may look at the clock. */
const LOOK_EVERY = 32;

/**
 * Searches the order of whole jobs, all steps of a job at once. There are far fewer such orders than orders of steps,
 * and they matter most where one station or too few makers delay everything.
 * @yields each better plan; null now and then, so that the caller can stop
 */
export function* jobPermutationSearch(
  sgs: SerialScheduleGeneration,
  first: Solution,
  random: () => number,
): Generator<Solution | null> {
  const { indexed } = sgs;
  const jobs = indexed.stepsOf.length;
  if (jobs < 3) return;
  let best = first;
  const startOf = new Map<number, number>();
  first.order.forEach((step, at) => {
    const job = indexed.job[step] ?? 0;
    if (!startOf.has(job)) startOf.set(job, at);
  });
  const sequence = Array.from({ length: jobs }, (_, job) => job).sort(
    (a, b) => (startOf.get(a) ?? 0) - (startOf.get(b) ?? 0) || a - b,
  );
  sgs.chosen.fill(-1);
  let current: Objective = { tardiness: Infinity, makespan: Infinity };
  const most = Math.min(MOST_TRIES, jobs * TRIES_A_JOB);
  for (let tried = 0; tried < most; tried += 1) {
    if (tried % LOOK_EVERY === LOOK_EVERY - 1) yield null;
    const [from, to] = [Math.floor(random() * jobs), Math.floor(random() * jobs)];
    const moved = sequence.filter((_job, at) => at !== from);
    moved.splice(to, 0, sequence[from] ?? 0);
    const rank = new Int32Array(jobs);
    moved.forEach((job, at) => {
      rank[job] = at;
    });
    const order = topologicalOrder(indexed, (step) => rank[indexed.job[step] ?? 0] ?? 0);
    if (!sgs.generate(order) || compareObjectives(sgs, current) > 0) continue;
    current = { tardiness: sgs.tardiness, makespan: sgs.makespan };
    sequence.splice(0, jobs, ...moved);
    if (!isBetter(sgs, best.objective)) continue;
    best = solutionOf(sgs, order);
    yield best;
  }
}

// Job-based order crossover (Ono, Yamamura and Kobayashi 1996): each job comes from one of two plans.
import type { IndexedProblem } from '../model/indexed-problem.ts';
import type { Start } from './annealing.ts';

/** @returns an order in which each job keeps its places, its makers and its loads, of one of the two */
export function crossed(indexed: IndexedProblem, one: Start, other: Start, random: () => number): Start {
  const share = 0.3 + 0.4 * random();
  const isOfOne = indexed.due.map(() => Number(random() < share));
  const rank = new Float64Array(indexed.size);
  const isFirst = (step: number) => isOfOne[indexed.job[step] ?? 0] === 1;
  one.order.forEach((step, at) => {
    if (isFirst(step)) rank[step] = at;
  });
  other.order.forEach((step, at) => {
    if (!isFirst(step)) rank[step] = at + 0.5;
  });
  const order = Int32Array.from({ length: indexed.size }, (_, step) => step);
  // A load stays together where all of it comes from one plan.
  const loads = Int32Array.from({ length: indexed.size }, (_, step) => {
    const name = (isFirst(step) ? one : other).loads[step] ?? step;
    return isFirst(name) === isFirst(step) ? name : step;
  });
  return {
    loads,
    order: order.sort((a, b) => (rank[a] ?? 0) - (rank[b] ?? 0)),
    chosen: one.chosen.map((maker, step) => (isFirst(step) ? maker : (other.chosen[step] ?? -1))),
  };
}

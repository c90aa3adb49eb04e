// Orders to begin with, by the rules of thumb of the trade and of the books: each a list of steps that waits for no later one.
import type { IndexedProblem } from '../model/indexed-problem.ts';

/** Less is sooner. */
type Urgency = (step: number) => number;

/** What each step has still to come after it in its job, hands and by itself, itself included. */
function workToCome(indexed: IndexedProblem): Float64Array {
  const tail = new Float64Array(indexed.size);
  const order = topologicalOrder(indexed, () => 0);
  for (let at = order.length - 1; at >= 0; at -= 1) {
    const step = order[at] ?? 0;
    let longest = 0;
    for (const next of indexed.behind[step] ?? []) longest = Math.max(longest, tail[next] ?? 0);
    tail[step] = longest + (indexed.attended[step] ?? 0) + (indexed.unattended[step] ?? 0);
  }
  return tail;
}

/**
 * The usual rules: soonest promise, least slack, weighted shortest work, longest work to come, soonest release, and what
 * works long by itself first.
 */
export function priorityRuleOrders(indexed: IndexedProblem): Int32Array[] {
  const tail = workToCome(indexed);
  const due = (step: number) => indexed.due[indexed.job[step] ?? 0] ?? Infinity;
  const weight = (step: number) => indexed.weight[indexed.job[step] ?? 0] ?? 1;
  const finite = (value: number) => (Number.isFinite(value) ? value : 1e9);
  const rules: Urgency[] = [
    (step) => finite(due(step)) - (tail[step] ?? 0) * 1e-3,
    (step) => finite(due(step)) - (tail[step] ?? 0),
    (step) => (finite(due(step)) - (tail[step] ?? 0)) / (weight(step) + 1e-3),
    (step) => -(tail[step] ?? 0),
    (step) => (indexed.release[step] ?? 0) * 10 + finite(due(step)) * 1e-3,
    (step) => (indexed.attended[step] ?? 0) - (indexed.unattended[step] ?? 0),
    (step) => (tail[step] ?? 0) / (weight(step) + 1e-3),
  ];
  return rules.map((rule) => topologicalOrder(indexed, rule));
}

/** Always the most urgent of the steps that wait for nothing any more. */
export function topologicalOrder(indexed: IndexedProblem, urgency: Urgency): Int32Array {
  const waits = indexed.before.map((list) => list.length);
  const free: number[] = [];
  for (let step = 0; step < indexed.size; step += 1) if (waits[step] === 0) free.push(step);
  const rank = Float64Array.from({ length: indexed.size }, (_, step) => urgency(step));
  const order = new Int32Array(indexed.size);
  for (let at = 0; at < indexed.size; at += 1) {
    let best = 0;
    for (let index = 1; index < free.length; index += 1) {
      const [a = 0, b = 0] = [free[index], free[best]];
      const by = (rank[a] ?? 0) - (rank[b] ?? 0);
      if (by < 0 || (by === 0 && a < b)) best = index;
    }
    const step = free[best] ?? 0;
    free.splice(best, 1);
    order[at] = step;
    for (const next of indexed.behind[step] ?? []) {
      waits[next] = (waits[next] ?? 0) - 1;
      if (waits[next] === 0) free.push(next);
    }
  }
  return order;
}

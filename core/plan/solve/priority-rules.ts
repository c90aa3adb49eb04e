// Priority rules of the trade and the textbooks: each gives an order of steps to start from.
import type { IndexedProblem } from '../model/indexed-problem.ts';

/** Less is more urgent. */
type Urgency = (step: number) => number;

/** Work remaining: the longest chain from each step to the end of its job, itself included, attended and unattended. */
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
 * Slack of a step by the weight of its job: less is more urgent. Of two jobs with time to spare the heavier one counts
 * its slack for less; of two that are late already it counts its lateness for more.
 * @param slackMin  minutes between the end of the job, were it done without waiting, and its due date; below 0 when late
 * @param weight    0 or more
 * @returns below 0 when the job is late
 */
export function weightedSlack(slackMin: number, weight: number): number {
  const positiveWeight = weight + 1e-3;
  return slackMin >= 0 ? slackMin / positiveWeight : slackMin * positiveWeight;
}

/**
 * Orders of the steps by seven priority rules: earliest due date, least slack, least weighted slack, most work
 * remaining, earliest release date, longest unattended time first, and weighted shortest work remaining.
 * @returns an order for each rule; in each a step comes after those it waits for
 */
export function priorityRuleOrders(indexed: IndexedProblem): Int32Array[] {
  const tail = workToCome(indexed);
  const due = (step: number) => indexed.due[indexed.job[step] ?? 0] ?? Infinity;
  const weight = (step: number) => indexed.weight[indexed.job[step] ?? 0] ?? 1;
  const finite = (value: number) => (Number.isFinite(value) ? value : 1e9);
  const rules: Urgency[] = [
    (step) => finite(due(step)) - (tail[step] ?? 0) * 1e-3,
    (step) => finite(due(step)) - (tail[step] ?? 0),
    (step) => weightedSlack(finite(due(step)) - (tail[step] ?? 0), weight(step)),
    (step) => -(tail[step] ?? 0),
    (step) => (indexed.release[step] ?? 0) * 10 + finite(due(step)) * 1e-3,
    (step) => (indexed.attended[step] ?? 0) - (indexed.unattended[step] ?? 0),
    (step) => (tail[step] ?? 0) / (weight(step) + 1e-3),
  ];
  return rules.map((rule) => topologicalOrder(indexed, rule));
}

/** Takes the most urgent of the free steps, again and again, so that each comes after those it waits for. */
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

// Tie-breaks between plans of equal objective: fewer set-ups, then less work in progress.
import type { IndexedProblem } from '../model/indexed-problem.ts';
import { SerialScheduleGeneration } from './serial-schedule-generation.ts';
import type { Solution } from './solution.ts';

/** Set-ups, then work in progress: one set-up outweighs any minutes. */
export function tieBreakScore(sgs: SerialScheduleGeneration): number {
  return setUps(sgs) * 1e6 + workInHand(sgs);
}

const remembered = new WeakMap<Solution, number>();

/** The same for a solution. */
export function tieBreakScoreOf(best: Solution, indexed: IndexedProblem): number {
  const known = remembered.get(best);
  if (known !== undefined) return known;
  const sgs = new SerialScheduleGeneration(indexed);
  sgs.chosen.set(best.chosen);
  sgs.generate(best.order);
  const value = tieBreakScore(sgs);
  remembered.set(best, value);
  return value;
}

/** Number of set-ups: a step of another kind than the one before it by the same maker. */
function setUps({ indexed, start, maker }: SerialScheduleGeneration): number {
  const steps = Array.from({ length: indexed.size }, (_, step) => step).filter((step) => (maker[step] ?? -1) >= 0);
  steps.sort((a, b) => (maker[a] ?? 0) - (maker[b] ?? 0) || (start[a] ?? 0) - (start[b] ?? 0));
  return steps.filter((step, at) => {
    const last = steps[at - 1];
    const kind = indexed.kind[step] ?? -1;
    return kind < 0 || last === undefined || maker[last] !== maker[step] || indexed.kind[last] !== kind;
  }).length;
}

/** Minutes that started jobs lie until they are done, over all jobs. */
function workInHand({ indexed, start, end }: SerialScheduleGeneration): number {
  let minutes = 0;
  for (const steps of indexed.stepsOf) {
    let [first, last] = [Infinity, 0];
    for (const step of steps) {
      first = Math.min(first, start[step] ?? 0);
      last = Math.max(last, end[step] ?? 0);
    }
    if (last > first) minutes += last - first;
  }
  return minutes;
}

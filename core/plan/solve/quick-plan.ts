// A plan at once, by the usual rules alone: what a screen shows until a better one is found.
import type { ScheduleProblem } from '../model/problem.ts';
import type { Solution } from './solution.ts';
import { searchPlan } from './search.ts';
import { indexProblem } from '../model/indexed-problem.ts';

/** @returns null when there is none: nobody is ever there long enough */
export function quickPlan(problem: ScheduleProblem): Solution | null {
  return searchPlan(indexProblem(problem), { seed: 1, tries: 0 }).next().value ?? null;
}

// A plan at once, by the usual rules alone: what a screen shows until a better one is found.
import type { ScheduleProblem } from '../model/problem.ts';
import type { Found } from './solution.ts';
import { searchPlan } from './search.ts';
import { shopOf } from '../model/indexed-problem.ts';

/** @returns null when there is none: nobody is ever there long enough */
export function quickPlan(problem: ScheduleProblem): Found | null {
  return searchPlan(shopOf(problem), { seed: 1, tries: 0 }).next().value ?? null;
}

// A first plan by priority rules alone, shown until a better one is found.
import { indexProblem } from '../model/indexed-problem.ts';
import type { ScheduleProblem } from '../model/problem.ts';
import { searchPlan } from './search.ts';
import type { Solution } from './solution.ts';

/** @returns null when there is no plan: no maker is there long enough */
export function quickPlan(problem: ScheduleProblem): Solution | null {
  return searchPlan(indexProblem(problem), { seed: 1, tries: 0 }).next().value ?? null;
}

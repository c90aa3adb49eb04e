// The constraint solver: published optima proved, tiny problems against exhaustive search, larger ones by the strict
// checker.
import fc from 'fast-check';
import { afterAll, describe, expect, test } from 'vitest';
import { scheduleFaults } from '../core/plan/fixtures/check-schedule.ts';
import { bestOfAll } from '../core/plan/fixtures/exhaustive-search.ts';
import { jobShop, jobShops } from '../core/plan/fixtures/job-shops.ts';
import { problems } from '../core/plan/fixtures/random-problems.ts';
import { randomWeek } from '../core/plan/fixtures/random-week.ts';
import { indexProblem } from '../core/plan/model/indexed-problem.ts';
import type { ScheduleProblem } from '../core/plan/model/problem.ts';
import { constraintModel } from '../core/plan/solve/constraint-model.ts';
import { scheduleLowerBound } from '../core/plan/solve/lower-bound.ts';
import { quickPlan } from '../core/plan/solve/quick-plan.ts';
import { ConstraintSolver } from './minizinc.ts';
import { planSchedule } from './plan-schedule.ts';
import { prove } from './prove-schedule.ts';

const solver = new ConstraintSolver();
afterAll(() => solver.stop());
const now = () => performance.now();

/** Starts from the priority-rule plan, so that the solver has everything to do. */
async function proved(problem: ScheduleProblem, seconds = 50) {
  const indexed = indexProblem(problem);
  const quick = quickPlan(problem);
  if (!quick) throw new Error('There is a plan for this.');
  const answer = await prove(quick, scheduleLowerBound(indexed), {
    indexed,
    solver,
    seconds,
    now,
    onBetter: () => undefined,
  });
  expect(solver.complaint).toBe('');
  return answer;
}

describe('published job shops', () => {
  test.each(['ft06', 'la01'] as const)('%s is proved optimal', async (name) => {
    const { leastEnd } = jobShops[name];
    const problem = jobShop(name);
    const { best, bound } = await proved(problem);
    expect(best.objective.makespan).toBe(leastEnd);
    expect(bound.makespan).toBe(leastEnd);
    expect(scheduleFaults(problem, best)).toEqual([]);
  });
});

test('tiny problems with shifts, pauses, lags and tardiness have the optimum of exhaustive search', async () => {
  let compared = 0;
  for (const sampled of fc.sample(problems({ jobs: 3, steps: 2, minutes: 4, shift: 5 }), { numRuns: 14, seed: 11 })) {
    const problem: ScheduleProblem = { ...sampled, objective: ['tardiness', 'makespan'] };
    const sure = bestOfAll(problem, 14);
    const quick = quickPlan(problem);
    // With time beyond a lag nothing is proved.
    if (!sure || sure.overLag > 0 || !quick || quick.objective.makespan > 14 || quick.objective.overLag > 0) continue;
    const { best, bound } = await proved(problem);
    const { overLag, tardiness } = best.objective;
    expect({ overLag, tardiness, second: best.objective.makespan }).toEqual(sure);
    expect([bound.tardiness, bound.makespan]).toEqual([sure.tardiness, sure.second]);
    compared += 1;
  }
  expect(compared).toBeGreaterThan(5);
});

test('a week of a small studio is proved, and its plan is feasible', async () => {
  const problem = randomWeek({ seed: 1, batches: 6, stepsEach: 4, makers: 2 });
  const { best, bound } = await proved(problem);
  expect(scheduleFaults(problem, best)).toEqual([]);
  expect([best.objective.tardiness, best.objective.makespan]).toEqual([bound.tardiness, bound.makespan]);
});

test('times that are no whole units, and problems too large, are left to the search', () => {
  const [job] = randomWeek({ seed: 1, batches: 1, stepsEach: 2, makers: 1 }).jobs;
  const odd = { ...randomWeek({ seed: 1, batches: 1, stepsEach: 2, makers: 1 }) };
  odd.jobs = [{ ...job!, steps: job!.steps.map((step) => ({ ...step, attended: Math.PI })) }];
  const aim = { least: 'makespan', tardiness: 0, known: 5000 } as const;
  expect(constraintModel(indexProblem(odd), aim)).toBeNull();
  expect(constraintModel(indexProblem(randomWeek({ seed: 1, batches: 30, stepsEach: 10, makers: 3 })), aim)).toBeNull();
});

test('both engines together report better plans, stop when asked, and keep to their bound', async () => {
  const problem = randomWeek({ seed: 2, batches: 20, stepsEach: 5, makers: 2 });
  const own = new ConstraintSolver();
  const seen: number[] = [];
  const plan = await planSchedule(indexProblem(problem), {
    seconds: 60,
    seed: 1,
    now,
    solver: own,
    isStopped: () => seen.length >= 2,
    onBetter: ({ objective, bound }) => {
      seen.push(objective.tardiness);
      expect(bound.tardiness).toBeLessThanOrEqual(objective.tardiness + 1e-6);
    },
  });
  expect(seen.length).toBeGreaterThanOrEqual(2);
  expect(seen).toEqual(seen.toSorted((a, b) => b - a));
  expect(scheduleFaults(problem, plan!)).toEqual([]);
});

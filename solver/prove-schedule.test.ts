// The constraint solver: published optima proved, tiny problems against exhaustive search, larger ones by the strict
// checker.
import fc from 'fast-check';
import { afterAll, describe, expect, test } from 'vitest';
import { scheduleFaults } from '../core/plan/fixtures/check-schedule.ts';
import { bestOfAll } from '../core/plan/fixtures/exhaustive-search.ts';
import { jobShops } from '../core/plan/fixtures/job-shops.ts';
import { problems } from '../core/plan/fixtures/random-problems.ts';
import { randomWeek } from '../core/plan/fixtures/random-week.ts';
import { indexProblem } from '../core/plan/model/indexed-problem.ts';
import { isBetter } from '../core/plan/model/objective.ts';
import type { ScheduleProblem } from '../core/plan/model/problem.ts';
import { constraintModel } from '../core/plan/solve/constraint-model.ts';
import { scheduleLowerBound } from '../core/plan/solve/lower-bound.ts';
import { quickPlan } from '../core/plan/solve/quick-plan.ts';
import { warmStart } from '../core/plan/solve/warm-start.ts';
import { polish } from './large-neighbourhood-search.ts';
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
    const { problem, leastEnd } = jobShops[name];
    const { best, bound } = await proved(problem);
    expect(best.objective.makespan).toBe(leastEnd);
    expect(bound.makespan).toBe(leastEnd);
    expect(scheduleFaults(problem, best)).toEqual([]);
  });
});

test('tiny problems with shifts, pauses, loads and tardiness have the optimum of exhaustive search', async () => {
  let compared = 0;
  for (const problem of fc.sample(problems({ jobs: 3, steps: 2, minutes: 4, shift: 5 }), { numRuns: 14, seed: 11 })) {
    const sure = bestOfAll(problem, 14);
    const quick = quickPlan(problem);
    if (!sure || !quick || quick.objective.makespan > 14) continue;
    const { best, bound } = await proved(problem);
    expect(best.objective).toEqual(sure);
    expect(bound).toEqual(sure);
    compared += 1;
  }
  expect(compared).toBeGreaterThan(5);
});

test('a week of a small studio is proved, and its plan is feasible', async () => {
  const problem = randomWeek({ seed: 1, batches: 6, stepsEach: 4, makers: 2 });
  const { best, bound } = await proved(problem);
  expect(scheduleFaults(problem, best)).toEqual([]);
  expect(best.objective).toEqual(bound);
});

test('times that are no whole units, and problems too large, are left to the search', () => {
  const [job] = randomWeek({ seed: 1, batches: 1, stepsEach: 2, makers: 1 }).jobs;
  const odd = { ...randomWeek({ seed: 1, batches: 1, stepsEach: 2, makers: 1 }) };
  odd.jobs = [{ ...job!, steps: job!.steps.map((step) => ({ ...step, attended: Math.PI })) }];
  const aim = { least: 'makespan', tardiness: 0, known: 5000 } as const;
  expect(constraintModel(indexProblem(odd), aim)).toBeNull();
  expect(constraintModel(indexProblem(randomWeek({ seed: 1, batches: 30, stepsEach: 10, makers: 3 })), aim)).toBeNull();
});

test('a problem too large as a whole is improved one window at a time, and never made worse', async () => {
  const problem = randomWeek({ seed: 2, batches: 20, stepsEach: 10, makers: 3, days: 4 });
  const indexed = indexProblem(problem);
  // The last steps come first, so any free window can be improved.
  const poor = warmStart(
    indexed,
    new Map(Array.from({ length: indexed.size }, (_, step) => [step, { start: -step, maker: 0 }])),
  )!;
  let best = poor;
  const own = new ConstraintSolver();
  const onBetter = (found: typeof poor) => {
    expect(isBetter(found.objective, best.objective)).toBe(true);
    expect(scheduleFaults(problem, found)).toEqual([]);
    best = found;
  };
  await polish(
    () => best,
    { indexed, solver: own, seconds: 15, now, onBetter },
    1,
    () => false,
  );
  own.stop();
  expect(own.complaint).toBe('');
  expect(isBetter(best.objective, poor.objective)).toBe(true);
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

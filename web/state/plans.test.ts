// The best plan known of each problem: worse news is no news, and the last plan is what the next begins with.
import { expect, test } from 'vitest';
import { scheduleProblemSchema } from '../../core/plan/model/problem.ts';
import { quickPlan } from '../../core/plan/solve/quick-plan.ts';
import { planAtOnce, planLearned, plansReducer, type KnownPlan } from './plans.ts';

const problem = (jobs: number, due: number) =>
  scheduleProblemSchema.parse({
    makers: [{ id: 'ann', skills: ['bench'] }],
    jobs: Array.from({ length: jobs }, (_, at) => ({
      id: `j${String(at)}`,
      due,
      steps: [{ id: '1', skill: 'bench', attended: 10 + at }],
    })),
  });

const known = (steps: KnownPlan['found'], isDone = false): KnownPlan => ({
  found: steps,
  bound: { tardiness: 0, makespan: 0 },
  isDone,
});

test('the first plan is as close to the last one as it can be', () => {
  // Nothing is promised: any order is as good, and the rules would begin with the first.
  const free = problem(3, 1e6);
  const rules = quickPlan(free)!;
  const turned = rules.steps.map((step) => step);
  const starts = [23, 12, 0];
  const last = {
    objective: rules.objective,
    steps: turned.map((step, at) => ({ ...step, start: starts[at]!, end: starts[at]! + 10 + at })),
  };
  const plans = plansReducer(undefined, planLearned({ key: 'free', told: known(last, true) }));
  const order = planAtOnce(free, plans.last)!
    .steps.toSorted((a, b) => a.start - b.start)
    .map(({ job }) => job);
  expect(order).toEqual(['j2', 'j1', 'j0']);
});

test('the first plan is never worse than the plan by priority rules', () => {
  // The last plan does what is urgent last.
  const pressing = scheduleProblemSchema.parse({
    makers: [{ id: 'ann', skills: ['bench'] }],
    jobs: [
      { id: 'late', due: 10, weight: 20, steps: [{ id: '1', skill: 'bench', attended: 10 }] },
      { id: 'long', due: 1000, steps: [{ id: '1', skill: 'bench', attended: 200 }] },
    ],
  });
  const steps = [
    { job: 'late', step: '1', maker: 'ann', start: 200, attendedEnd: 210, end: 210 },
    { job: 'long', step: '1', maker: 'ann', start: 0, attendedEnd: 200, end: 200 },
  ];
  expect(planAtOnce(pressing, steps)?.objective.tardiness).toBe(0);
});

test('a worse plan does not replace a better one, and only ends the search', () => {
  const steps: never[] = [];
  const good = known({ objective: { tardiness: 5, makespan: 50 }, steps });
  const worse = known({ objective: { tardiness: 9, makespan: 50 }, steps }, true);
  const first = plansReducer(undefined, planLearned({ key: 'k', told: good }));
  const second = plansReducer(first, planLearned({ key: 'k', told: worse }));
  expect(second.known['k']).toEqual({ ...good, isDone: true });
});

test('the best plans of forty problems are kept, the latest ones', () => {
  const told = known(null, true);
  const keys = Array.from({ length: 45 }, (_, at) => `k${String(at)}`);
  const plans = keys.reduce((before, key) => plansReducer(before, planLearned({ key, told })), plansReducer(undefined, { type: '' })); // prettier-ignore
  expect(Object.keys(plans.known)).toEqual(keys.slice(5));
});

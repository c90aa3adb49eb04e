// The plan shown at once: close to the last one, and never worse than the priority rules.
import { expect, test } from 'vitest';
import { scheduleProblemSchema } from '../model/problem.ts';
import { planAtOnce } from './plan-at-once.ts';
import { quickPlan } from './quick-plan.ts';

const problem = (jobs: number, due: number) =>
  scheduleProblemSchema.parse({
    makers: [{ id: 'ann', skills: ['bench'] }],
    jobs: Array.from({ length: jobs }, (_, at) => ({
      id: `j${String(at)}`,
      due,
      steps: [{ id: '1', skill: 'bench', attended: 10 + at }],
    })),
  });

test('the first plan is as close to the last one as it can be', () => {
  // Nothing is promised: any order is as good, and the rules would begin with the first.
  const free = problem(3, 1e6);
  const rules = quickPlan(free)!;
  const starts = [23, 12, 0];
  const last = rules.steps.map((step, at) => ({ ...step, start: starts[at]!, end: starts[at]! + 10 + at }));
  const order = planAtOnce(free, last)!
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

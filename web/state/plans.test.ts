// The best plan known of each problem.
import { expect, test } from 'vitest';
import { type KnownPlan, planLearned, plansReducer } from './plans.ts';

const known = (steps: KnownPlan['found'], isDone = false): KnownPlan => ({
  found: steps,
  bound: { tardiness: 0, makespan: 0 },
  isDone,
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

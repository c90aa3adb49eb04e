// Priority rules: each gives an order that keeps to what waits for what, and puts the urgent first.
import fc from 'fast-check';
import { expect, test } from 'vitest';
import { problems } from '../fixtures/random-problems.ts';
import { indexProblem } from '../model/indexed-problem.ts';
import { scheduleProblemSchema } from '../model/problem.ts';
import { priorityRuleOrders, topologicalOrder, weightedSlack } from './priority-rules.ts';

test('the heavier of two late jobs is more urgent, and so is the heavier of two early ones', () => {
  expect(weightedSlack(-100, 20)).toBeLessThan(weightedSlack(-100, 1));
  expect(weightedSlack(100, 20)).toBeLessThan(weightedSlack(100, 1));
  expect(weightedSlack(-1, 0.1)).toBeLessThan(weightedSlack(1, 20));
});

test('the rule of least weighted slack starts with the rush job when both jobs are late', () => {
  const job = (id: string, weight: number) => ({
    id,
    due: 10,
    weight,
    steps: [{ id: '1', skill: 'bench', attended: 100 }],
  });
  const problem = scheduleProblemSchema.parse({
    makers: [{ id: 'ann', skills: ['bench'] }],
    jobs: [job('usual', 1), job('rush', 20)],
  });
  const [, , byWeightedSlack] = priorityRuleOrders(indexProblem(problem));
  expect([...(byWeightedSlack ?? [])]).toEqual([1, 0]);
});

test('every rule orders every step once, after its predecessors', () => {
  fc.assert(
    fc.property(problems({ jobs: 5, steps: 5, minutes: 9, shift: 12 }), (problem) => {
      const indexed = indexProblem(problem);
      for (const order of priorityRuleOrders(indexed)) {
        const place = new Map([...order].map((step, at) => [step, at]));
        expect(place.size).toBe(indexed.size);
        indexed.before.forEach((before, step) => {
          for (const other of before) expect(place.get(other)).toBeLessThan(place.get(step) ?? -1);
        });
      }
    }),
    { numRuns: 50 },
  );
});

test('a topological order takes the most urgent of the available steps', () => {
  const problem = scheduleProblemSchema.parse({
    makers: [{ id: 'ann', skills: ['bench'] }],
    jobs: [{ id: 'j', steps: [{ id: 'a' }, { id: 'b', after: ['a'] }, { id: 'c' }] }],
  });
  const order = topologicalOrder(indexProblem(problem), (step) => -step);
  expect([...order]).toEqual([2, 0, 1]);
});

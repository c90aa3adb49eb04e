// Schedules taken up by the decoder: nothing ends later for it, and what was put by hand stays.
import fc from 'fast-check';
import { expect, test } from 'vitest';
import { scheduleFaults } from '../fixtures/check-schedule.ts';
import { problems } from '../fixtures/random-problems.ts';
import { indexProblem } from '../model/indexed-problem.ts';
import { compareSoFar } from '../model/objective.ts';
import { scheduleProblemSchema } from '../model/problem.ts';
import { priorityRuleOrders, topologicalOrder } from './priority-rules.ts';
import { SerialScheduleGeneration } from './serial-schedule-generation.ts';
import { solutionOf } from './solution.ts';
import { warmStart, type WarmStartStep } from './warm-start.ts';

test('a plan that is decoded from its own positions is feasible and no worse', () => {
  fc.assert(
    fc.property(problems({ jobs: 4, steps: 4, minutes: 9, shift: 12 }), fc.nat(), (problem, seed) => {
      // A step that follows soon is placed with the one before it, out of its turn.
      fc.pre(problem.jobs.every((job) => job.steps.every(({ within }) => within === undefined)));
      const indexed = indexProblem(problem);
      const sgs = new SerialScheduleGeneration(indexed);
      const orders = priorityRuleOrders(indexed);
      fc.pre(sgs.generate(orders[seed % orders.length]!));
      const before = solutionOf(sgs, orders[0]!);
      const placed = new Map(
        Array.from(sgs.start, (start, step): [number, WarmStartStep] => [step, { start, maker: sgs.maker[step]! }]),
      );
      const after = warmStart(indexed, placed);
      if (!after) throw new Error('What was placed has a place.');
      expect(scheduleFaults(problem, after)).toEqual([]);
      expect(after.objective.tardiness).toBeLessThanOrEqual(before.objective.tardiness + 1e-6);
      expect(compareSoFar(after.objective, before.objective, indexed.second)).toBeLessThanOrEqual(0);
    }),
    { numRuns: 400, seed: 12 },
  );
});

test('a plan with an idle hour is decoded without it', () => {
  const step = { skill: 'bench', attended: 20 };
  const problem = scheduleProblemSchema.parse({
    makers: [{ id: 'ann', skills: ['bench'] }],
    jobs: ['a', 'b'].map((id) => ({
      id,
      steps: [{ ...step, id: '1' }],
    })),
  });
  const after = warmStart(indexProblem(problem), new Map([[0, { start: 80, maker: 0 }], [1, { start: 0, maker: 0 }]])); // prettier-ignore
  // The second came first and still does; the first follows it at once.
  expect(after?.steps.map(({ job, start, end }) => [job, start, end])).toEqual([
    ['a', 20, 40],
    ['b', 0, 20],
  ]);
});

test('a step without a position comes after all that have one', () => {
  fc.assert(
    fc.property(problems({ jobs: 3, steps: 3, minutes: 5, shift: 30 }), (problem) => {
      const indexed = indexProblem(problem);
      const known = new Map<number, WarmStartStep>();
      indexed.stepsOf[0]?.forEach((step, at) => known.set(step, { start: at, maker: -1 }));
      const order = topologicalOrder(indexed, (step) => known.get(step)?.start ?? Infinity);
      const found = warmStart(indexed, known);
      fc.pre(found !== null);
      expect(Array.from(found.order)).toEqual(Array.from(order));
      expect(Array.from(found.order.slice(0, known.size)).every((step) => known.has(step))).toBe(true);
    }),
    { numRuns: 100, seed: 2 },
  );
});

// The engine against published optima, against trying everything, and against a strict checker.
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { scheduleFaults } from '../fixtures/check-schedule.ts';
import { bestOfAll } from '../fixtures/exhaustive-search.ts';
import { jobShop, jobShops, weightedJobShop } from '../fixtures/job-shops.ts';
import { problems } from '../fixtures/random-problems.ts';
import { randomWeek } from '../fixtures/random-week.ts';
import { indexProblem } from '../model/indexed-problem.ts';
import { isBetter } from '../model/objective.ts';
import { type ScheduleProblem, scheduleProblemSchema } from '../model/problem.ts';
import { scheduleLowerBound } from './lower-bound.ts';
import { quickPlan } from './quick-plan.ts';
import { searchPlan } from './search.ts';
import type { Solution } from './solution.ts';

function best(problem: ScheduleProblem, tries: number, seed = 1): Solution | null {
  const indexed = indexProblem(problem);
  const steps = searchPlan(indexed, { seed, tries, bound: scheduleLowerBound(indexed) });
  let step = steps.next();
  while (!step.done) step = steps.next();
  return step.value;
}

describe('published job shops', () => {
  test.each(['ft06', 'la01'] as const)('%s is planned with its published optimum', (name) => {
    const { leastEnd } = jobShops[name];
    const problem = jobShop(name);
    const found = best(problem, 40_000);
    expect(found?.objective).toMatchObject({ tardiness: 0, makespan: leastEnd });
    expect(scheduleFaults(problem, found!)).toEqual([]);
    expect(scheduleLowerBound(indexProblem(problem)).makespan).toBeLessThanOrEqual(leastEnd);
  });

  test('ft10 has no plan below its published optimum, and no bound above it', () => {
    const { leastEnd } = jobShops.ft10;
    const problem = jobShop('ft10');
    const found = best(problem, 25_000)!;
    expect(found.objective.makespan).toBeGreaterThanOrEqual(leastEnd);
    // Near it in a blink.
    expect(found.objective.makespan).toBeLessThan(leastEnd * 1.15);
    expect(scheduleLowerBound(indexProblem(problem)).makespan).toBeLessThanOrEqual(leastEnd);
    expect(scheduleFaults(problem, found)).toEqual([]);
  });
});

describe('published instances with due dates', () => {
  test.each([
    ['la17', 1.5, 260],
    ['la18', 1.5, 34],
    ['abz6', 1.3, 436],
  ] as const)(
    '%s with due dates at %d times the minutes has no plan below its published optimum',
    (name, tightness, least) => {
      const problem = weightedJobShop(name, tightness);
      const found = best(problem, 40_000)!;
      expect(scheduleFaults(problem, found)).toEqual([]);
      expect(found.objective.tardiness).toBeGreaterThanOrEqual(least);
      expect(found.objective.tardiness).toBeLessThan(least * 2 + 200);
      expect(scheduleLowerBound(indexProblem(problem)).tardiness).toBeLessThanOrEqual(least);
    },
  );

  // Pinedo, Scheduling (from memory): total tardiness of five jobs in the chapter on one machine, weighted tardiness of
  // four in the chapter on local search. Trying all orders gives the same.
  test.each([
    [[121, 79, 147, 83, 130], [260, 266, 266, 336, 337], [1, 1, 1, 1, 1], 370],
    [[10, 10, 13, 4], [4, 2, 1, 12], [14, 12, 1, 12], 408],
  ])('one machine, minutes %j', (minutes, dues, weights, least) => {
    const problem = scheduleProblemSchema.parse({
      makers: [{ id: 'm', skills: ['bench'] }],
      jobs: minutes.map((attended, at) => ({
        id: String(at),
        due: dues[at],
        weight: weights[at],
        steps: [{ id: '1', skill: 'bench', attended }],
      })),
    });
    expect(best(problem, 3000)?.objective.tardiness).toBe(least);
  });
});

describe('small problems with shifts, pauses and unattended time', () => {
  test('have the objective of exhaustive search', () => {
    let compared = 0;
    fc.assert(
      fc.property(problems({ jobs: 2, steps: 2, minutes: 4, shift: 5 }), (problem) => {
        const sure = bestOfAll(problem, 16);
        const found = best(problem, 4000);
        if (!sure || !found || found.objective.makespan > 16) return;
        compared += 1;
        const { overLag, tardiness } = found.objective;
        expect({ overLag, tardiness, second: found.objective[problem.objective[1]] }).toEqual(sure);
        const bound = scheduleLowerBound(indexProblem(problem));
        expect(bound.tardiness).toBeLessThanOrEqual(sure.tardiness + 1e-6);
        expect(bound[problem.objective[1]]).toBeLessThanOrEqual(sure.second + 1e-6);
      }),
      { numRuns: 120, seed: 7 },
    );
    expect(compared).toBeGreaterThan(80);
  });

  test('give thousands of plans that pass the strict checker, and no bound above them', () => {
    fc.assert(
      fc.property(problems({ jobs: 5, steps: 5, minutes: 9, shift: 12 }), (problem) => {
        const found = quickPlan(problem);
        expect(found === null ? ['there is a plan for it'] : scheduleFaults(problem, found)).toEqual([]);
        const bound = scheduleLowerBound(indexProblem(problem));
        expect(bound.tardiness).toBeLessThanOrEqual((found?.objective.tardiness ?? 0) + 1e-6);
        expect(bound.makespan).toBeLessThanOrEqual((found?.objective.makespan ?? 0) + 1e-6);
      }),
      { numRuns: 2000 },
    );
  });

  test('give only better plans that pass it on the way', () => {
    fc.assert(
      fc.property(problems({ jobs: 4, steps: 4, minutes: 9, shift: 12 }), fc.nat(), (problem, seed) => {
        let before: Solution | null = null;
        for (const found of searchPlan(indexProblem(problem), { seed, tries: 300 })) {
          if (!found) continue;
          expect(scheduleFaults(problem, found)).toEqual([]);
          if (before) expect(isBetter(found.objective, before.objective, problem.objective[1])).toBe(true);
          before = found;
        }
      }),
      { numRuns: 100 },
    );
  });
});

test('one seed and number of iterations give one plan', () => {
  const problem = randomWeek({ seed: 3, batches: 8, stepsEach: 5, makers: 2 });
  const [first, again] = [best(problem, 800, 5), best(problem, 800, 5)];
  expect(first?.steps).toEqual(again?.steps);
  expect(scheduleFaults(problem, first!)).toEqual([]);
});

test('of plans with equal tardiness and makespan the one with fewer changes is kept', () => {
  const step = (id: string, kind: string) => ({ id, skill: 'bench', attended: 10, kind });
  const problem = scheduleProblemSchema.parse({
    makers: [{ id: 'm', skills: ['bench'] }],
    jobs: [
      { id: 'a', steps: [step('1', 'saw'), step('2', 'torch')] },
      { id: 'b', steps: [step('1', 'torch'), step('2', 'saw')] },
      { id: 'c', steps: [step('1', 'saw'), step('2', 'torch')] },
    ],
  });
  const found = best(problem, 2000)!;
  expect(found.objective.makespan).toBe(60);
  // One job after the other: two changes of job, three of set-up. Tool by tool it would be four and two.
  expect(found.objective.changes).toBe(5);
});

test('fixed steps stay in place, and the others are planned around them', () => {
  const problem = scheduleProblemSchema.parse({
    makers: [{ id: 'm', skills: ['bench'], shifts: [[0, 100]] }],
    jobs: [
      {
        id: 'a',
        steps: [
          { id: '1', skill: 'bench', attended: 20, fixed: { maker: 'm', start: 30, attendedEnd: 50, end: 50 } },
          { id: '2', skill: 'bench', attended: 10, after: ['1'] },
        ],
      },
      { id: 'b', steps: [{ id: '1', skill: 'bench', attended: 40 }] },
      { id: 'c', steps: [{ id: '1', skill: 'bench', attended: 30 }] },
    ],
  });
  const found = best(problem, 200)!;
  expect(scheduleFaults(problem, found)).toEqual([]);
  expect(found.objective.makespan).toBe(100);
});

test('a problem whose makers are never there long enough has no plan', () => {
  const problem = (shifts: [number, number][], pausable: boolean) =>
    scheduleProblemSchema.parse({
      makers: [{ id: 'm', skills: ['bench'], shifts }],
      jobs: [{ id: 'a', steps: [{ id: '1', skill: 'bench', attended: 20, pausable }] }],
    });
  expect(quickPlan(problem([[0, 10]], true))).toBeNull();
  expect(quickPlan(problem([[0, 10], [20, 30]], false))).toBeNull(); // prettier-ignore
  expect(quickPlan(problem([[0, 10], [20, 30]], true))?.objective.makespan).toBe(30); // prettier-ignore
  expect(quickPlan(problem([], true))).toBeNull();
});

test.each([
  [{ jobs: [{ id: 'a', steps: [{ id: '1', after: ['2'] }] }] }, /waits for “2”/],
  [
    {
      jobs: [
        {
          id: 'a',
          steps: [
            { id: '1', after: ['2'] },
            { id: '2', after: ['1'] },
          ],
        },
      ],
    },
    /in a circle/,
  ],
  [{ jobs: [{ id: 'a', steps: [{ id: '1', station: 'moon' }] }] }, /no station “moon”/],
  [{ jobs: [{ id: 'a', steps: [{ id: '1', skill: 'magic', attended: 1 }] }] }, /nobody can do “magic”/],
  [
    {
      jobs: [
        { id: 'a', steps: [] },
        { id: 'a', steps: [] },
      ],
    },
    /named twice/,
  ],
  [{ jobs: [], makers: [{ id: 'm', skills: [], shifts: [[10, 5]] }] }, /come in order/],
])('the malformed problem %j is refused in a sentence', (problem, sentence) => {
  const read = scheduleProblemSchema.safeParse({ makers: [], ...problem });
  expect(read.error?.issues.map(({ message }) => message).join()).toMatch(sentence);
});

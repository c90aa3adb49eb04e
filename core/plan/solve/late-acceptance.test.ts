// Late acceptance on a published job shop, checked by the strict checker.
import { describe, expect, test } from 'vitest';
import { seeded } from '../../measure/random.ts';
import { scheduleFaults } from '../fixtures/check-schedule.ts';
import { jobShops } from '../fixtures/job-shops.ts';
import { indexProblem } from '../model/indexed-problem.ts';
import { scheduleProblemSchema } from '../model/problem.ts';
import { heads } from './heads.ts';
import { jobPermutationSearch } from './job-permutation-search.ts';
import { LateAcceptance } from './late-acceptance.ts';
import { quickPlan } from './quick-plan.ts';
import { SerialScheduleGeneration } from './serial-schedule-generation.ts';

const { problem, leastEnd } = jobShops.ft06;
const indexed = indexProblem(problem);
const first = quickPlan(problem)!;
const search = (seed: number) => new LateAcceptance(new SerialScheduleGeneration(indexed), first, seeded(seed));

describe('late acceptance', () => {
  test('reaches the published optimum of FT06 (Fisher and Thompson 1963) and never goes below it', () => {
    const running = search(1);
    let least = Infinity;
    for (let at = 0; at < 20_000; at += 1) {
      running.iterate();
      expect(running.makespan).toBeGreaterThanOrEqual(leastEnd);
      least = Math.min(least, running.makespan);
    }
    expect(least).toBe(leastEnd);
  });

  test('holds a feasible plan with the objective it reports after any iteration', () => {
    const running = search(2);
    for (let at = 0; at < 200; at += 1) {
      running.iterate();
      const { makespan, tardiness } = running;
      const plan = running.found();
      expect(plan.objective).toEqual({ tardiness, makespan });
      expect(scheduleFaults(problem, plan)).toEqual([]);
    }
  });

  test('accepts a worse plan now and then, which hill climbing never does', () => {
    const running = search(3);
    let worse = 0;
    for (let at = 0; at < 2000; at += 1) {
      const before = running.makespan;
      running.iterate();
      if (running.makespan > before) worse += 1;
    }
    expect(worse).toBeGreaterThan(0);
  });

  test('returns to a solution it is given', () => {
    const running = search(4);
    for (let at = 0; at < 500; at += 1) running.iterate();
    running.goTo(first);
    expect(running.compare(first.objective)).toBe(0);
  });

  test('has a shorter history for a larger problem, within 20 and 400 iterations', () => {
    const large = jobShops.ft10.problem;
    const sgs = new SerialScheduleGeneration(indexProblem(large));
    const { length } = new LateAcceptance(sgs, quickPlan(large)!, seeded(1));
    expect(length).toBeLessThan(search(1).length);
    expect(length).toBeGreaterThanOrEqual(20);
    expect(search(1).length).toBeLessThanOrEqual(400);
  });
});

test('job-permutation search gives only feasible and strictly better plans', () => {
  let last = first.objective.makespan;
  for (const plan of jobPermutationSearch(new SerialScheduleGeneration(indexed), first, seeded(5))) {
    if (!plan) continue;
    expect(plan.objective.makespan).toBeLessThan(last);
    expect(scheduleFaults(problem, plan)).toEqual([]);
    last = plan.objective.makespan;
  }
  expect(last).toBeGreaterThanOrEqual(leastEnd);
});

describe('heads', () => {
  test('of FT06 are the running sums of each job', () => {
    const { start, end } = heads(indexed);
    for (const steps of indexed.stepsOf) {
      let sum = 0;
      for (const step of steps) {
        expect(start[step]).toBe(sum);
        sum = end[step] ?? NaN;
      }
    }
    // The longest job of FT06 takes 1 + 8 + 10 + 5 + 10 + 10 + 3 = 47 minutes (Fisher and Thompson 1963): job 2.
    expect(Math.max(...end)).toBe(47);
  });

  test('wait for releases and shifts', () => {
    const one = scheduleProblemSchema.parse({
      makers: [{ id: 'ann', skills: ['bench'], shifts: [[0, 60], [100, 160]] }], // prettier-ignore
      jobs: [{ id: 'j', release: 30, steps: [{ id: 'a', skill: 'bench', attended: 40 }] }],
    });
    const { start, end } = heads(indexProblem(one));
    expect([start[0], end[0]]).toEqual([100, 140]);
  });
});

// Bounds: what hands can do by a time, minute by minute, and what no order of steps can beat.
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { indexProblem } from '../model/indexed-problem.ts';
import { scheduleProblemSchema } from '../model/problem.ts';
import { scheduleLowerBound } from './lower-bound.ts';

interface Task {
  readonly minutes: number;
  readonly release?: number;
  readonly due?: number;
  readonly weight?: number;
}
type Shifts = [number, number][];

function boundOf(tasks: readonly Task[], hands: readonly (Shifts | undefined)[]) {
  const problem = scheduleProblemSchema.parse({
    makers: hands.map((shifts, at) => ({ id: String(at), skills: ['bench'], ...(shifts && { shifts }) })),
    jobs: tasks.map(({ minutes, ...job }, at) => ({
      ...job,
      id: String(at),
      steps: [{ id: '1', skill: 'bench', attended: minutes, pausable: true }],
    })),
  });
  return scheduleLowerBound(indexProblem(problem));
}

describe('the bound by attended work', () => {
  test('of three times forty minutes for two makers is sixty', () => {
    expect(boundOf([{ minutes: 40 }, { minutes: 40 }, { minutes: 40 }], [undefined, undefined]).makespan).toBe(60);
  });

  test('of work that fills the shifts ends with them, not at the next shift', () => {
    const shifts: Shifts = [[0, 60], [90, 150], [400, 500]]; // prettier-ignore
    expect(boundOf([{ minutes: 70 }, { minutes: 50 }], [shifts]).makespan).toBe(150);
    expect(boundOf([{ minutes: 70 }, { minutes: 51 }], [shifts]).makespan).toBe(401);
    // Thirds of a minute: their sum strays, the night does not get in between.
    expect(boundOf([{ minutes: 119 + 2 / 3 }, { minutes: 1 / 3 }], [shifts]).makespan).toBeLessThanOrEqual(150);
  });

  test('equals a count minute by minute for any shifts', () => {
    const shifts = fc
      .array(fc.tuple(fc.integer({ min: 1, max: 9 }), fc.integer({ min: 1, max: 9 })), { minLength: 3, maxLength: 6 })
      .map((gaps): Shifts => {
        let at = 0;
        return gaps.map(([gap, long]): [number, number] => [(at += gap), (at += long)]);
      });
    fc.assert(
      fc.property(
        fc.array(shifts, { minLength: 1, maxLength: 3 }),
        fc.array(fc.integer({ min: 1, max: 4 }), { minLength: 3, maxLength: 5 }),
        (hands, minutes) => {
          const work = minutes.reduce((sum, one) => sum + one, 0);
          let [done, minute] = [0, 0];
          for (; done < work && minute < 200; minute += 1)
            done += hands.filter((own) => own.some(([from, to]) => minute >= from && minute < to)).length;
          fc.pre(done >= work);
          const { makespan } = boundOf(
            minutes.map((one) => ({ minutes: one })),
            hands,
          );
          // The last of them may only begin in a minute of one pair of hands; none can be done a whole minute sooner.
          expect(makespan).toBeGreaterThan(minute - 1 - 1e-6);
        },
      ),
      { numRuns: 300, seed: 6 },
    );
  });

  test('respects releases', () => {
    // 10 at once, then from 50 on 30 minutes; the whole is less than that.
    expect(boundOf([{ minutes: 10 }, { minutes: 30, release: 50 }], [undefined]).makespan).toBe(80);
  });
});

describe('the bound on tardiness', () => {
  test('of two jobs of an hour due in an hour is an hour of the lighter one', () => {
    const tasks = [
      { minutes: 60, due: 60, weight: 3 },
      { minutes: 60, due: 60, weight: 2 },
    ];
    expect(boundOf(tasks, [undefined]).tardiness).toBe(120);
    expect(boundOf(tasks, [undefined, undefined]).tardiness).toBe(0);
  });

  test('of a job too long for its due date is its excess times its weight', () => {
    expect(boundOf([{ minutes: 90, due: 60, weight: 2 }], [undefined]).tardiness).toBe(60);
  });
});

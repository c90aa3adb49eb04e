// The decoder: schedules worked out by hand, the rules of single machines, and an order begun alike decoded in part.
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { problems } from '../fixtures/random-problems.ts';
import { indexProblem } from '../model/indexed-problem.ts';
import { scheduleProblemSchema, type StepTyped } from '../model/problem.ts';
import { costBoundsOf } from './cost-bounds.ts';
import { infeasibleStep } from './infeasible-step.ts';
import { priorityRuleOrders, topologicalOrder } from './priority-rules.ts';
import { SerialScheduleGeneration } from './serial-schedule-generation.ts';

interface Typed {
  readonly makers?: { id: string; skills: string[]; shifts?: [number, number][] }[];
  readonly stations?: { id: string; count: number; open?: [number, number][] }[];
  readonly jobs: { id: string; release?: number; due?: number; weight?: number; steps: StepTyped[] }[];
}

const one = { id: 'ann', skills: ['bench'], shifts: [[0, 60], [90, 150]] as [number, number][] }; // prettier-ignore

function decoded({ makers = [one], stations = [], jobs }: Typed, order?: number[]): SerialScheduleGeneration {
  const sgs = new SerialScheduleGeneration(indexProblem(scheduleProblemSchema.parse({ makers, stations, jobs })));
  expect(sgs.generate(order ?? topologicalOrder(sgs.indexed, (step) => step))).toBe(true);
  return sgs;
}
const times = ({ start, attendedEnd, end }: SerialScheduleGeneration) =>
  Array.from(start, (from, step) => [from, attendedEnd[step], end[step]]);
const bench = (id: string, attended: number, more: Partial<StepTyped> = {}): StepTyped => ({
  id,
  skill: 'bench',
  attended,
  ...more,
});

describe('schedules by hand', () => {
  test('pausable work continues after the break, and other work waits for a shift that holds it', () => {
    const jobs = [
      { id: 'a', steps: [bench('1', 40)] },
      { id: 'b', steps: [bench('1', 30, { pausable: true })] },
      { id: 'c', steps: [bench('1', 25)] },
    ];
    // 40 to 60, ten minutes after the break; the last does not fit before it.
    expect(times(decoded({ jobs }))).toEqual([
      [0, 40, 40],
      [40, 100, 100],
      [100, 125, 125],
    ]);
    const apart = jobs.map((job, at) => (at === 1 ? { ...job, steps: [bench('1', 30)] } : job));
    // The third, which is shorter, goes into the gap that the second cannot use only if it fits: 20 minutes are too few.
    expect(times(decoded({ jobs: apart }))).toEqual([
      [0, 40, 40],
      [90, 120, 120],
      [120, 145, 145],
    ]);
  });

  test('a later step fills an earlier gap', () => {
    const jobs = [
      { id: 'a', steps: [bench('1', 40)] },
      { id: 'b', steps: [bench('1', 30)] },
      { id: 'c', steps: [bench('1', 15)] },
    ];
    expect(times(decoded({ jobs }))[2]).toEqual([40, 55, 55]);
  });

  test('unattended time holds the station and no maker; the next load waits, other work does not', () => {
    const pickle = { station: 'pickle', unattended: 20 };
    const jobs = [
      { id: 'a', steps: [bench('1', 5, pickle)] },
      { id: 'b', steps: [bench('1', 5, pickle)] },
      { id: 'c', steps: [bench('1', 12)] },
    ];
    const all = times(decoded({ jobs, stations: [{ id: 'pickle', count: 1 }] }));
    expect(all).toEqual([
      [0, 5, 25],
      [25, 30, 50],
      [5, 17, 17],
    ]);
    // With two of them nobody waits but for the hands.
    expect(times(decoded({ jobs, stations: [{ id: 'pickle', count: 2 }] }))[1]).toEqual([5, 10, 30]);
  });

  test('a station with opening windows starts only what ends before it closes', () => {
    const steps = [bench('1', 10, { station: 'tumbler', unattended: 60 })];
    const open: [number, number][] = [[0, 60], [90, 200]]; // prettier-ignore
    // Ten minutes of hands and sixty of turning do not fit before 60: filled at 90, or later by as much as is open.
    expect(times(decoded({ jobs: [{ id: 'a', steps }], stations: [{ id: 'tumbler', count: 1, open }] }))).toEqual([
      [90, 100, 160],
    ]);
    const anyHour = [{ ...steps[0]!, anyHour: true }];
    expect(
      times(decoded({ jobs: [{ id: 'a', steps: anyHour }], stations: [{ id: 'tumbler', count: 1, open }] })),
    ).toEqual([[0, 10, 70]]);
  });

  test('of two able makers the one who finishes first does the step, and a chosen maker always does', () => {
    const makers = [one, { id: 'bo', skills: ['bench'], shifts: [[30, 200]] as [number, number][] }];
    const jobs = [
      { id: 'a', steps: [bench('1', 50)] },
      { id: 'b', steps: [bench('1', 50)] },
    ];
    const free = decoded({ makers, jobs });
    expect(Array.from(free.maker)).toEqual([0, 1]);
    expect(times(free)[1]).toEqual([30, 80, 80]);
    const sgs = new SerialScheduleGeneration(free.indexed);
    sgs.chosen[1] = 0;
    sgs.generate([0, 1]);
    expect(times(sgs)[1]).toEqual([90, 140, 140]);
  });

  test('tardiness is weighted and summed, and the makespan is the last end', () => {
    const jobs = [
      { id: 'a', due: 10, weight: 3, steps: [bench('1', 20)] },
      { id: 'b', due: 100, steps: [bench('1', 15)] },
      { id: 'c', due: 0, weight: 2, steps: [bench('1', 5)] },
    ];
    const { tardiness, makespan } = decoded({ jobs });
    expect(tardiness).toBe(3 * (20 - 10) + 2 * 40);
    expect(makespan).toBe(40);
  });

  test('there is no schedule where no maker is there long enough', () => {
    const problem = scheduleProblemSchema.parse({
      makers: [one],
      jobs: [{ id: 'a', steps: [bench('1', 70)] }],
    });
    expect(new SerialScheduleGeneration(indexProblem(problem)).generate([0])).toBe(false);
    expect(infeasibleStep(indexProblem(problem))).toEqual({ job: 'a', step: '1' });
    const short = {
      ...problem,
      jobs: problem.jobs.map((job) => ({ ...job, steps: job.steps.map((step) => ({ ...step, attended: 60 })) })),
    };
    expect(infeasibleStep(indexProblem(short))).toBeNull();
  });

  test('changes of set-up and of job are counted by maker and day', () => {
    const kinds = ['saw', 'file', 'saw'];
    const jobs = kinds.map((kind, at) => ({ id: String(at), steps: [bench('1', 10, { kind })] }));
    // Saw, file, saw: two changes of set-up; saw, saw, file: one. Each next step is of another job.
    expect(decoded({ jobs }, [0, 1, 2]).changes()).toBe(4);
    expect(decoded({ jobs }, [0, 2, 1]).changes()).toBe(3);
    const [first, ...others] = jobs;
    // The first step of a day is no change.
    const tomorrow = { ...first!, release: 1440 };
    expect(
      decoded(
        { makers: [{ ...one, shifts: [[0, 3000] as [number, number]] }], jobs: [tomorrow, ...others] },
        [1, 2, 0],
      ).changes(),
    ).toBe(2);
  });

  test('a step that has to follow soon delays the one before it, over the night too', () => {
    const shifts: [number, number][] = [
      [0, 60],
      [1440, 1500],
    ];
    const steps = [
      bench('solder', 20, { unattended: 0 }),
      { ...bench('pickle', 5), after: ['solder'], within: 10 },
      bench('busy', 30),
    ];
    const jobs = [{ id: 'a', steps }];
    // Busy until 30, then both fit in; after 40 minutes of other work they go to the next day together.
    expect(decoded({ makers: [{ ...one, shifts }], jobs }, [2, 0, 1]).start[1]).toBe(50);
    const longer = [{ id: 'a', steps: [...steps.slice(0, 2), bench('busy', 40)] }];
    const apart = decoded({ makers: [{ ...one, shifts }], jobs: longer }, [2, 0, 1]);
    expect([apart.start[0], apart.start[1], apart.overLag]).toEqual([1440, 1460, 0]);
    // Where nobody is there in time ever, the minutes beyond the lag are told.
    const fixed = { maker: one.id, start: 0, attendedEnd: 20, end: 20 };
    const begun = [{ id: 'a', steps: [{ ...steps[0]!, fixed }, steps[1]!, bench('busy', 40)] }];
    expect(decoded({ makers: [{ ...one, shifts }], jobs: begun }, [2, 0, 1]).overLag).toBe(1440 - 20 - 10);
  });

  test('nothing is started in the last minutes of a shift, but what may', () => {
    const shifts: [number, number][] = [
      [0, 60],
      [1440, 1500],
    ];
    const makers = [{ ...one, shifts, lastStart: 15 }];
    const jobs = [{ id: 'a', steps: [bench('long', 50), bench('short', 5), { ...bench('any', 5), anyStart: true }] }];
    const { start } = decoded({ makers, jobs }, [0, 1, 2]);
    expect([...start]).toEqual([0, 1440, 50]);
  });
});

describe('textbook rules on one machine', () => {
  const job = fc.record({
    minutes: fc.integer({ min: 1, max: 9 }),
    due: fc.integer({ min: 1, max: 30 }),
    weight: fc.integer({ min: 1, max: 5 }),
  });
  const always = [{ id: 'ann', skills: ['bench'] }];
  const orders = (count: number): number[][] =>
    count === 0
      ? [[]]
      : orders(count - 1).flatMap((order) =>
          Array.from({ length: count }, (_, at) => order.toSpliced(at, 0, count - 1)),
        );

  test('earliest due date first minimises the maximum lateness (Jackson 1955), against every order', () => {
    fc.assert(
      fc.property(fc.array(job, { minLength: 2, maxLength: 5 }), (all) => {
        const jobs = all.map(({ minutes, due }, at) => ({ id: String(at), due, steps: [bench('1', minutes)] }));
        const worst = (order: readonly number[]) => {
          const { end } = decoded({ makers: always, jobs }, [...order]);
          return Math.max(...all.map(({ due }, at) => (end[at] ?? 0) - due));
        };
        const byDue = all.map((_one, at) => at).sort((a, b) => all[a]!.due - all[b]!.due);
        expect(worst(byDue)).toBe(Math.min(...orders(all.length).map(worst)));
      }),
      { numRuns: 60, seed: 1 },
    );
  });

  test('most weight per minute first minimises weighted lateness when all jobs are late (Smith 1956)', () => {
    fc.assert(
      fc.property(fc.array(job, { minLength: 2, maxLength: 5 }), (all) => {
        const jobs = all.map(({ minutes, weight }, at) => ({
          id: String(at),
          due: 0,
          weight,
          steps: [bench('1', minutes)],
        }));
        const late = (order: readonly number[]) => decoded({ makers: always, jobs }, [...order]).tardiness;
        const rate = (at: number) => all[at]!.weight / all[at]!.minutes;
        const byRate = all.map((_one, at) => at).sort((a, b) => rate(b) - rate(a));
        expect(late(byRate)).toBe(Math.min(...orders(all.length).map(late)));
      }),
      { numRuns: 60, seed: 1 },
    );
  });
});

describe('step orders', () => {
  test('of the usual rules have every step once, after its predecessors', () => {
    fc.assert(
      fc.property(problems({ jobs: 5, steps: 5, minutes: 9, shift: 12 }), (problem) => {
        const indexed = indexProblem(problem);
        for (const order of priorityRuleOrders(indexed)) {
          expect(Array.from(order).sort((a, b) => a - b)).toEqual(Array.from({ length: indexed.size }, (_, at) => at));
          const place = new Map(Array.from(order, (step, at) => [step, at]));
          indexed.before.forEach((before, step) =>
            before.forEach((other) => expect(place.get(other)).toBeLessThan(place.get(step)!)),
          );
        }
      }),
      { numRuns: 200, seed: 1 },
    );
  });

  test('within a limit are given up only where the whole schedule costs more', () => {
    let [given, up] = [0, 0];
    fc.assert(
      fc.property(
        problems({ jobs: 4, steps: 4, minutes: 9, shift: 12 }),
        fc.nat(),
        fc.nat(20),
        (problem, seed, room) => {
          const indexed = indexProblem(problem);
          const [whole, limited] = [new SerialScheduleGeneration(indexed), new SerialScheduleGeneration(indexed)];
          for (const sgs of [whole, limited]) {
            sgs.costBounds = costBoundsOf(indexed);
            sgs.weights = { overLag: 10, tardiness: 1, makespan: 0.5, flow: 0.1, changes: 0.1 };
          }
          const orders = priorityRuleOrders(indexed);
          const order = orders[seed % orders.length]!;
          fc.pre(whole.generate(order));
          const { overLag, tardiness, makespan, completion, dislike } = whole;
          const ends = Array.from(whole.jobEnd).reduce((sum, end) => sum + end, 0);
          const flow = indexed.second === 'completion' ? completion : ends;
          // The cost counted on the way is that of the schedule.
          expect(whole.cost).toBeCloseTo(
            10 * overLag + tardiness + 0.5 * makespan + 0.1 * (flow + dislike) + 0.1 * whole.changes(),
            6,
          );
          expect(limited.generateWithin(order, 0, -1, whole.cost + 1e-6)).toBe('done');
          const outcome = limited.generateWithin(order, 0, -1, whole.cost - room / 10 - 1e-3);
          expect(outcome).toBe('worse');
          given += Number(outcome === 'worse');
          up += 1;
        },
      ),
      { numRuns: 300, seed: 4 },
    );
    expect(given).toBe(up);
    expect(up).toBeGreaterThan(200);
  });

  test('with a kept prefix give the same plan when only the rest is decoded', () => {
    fc.assert(
      fc.property(problems({ jobs: 4, steps: 4, minutes: 9, shift: 12 }), fc.nat(), fc.nat(), (problem, seed, cut) => {
        const indexed = indexProblem(problem);
        const [first, second] = [new SerialScheduleGeneration(indexed), new SerialScheduleGeneration(indexed)];
        const orders = priorityRuleOrders(indexed);
        const order = orders[seed % orders.length]!;
        fc.pre(first.generate(order));
        first.keep();
        // The same up to somewhere; from there in the order of another rule.
        const same = cut % (indexed.size + 1);
        const kept = new Set(order.slice(0, same));
        const other = orders[(seed + 1) % orders.length]!;
        const next = [...order.slice(0, same), ...other.filter((step) => !kept.has(step))];
        const isWhole = second.generate(next);
        expect(first.generateWithin(next, same, -1, Infinity)).toBe(isWhole ? 'done' : 'worse');
        if (isWhole) expect(times(first)).toEqual(times(second));
      }),
      { numRuns: 400, seed: 5 },
    );
  });
});

import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { dayAfter, daysBetween, weekdayOf } from '../measure/days.ts';
import { clockOf, dayOf, shiftFrom, type Calendar } from './calendar.ts';
import { planForward, type Plan, type PlanBatch, type PlanStep } from './forward.ts';

const shift = (opens: number, closes: number) => ({ opensMin: opens * 60, closesMin: closes * 60 });
const weekday = [shift(9, 12.5), shift(13, 17)];
// 2 March 2026 is a Monday.
const calendar: Calendar = { firstDay: '2026-03-02', week: [weekday, weekday, weekday, weekday, weekday, [], []] };
const nine = 9 * 60;

const step = (attendedMin: number, byItselfMin = 0, meanwhile = false): PlanStep => ({
  name: '',
  attendedMin,
  byItselfMin,
  meanwhile,
});
const batch = (id: string, steps: PlanStep[], due = ''): PlanBatch => ({ id, due, priority: '', steps });
function plan(batches: PlanBatch[], now = nine): Plan {
  const made = planForward(batches, calendar, now);
  if ('sentence' in made) throw new Error(made.sentence);
  return made;
}
const hands = ({ bars }: Plan, id: string) =>
  bars.filter((bar) => bar.kind === 'hands' && bar.batch === id).map(({ from, to }) => [clockOf(from), clockOf(to)]);
const doneAt = ({ calendar: days, done }: Plan, id: string) => {
  const at = done.find((one) => one.batch === id)?.at ?? NaN;
  return `${dayOf(days, at)} ${clockOf(at)}`;
};

describe('one batch', () => {
  test('minutes that are fractions come to an end', () => {
    const minutes = fc.integer({ min: 1, max: 4000 }).map((tenths) => (tenths / 10) * 1.1);
    fc.assert(
      fc.property(
        fc.array(minutes, { minLength: 1, maxLength: 9 }),
        fc.array(minutes, { maxLength: 5 }),
        (one, other) => {
          const made = plan([
            batch(
              'a',
              one.map((each) => step(each, each / 7, true)),
            ),
            batch(
              'b',
              other.map((each) => step(each)),
            ),
          ]);
          const spent = made.bars
            .filter(({ kind, batch: id }) => kind === 'hands' && id === 'a')
            .reduce((sum, { from, to }) => sum + to - from, 0);
          return Math.abs(spent - one.reduce((sum, each) => sum + each, 0)) < 1e-3;
        },
      ),
      { numRuns: 60 },
    );
  });

  test('steps follow each other, and the next waits for what works by itself', () => {
    const made = plan([batch('a', [step(30, 20), step(10)])]);
    expect(hands(made, 'a')).toEqual([
      ['9:00', '9:30'],
      ['9:50', '10:00'],
    ]);
  });

  test('a step that may go on meanwhile does, and the one after it waits for both', () => {
    const made = plan([batch('a', [step(30, 60), step(20, 0, true), step(10)])]);
    expect(hands(made, 'a')).toEqual([
      ['9:00', '9:30'],
      ['9:30', '9:50'],
      ['10:30', '10:40'],
    ]);
  });

  test('hands stop at the break, at closing and over the weekend', () => {
    expect(hands(plan([batch('a', [step(240)])]), 'a')).toEqual([
      ['9:00', '12:30'],
      ['13:00', '13:30'],
    ]);
    expect(doneAt(plan([batch('a', [step(8 * 60)])]), 'a')).toBe('2026-03-03 9:30');
    const friday = plan([batch('a', [step(60)])], 4 * 1440 + 16.5 * 60);
    expect(doneAt(friday, 'a')).toBe('2026-03-09 9:30');
  });

  test('work by itself goes on over the break', () => {
    expect(doneAt(plan([batch('a', [step(10, 60)])], 12 * 60), 'a')).toBe('2026-03-02 13:10');
  });

  test('what would run past closing is started next morning', () => {
    expect(doneAt(plan([batch('a', [step(30, 120)])], 16 * 60), 'a')).toBe('2026-03-03 11:00');
  });

  test('what is longer than any day runs through', () => {
    expect(doneAt(plan([batch('a', [step(30, 600)])], 16 * 60), 'a')).toBe('2026-03-03 2:30');
  });

  test('a step without hands takes none', () => {
    expect(doneAt(plan([batch('a', [step(0, 20), step(10)])]), 'a')).toBe('2026-03-02 9:30');
  });
});

describe('several batches', () => {
  test('the soonest promise goes first, an unpromised one last', () => {
    const made = plan([
      batch('none', [step(60)]),
      batch('later', [step(60)], '2026-03-20'),
      batch('soon', [step(60)], '2026-03-03'),
    ]);
    expect(made.done.map((one) => one.batch)).toEqual(['soon', 'later', 'none']);
  });

  test('another batch fills in while the first works by itself, and is put down when it is ready', () => {
    const made = plan([batch('a', [step(30, 60), step(10)], '2026-03-03'), batch('b', [step(120)], '2026-03-04')]);
    expect(hands(made, 'b')).toEqual([
      ['9:30', '10:30'],
      ['10:40', '11:40'],
    ]);
    expect(doneAt(made, 'a')).toBe('2026-03-02 10:40');
  });

  test('nothing is taken up for a few minutes only', () => {
    const made = plan([batch('a', [step(30, 6), step(10)], '2026-03-03'), batch('b', [step(120)], '2026-03-04')]);
    expect(hands(made, 'b')).toEqual([['9:46', '11:46']]);
  });

  test('days late are counted from the day it was due', () => {
    const made = plan([batch('a', [step(60)], '2026-02-28'), batch('b', [step(30)], '2026-03-02')]);
    expect(made.done.map(({ daysLate }) => daysLate)).toEqual([2, 0]);
  });
});

test('a bench that never opens has no plan, and says why', () => {
  expect(planForward([batch('a', [step(1)])], { ...calendar, week: [[], [], [], [], [], [], []] }, nine)).toMatchObject(
    { sentence: expect.stringContaining('no open hours') as string },
  );
});

test('whatever the batches: all work is planned, in open hours, one thing at a time, each step after the one before', () => {
  const steps = fc.array(
    fc.record({
      attendedMin: fc.integer({ min: 0, max: 400 }),
      byItselfMin: fc.integer({ min: 0, max: 200 }),
      meanwhile: fc.boolean(),
      name: fc.constant(''),
    }),
    { minLength: 1, maxLength: 6 },
  );
  fc.assert(
    fc.property(fc.array(steps, { minLength: 1, maxLength: 5 }), (routes) => {
      const batches = routes.map((route, index) => batch(String(index), route, index % 2 ? '2026-03-05' : ''));
      const made = plan(batches);
      const worked = made.bars.filter(({ kind }) => kind === 'hands').sort((a, b) => a.from - b.from);
      for (const [index, bar] of worked.entries()) {
        expect(bar.from).toBeGreaterThanOrEqual(worked[index - 1]?.to ?? nine);
        const open = shiftFrom(calendar, bar.from);
        expect(open && open.opens <= bar.from && bar.to <= open.closes).toBe(true);
      }
      for (const { id, steps: route } of batches) {
        route.forEach(({ attendedMin }, index) => {
          const mine = made.bars.filter((bar) => bar.batch === id && bar.step === index && bar.kind === 'hands');
          expect(mine.reduce((sum, { from, to }) => sum + to - from, 0)).toBeCloseTo(attendedMin, 6);
        });
      }
      return made.done.length === batches.length;
    }),
    { numRuns: 60 },
  );
});

test('days and clocks', () => {
  expect(dayAfter('2026-11-30', 1)).toBe('2026-12-01');
  expect(daysBetween('2026-02-27', '2026-03-02')).toBe(3);
  expect(weekdayOf('2026-03-02')).toBe(0);
  expect([0, 545, 1440 + 61].map(clockOf)).toEqual(['0:00', '9:05', '1:01']);
});

test('what is to go first goes before what is due sooner, and what may go last after it', () => {
  const step: PlanStep = { name: 'Saw', attendedMin: 30, byItselfMin: 0, meanwhile: false };
  const batches: PlanBatch[] = [
    { ...batch('soon', [step], '2026-03-03') },
    { ...batch('last', [step], '2026-03-02'), priority: 'last' },
    { ...batch('first', [step]), priority: 'first' },
  ];
  expect(plan(batches).bars.map(({ batch: id }) => id)).toEqual(['first', 'soon', 'last']);
});

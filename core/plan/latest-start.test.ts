import { expect, test } from 'vitest';
import { dayAfter } from '../measure/days.ts';
import { planForward, type PlanBatch } from './forward.ts';
import { latestStart } from './latest-start.ts';

// Monday 2 March 2026; seven hours a day, four on Saturday, none on Sunday.
const day = [
  { opensMin: 540, closesMin: 750 },
  { opensMin: 780, closesMin: 990 },
];
const calendar = { firstDay: '2026-03-02', week: [day, day, day, day, day, [{ opensMin: 540, closesMin: 780 }], []] };
const batch = (hours: number, due: string): PlanBatch => ({
  id: 'b',
  due,
  priority: '',
  steps: [{ name: 'work', attendedMin: hours * 60, byItselfMin: 0, meanwhile: false }],
});

test.each([
  // Seven hours fit the day itself; eight need the morning before; over a Sunday it goes back to Saturday.
  [7, '2026-03-06', '2026-03-06'],
  [8, '2026-03-06', '2026-03-05'],
  [14, '2026-03-06', '2026-03-05'],
  [8, '2026-03-09', '2026-03-07'],
  [12, '2026-03-09', '2026-03-06'],
  // Due on a Sunday is due on the Saturday before it.
  [4, '2026-03-08', '2026-03-07'],
])('%s hours due on %s begin on %s', (hours, due, expected) => {
  expect(latestStart(batch(hours, due), calendar)).toBe(expected);
});

test('what is too late already begins at once, and what is not promised at no day', () => {
  expect(latestStart(batch(90, '2026-03-04'), calendar)).toBe('2026-03-02');
  expect(latestStart(batch(1, '2026-02-20'), calendar)).toBe('2026-03-02');
  expect(latestStart(batch(1, ''), calendar)).toBe('');
  expect(latestStart(batch(1, '2026-03-04'), { ...calendar, week: [[], [], [], [], [], [], []] })).toBe('');
});

test('begun a day later it would be late', () => {
  for (let hours = 1; hours <= 40; hours += 1) {
    const one = batch(hours, '2026-03-16');
    const start = latestStart(one, calendar);
    const late = (from: string) => {
      const plan = planForward([one], { ...calendar, firstDay: from }, 0);
      return 'sentence' in plan || plan.done.some(({ daysLate }) => daysLate > 0);
    };
    expect(late(start)).toBe(false);
    expect(late(dayAfter(start, 1))).toBe(true);
  }
});

import { expect, test } from 'vitest';
import type { BenchStep } from '../../bench/batch-steps.ts';
import { dayAfter } from '../../measure/days.ts';
import { stepSchema } from '../../piece/step.ts';
import { quickPlan } from '../solve/quick-plan.ts';
import { latestStart } from './latest-start.ts';
import { type StudioJob, studioProblem } from './studio-problem.ts';

// Monday 2 March 2026; seven hours a day, four on Saturday, none on Sunday.
const day = [
  { opensMin: 540, closesMin: 750 },
  { opensMin: 780, closesMin: 990 },
];
const week = [day, day, day, day, day, [{ opensMin: 540, closesMin: 780 }], []];
const bench = { makers: [{ id: 'm', name: 'M', week, away: [], does: null, prefers: [] }], stations: [] };
const terms = { bench, day: '2026-03-02' };
const work = (minutes: number): BenchStep => ({
  key: 'l/s',
  index: 0,
  name: 'work',
  piece: 'p',
  step: stepSchema.parse({ id: 's', name: 'work', station: '', setUp: '', each: '', unattended: '', overlaps: false }),
  kind: 'other',
  pieces: 1,
  load: null,
  station: '',
  maker: '',
  attendedMin: minutes,
  exactMin: minutes,
  exactOnceMin: 0,
  drivers: 1,
  unattendedMin: 0,
  share: null,
  onceMin: 0,
  metals: '',
  spread: null,
  after: [],
});
const batch = (hours: number, due: string): StudioJob => ({
  id: 'b',
  batch: { due, priority: '', materialsOn: '' },
  steps: [work(hours * 60)],
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
])('%s hours due on %s start on %s at the latest', (hours, due, expected) => {
  expect(latestStart(batch(hours, due), terms)).toBe(expected);
});

test('work that is too late starts at once, and work without a due date has no latest start', () => {
  expect(latestStart(batch(90, '2026-03-04'), terms)).toBe('2026-03-02');
  expect(latestStart(batch(1, '2026-02-20'), terms)).toBe('2026-03-02');
  expect(latestStart(batch(1, ''), terms)).toBe('');
  const nobody = { ...bench, makers: bench.makers.map((maker) => ({ ...maker, week: week.map(() => []) })) };
  expect(latestStart(batch(1, '2026-03-04'), { ...terms, bench: nobody })).toBe('');
});

test('a start one day later is late', () => {
  for (let hours = 1; hours <= 40; hours += 3) {
    const one = batch(hours, '2026-03-16');
    const start = latestStart(one, terms);
    const late = (from: string) => {
      const problem = studioProblem([one], { bench, day: from, minute: 0, standings: new Map(), days: 60 });
      return (quickPlan(problem)?.objective.tardiness ?? 1) > 0;
    };
    expect(late(start)).toBe(false);
    expect(late(dayAfter(start, 1))).toBe(true);
  }
});

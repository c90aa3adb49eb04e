import fc from 'fast-check';
import { expect, test } from 'vitest';
import { momentOf, type NewBenchEntry } from './bench-entry.ts';
import { workedMinutes } from './hours-worked.ts';
import { workLog } from './work-log.ts';

let made = 0;
const entry = (how: NewBenchEntry['how'], on: string, minute: number, more: Partial<NewBenchEntry> = {}) => ({
  uid: `u${String((made += 1))}`,
  batchId: 'b',
  step: 's',
  how,
  maker: 'ann',
  on,
  minute,
  ...more,
});
const end = momentOf(entry('done', '2026-03-09', 0));

test('work over midnight counts on both days', () => {
  const rows = workedMinutes([entry('started', '2026-03-02', 1420), entry('done', '2026-03-03', 30)], end);
  expect(rows.map(({ minutes }) => minutes)).toEqual([20, 30]);
  expect((rows[1]?.day ?? 0) - (rows[0]?.day ?? 0)).toBe(1);
});

test('a helper has minutes on the day they were entered', () => {
  const rows = workedMinutes([entry('worked', '2026-03-02', 700, { maker: 'bo', detail: { minutes: 25 } })], end);
  expect(rows).toMatchObject([{ maker: 'bo', minutes: 25 }]);
});

// The week and the batch are two views of one log.
test('the minutes of all days are those of all steps', () => {
  const worked = fc.record({
    step: fc.constantFrom('s', 't', 'u'),
    maker: fc.constantFrom('ann', 'bo'),
    how: fc.constantFrom('started', 'paused', 'left', 'done'),
    day: fc.integer({ min: 2, max: 5 }),
    minute: fc.integer({ min: 0, max: 1439 }),
  });
  fc.assert(
    fc.property(fc.array(worked, { maxLength: 25 }), (all) => {
      const entries = all.map(({ day, minute, how, ...more }) =>
        entry(how as NewBenchEntry['how'], `2026-03-0${String(day)}`, minute, more),
      );
      const byDay = workedMinutes(entries, end).reduce((sum, { minutes }) => sum + minutes, 0);
      const byStep = [...workLog(entries, end).values()].reduce((sum, { minutes }) => sum + minutes, 0);
      expect(byDay).toBeCloseTo(byStep, 6);
    }),
  );
});

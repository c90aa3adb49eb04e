// Plan minutes as days and clock times.
import { expect, test } from 'vitest';
import { MINUTES_A_DAY } from '../../measure/days.ts';
import { clockOf, dayOf } from './calendar.ts';

test('a plan minute falls on its day over a leap day and a change of the clock', () => {
  expect(dayOf({ firstDay: '2028-02-28' }, MINUTES_A_DAY)).toBe('2028-02-29');
  expect(dayOf({ firstDay: '2028-02-28' }, 2 * MINUTES_A_DAY - 1)).toBe('2028-02-29');
  expect(dayOf({ firstDay: '2026-03-28' }, 2 * MINUTES_A_DAY)).toBe('2026-03-30');
  expect(dayOf({ firstDay: '2026-12-31' }, MINUTES_A_DAY)).toBe('2027-01-01');
});

test('the clock has no leading zero for hours and two digits for minutes', () => {
  expect([0, 9 * 60, 12 * 60 + 5, MINUTES_A_DAY + 60].map(clockOf)).toEqual(['0:00', '9:00', '12:05', '1:00']);
});

// Days in words, against the calendar of the runtime.
import fc from 'fast-check';
import { expect, test } from 'vitest';
import { dayInWords, shortDay } from '../../core/format/days.ts';
import { daysLate } from './late.ts';

test('any day reads as in the runtime’s English calendar', () => {
  const format = new Intl.DateTimeFormat('en-GB', {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    timeZone: 'UTC',
  });
  fc.assert(
    fc.property(fc.date({ min: new Date('2000-01-01'), max: new Date('2099-12-31'), noInvalidDate: true }), (date) => {
      const day = date.toISOString().slice(0, 10);
      const parts = Object.fromEntries(format.formatToParts(date).map(({ type, value }) => [type, value]));
      // The runtime shortens September to four letters.
      const month = parts['month']?.slice(0, 3) ?? '';
      expect(shortDay(day)).toBe(`${parts['day'] ?? ''} ${month}`);
      expect(dayInWords(day)).toBe(`${parts['weekday'] ?? ''} ${shortDay(day)}`);
    }),
    { numRuns: 300, seed: 3 },
  );
});

test('a span of one day reads as one day', () => {
  expect([1, 2, 0].map(daysLate)).toEqual(['1 day late', '2 days late', '0 days late']);
});

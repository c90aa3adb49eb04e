import { expect, test } from 'vitest';
import { dayInWords, shortDay } from '../../core/format/days.ts';
import { doneIn } from './done-in.ts';
import { daysLate } from './late.ts';

const plan = { plan: { firstDay: '2026-11-30', done: [{ batch: 'a', at: 1440 + 9 * 60 + 5, daysLate: 1 }] } };

test('days read as in a diary', () => {
  expect(dayInWords('2026-11-12')).toBe('Thu 12 Nov');
  expect(shortDay('2027-01-02')).toBe('2 Jan');
  expect([1, 3].map(daysLate)).toEqual(['1 day late', '3 days late']);
});

test('a planned batch is done on a day at an hour, over the end of a month too', () => {
  expect(doneIn(plan, 'a')).toEqual({ words: 'Tue 1 Dec, 9:05', daysLate: 1 });
});

test('a batch outside the plan has no completion date', () => {
  expect(doneIn(plan, 'b')).toBeNull();
  expect(doneIn(null, 'a')).toBeNull();
  expect(doneIn({ sentence: 'The bench is shut.' }, 'a')).toBeNull();
});

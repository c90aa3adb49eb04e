import { expect, test } from 'vitest';
import { countdownOf, minutesInWords, shortMinutes, stepTitle } from './step-words.ts';

test('a load says which it is', () => {
  expect(stepTitle({ name: 'Pickle', load: [1, 2] })).toBe('Pickle, load 1 of 2');
  expect(stepTitle({ name: 'Pickle', load: null })).toBe('Pickle');
});

test.each([
  [6, 20, '6 min, then 20 min unattended'],
  [6, 0, '6 min'],
  [0, 90, '1 h 30 min unattended'],
])('%d min and %d unattended', (attendedMin, unattendedMin, said) => {
  expect(minutesInWords({ attendedMin, unattendedMin })).toBe(said);
});

test.each([
  [64 + 20 / 60, '1:04:20'],
  [4 + 7 / 60, '4:07'],
  [-2.5, '−2:30'],
  [-0.001, '0:00'],
])('%d min left', (minutes, said) => {
  expect(countdownOf(minutes)).toBe(said);
});

test.each([
  [8 + 50 / 60, '8 min 50'],
  [0.75, '45 s'],
  [3, '3 min'],
  [1 + 5 / 60, '1 min 05'],
])('%d min of one piece', (minutes, said) => {
  expect(shortMinutes(minutes)).toBe(said);
});

// The hours a day is drawn over.
import { expect, test } from 'vitest';
import { USUAL_DAY, wholeHours } from './day-hours.tsx';

test('the drawn hours are whole and hold the working hours and all planned work', () => {
  expect(wholeHours(USUAL_DAY, [])).toEqual([540, 1020]);
  expect(wholeHours(USUAL_DAY, [600, 700])).toEqual([540, 1020]);
  expect(wholeHours(USUAL_DAY, [7 * 60 + 45, 18 * 60 + 5])).toEqual([7 * 60, 19 * 60]);
  expect(wholeHours([10 * 60 + 15, 14 * 60], [])).toEqual([10 * 60, 14 * 60]);
});

// The axis of the plan: open hours beside each other, and from a px back to the minute it stands for.
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { axisOf } from './axis.ts';

const DAY = 1440;
/** Nine to half past twelve and from one to five on two days, a day off, then ten to two. */
const makers = [
  { id: 'isa', skills: [], lastStart: 0, prefers: [], shifts: [[540, 750], [780, 1020], [DAY + 540, DAY + 750], [DAY + 780, DAY + 1020]] as [number, number][] }, // prettier-ignore
  { id: 'tam', skills: [], lastStart: 0, prefers: [], shifts: [[3 * DAY + 600, 3 * DAY + 840]] as [number, number][] },
];
const axis = axisOf({ makers }, 4 * DAY, 30);

describe('a week with a day off', () => {
  test('each day is as wide as its working hours, nights are not drawn, and a day off is a gap', () => {
    expect(axis.days.map(({ width, isOff }) => [width, isOff])).toEqual([
      [8 * 30, false],
      [8 * 30, false],
      [10, true],
      [4 * 30, false],
    ]);
    // Closing and the next opening lie a hair's breadth apart.
    expect(axis.x(DAY + 540) - axis.x(1020)).toBe(2);
    expect(axis.x(600)).toBe(30);
  });

  test('minutes outside working hours lie at the edge of their day', () => {
    expect(axis.x(0)).toBe(axis.x(540));
    expect(axis.x(1300)).toBe(axis.x(1020));
    expect(axis.x(9 * DAY)).toBe(axis.width);
  });

  test('a px within working hours is the minute it was drawn for', () => {
    const open = makers.flatMap(({ shifts }) => shifts);
    fc.assert(
      fc.property(fc.constantFrom(...open), fc.double({ min: 0, max: 1, noNaN: true }), ([from, to], share) => {
        const minute = from + share * (to - from);
        expect(axis.minuteAt(axis.x(minute))).toBeCloseTo(minute, 6);
      }),
      { numRuns: 200 },
    );
  });

  test('time never runs backwards along the axis', () => {
    fc.assert(
      fc.property(fc.nat(5 * DAY), fc.nat(5 * DAY), (a, b) => {
        expect(axis.x(Math.min(a, b))).toBeLessThanOrEqual(axis.x(Math.max(a, b)));
      }),
      { numRuns: 300 },
    );
  });
});

test('without any working hours every day is a gap, and nothing breaks', () => {
  const none = axisOf({ makers: [] }, 2 * DAY, 30);
  expect(none.days.every(({ isOff }) => isOff)).toBe(true);
  expect(none.x(700)).toBeGreaterThanOrEqual(0);
  expect(Number.isFinite(none.minuteAt(3))).toBe(true);
});

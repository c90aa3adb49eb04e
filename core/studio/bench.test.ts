import { expect, test } from 'vitest';
import { readAway, readWeek } from './bench.ts';

const morning = { opensMin: 540, closesMin: 780 };

test('weekly hours are read from one line: spans of days, single days, several shifts', () => {
  const week = readWeek('Mon-Wed 9-13; saturday 9-13, 14-15:30');
  expect(week).toEqual([[morning], [morning], [morning], [], [], [morning, { opensMin: 840, closesMin: 930 }], []]);
  expect(readWeek('Thu 9-13')).toMatchObject({ 3: [morning], 4: [] });
  expect(readWeek('')).toEqual([[], [], [], [], [], [], []]);
});

test.each(['weekdays 9-13', 'Fri-Mon 9-13', '9-13', 'Mon 13-9'])('%s is refused in a sentence', (text) => {
  expect(readWeek(text)).toHaveProperty('sentence');
});

test('days off are single days and spans', () => {
  expect(readAway('2026-12-24 to 2027-01-02, 2027-02-05')).toEqual([
    ['2026-12-24', '2027-01-02'],
    ['2027-02-05', '2027-02-05'],
  ]);
  expect(readAway(' ')).toEqual([]);
  for (const text of ['Christmas', '2026-12-24 to 2026-12-20', '2026-13-01'])
    expect(readAway(text)).toHaveProperty('sentence');
});

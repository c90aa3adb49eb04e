import { expect, test } from 'vitest';
import { likingOf, readPreferences } from './preferences.ts';

test('preferences are stations and kinds of work, the best liked first, with hours where they matter', () => {
  const read = readPreferences('Set stones 9:00-12:00, torch; polish')!;
  expect(read).toEqual([
    { name: 'set stones', kind: 'set', hours: [{ opensMin: 540, closesMin: 720 }] },
    { name: 'torch', kind: 'other', hours: null },
    { name: 'polish', kind: 'polish', hours: null },
  ]);
  if ('sentence' in read) return;
  expect(likingOf(read, 'torch', 'solder')).toBe(1);
  expect(likingOf(read, 'motor', 'polish')).toBe(2);
  expect(likingOf(read, 'peg', 'saw')).toBe(-1);
});

test.each(['9:00-12:00', 'solder 12:00-9:00', 'solder 9:70-10:00'])('“%s” is a problem in a sentence', (text) => {
  expect(readPreferences(text)).toHaveProperty('sentence');
});

import { expect, test } from 'vitest';
import { readPreferences } from './preferences.ts';

test('preferences are stations and kinds of work, the best liked first, with hours where they matter', () => {
  const read = readPreferences('Set stones 9:00-12:00, torch; polish');
  expect(read).toEqual([
    { name: 'set stones', hours: [{ opensMin: 540, closesMin: 720 }] },
    { name: 'torch', hours: null },
    { name: 'polish', hours: null },
  ]);
});

test.each(['9:00-12:00', 'solder 12:00-9:00', 'solder 9:70-10:00'])('“%s” is a problem in a sentence', (text) => {
  expect(readPreferences(text)).toHaveProperty('sentence');
});

// Common practice: no heat after stones, patina or plating; the polish comes after the last heat.
import { expect, test } from 'vitest';
import { afterRemedy, briefly, discBlank, foundIn, sheet } from '../fixtures/check.ts';
import { heatAfter } from './heat-after.ts';

const parts = [
  { id: 'a', section: sheet(), blank: discBlank },
  { id: 'b', section: sheet(), blank: discBlank },
];

test.each([
  [['Solder the bail', 'Set the stone'], []],
  [['Set the stone', 'Solder the bail'], ['stop s2']],
  [['Patina', 'Anneal'], ['stop s2']],
  [['Gold plate', 'Fuse the ends'], ['stop s2']],
  [['Polish', 'Solder the catch'], ['note s1']],
  [['Solder the catch', 'Polish'], []],
  [['Texture with a punch', 'Polish'], ['note s2']],
])('the route %j gives %j', (steps, found) => {
  expect(briefly(foundIn(heatAfter, { parts, steps }))).toEqual(found);
});

test('heat on another part gives no finding', () => {
  const steps = [
    { id: 's1', name: 'Patina', of: 'a' },
    { id: 's2', name: 'Solder', of: 'b' },
  ];
  expect(foundIn(heatAfter, { parts, steps })).toEqual([]);
});

test('knuckles give a note wherever they are polished or tumbled', () => {
  const knuckles = {
    id: 'k',
    section: { form: 'tube', outside: '2 mm', wall: '0.4 mm' },
    blank: { rule: 'knuckles', width: '9 mm', knuckles: '3' },
  } as const;
  expect(briefly(foundIn(heatAfter, { parts: [knuckles], steps: ['Tumble'] }))).toEqual(['note s1']);
});

test('the remedy moves the heat before the step', () => {
  expect(afterRemedy(heatAfter, { parts, steps: ['Set the stone', 'Inspect', 'Solder the bail'] })).toEqual([]);
});

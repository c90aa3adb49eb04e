// Common practice: stock at least as thick as the die is deep.
import { expect, test } from 'vitest';
import { afterRemedy, briefly, foundIn, sheet } from '../fixtures/check.ts';
import { dieDepth } from './die-depth.ts';

const pressed = (thickness: string, depth: string) => ({
  parts: [
    {
      id: 'p',
      section: sheet(thickness),
      blank: { rule: 'pressed', width: '10 mm', length: '14 mm', depth, excess: '3 mm' } as const,
    },
  ],
});

test('a die deeper than the stock is stopped', () => {
  expect(foundIn(dieDepth, pressed('2 mm', '2 mm'))).toEqual([]);
  expect(briefly(foundIn(dieDepth, pressed('2 mm', '2.1 mm')))).toEqual(['stop p']);
  expect(afterRemedy(dieDepth, pressed('2 mm', '2.6 mm'))).toEqual([]);
});

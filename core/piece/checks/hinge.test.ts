// Common practice: an odd number of knuckles, three or more, and a pin that is snug in their bore.
import { expect, test } from 'vitest';
import { afterRemedy, briefly, foundIn, sheet, wire } from '../fixtures/check.ts';
import { hinge } from './hinge.ts';

const hinged = (knuckles: string, pin = '1 mm') => ({
  parts: [
    {
      id: 'k',
      section: { form: 'tube', outside: '2 mm', wall: '0.5 mm' } as const,
      blank: { rule: 'knuckles', width: '15 mm', knuckles } as const,
    },
    { id: 'pin', section: wire(pin), blank: { rule: 'hinge-pin', width: '15 mm' } as const },
  ],
});

test.each([
  ['3', []],
  ['5', []],
  ['4', ['stop k']],
  ['1', ['stop k']],
])('%s knuckles give %j', (knuckles, found) => {
  expect(briefly(foundIn(hinge, hinged(knuckles)))).toEqual(found);
});

test.each([
  ['1 mm', []],
  ['0.9 mm', []],
  ['0.89 mm', ['stop pin']],
  ['1.01 mm', ['stop pin']],
])('a pin of %s in a bore of 1 mm gives %j', (pin, found) => {
  expect(briefly(foundIn(hinge, hinged('3', pin)))).toEqual(found);
});

test('the remedy sets the next odd number', () => {
  expect(afterRemedy(hinge, hinged('4'))).toEqual([]);
  expect(afterRemedy(hinge, hinged('2'))).toEqual([]);
});

test('leaves of another width than the hinge are named', () => {
  const hinged = (length: string) => ({
    parts: [
      {
        id: 'k',
        section: { form: 'tube', outside: '2 mm', wall: '0.4 mm' },
        blank: { rule: 'knuckles', width: '21 mm', knuckles: '3' },
      } as const,
      { id: 'leaf', section: sheet(), blank: { rule: 'rectangle', width: '12 mm', length } } as const,
    ],
    joins: [{ id: 'j', parts: ['k', 'leaf'] }],
  });
  expect(briefly(foundIn(hinge, hinged('21 mm')))).toEqual([]);
  expect(briefly(foundIn(hinge, hinged('30 mm')))).toEqual(['warn k']);
});

// Inside diameter of a bent blank: length ÷ π less the thickness (bending along the middle).
import { expect, test } from 'vitest';
import { foundIn, straightBlank, wire } from '../fixtures/check.ts';
import { closedSize } from './closed-size.ts';

test('a straight blank closed on itself says its inside diameter', () => {
  const part = { id: 'p', section: wire('2 mm'), blank: { rule: 'straight', length: '100 mm' } } as const;
  const [found] = foundIn(closedSize, { parts: [part], joins: [{ id: 'j', parts: ['p'] }] });
  // 100 ÷ π − 2 = 29.83.
  expect(found?.sentence).toContain('29.8 mm inside');
});

test('a blank that is joined to another says nothing', () => {
  const parts = ['p', 'q'].map((id) => ({ id, section: wire(), blank: straightBlank }));
  expect(foundIn(closedSize, { parts, joins: [{ id: 'j', parts: ['p', 'q'] }] })).toEqual([]);
});

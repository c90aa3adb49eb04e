// Common practice: a closed hollow form is vented before its last join.
import { expect, test } from 'vitest';
import { afterRemedy, briefly, discBlank, foundIn, sheet } from '../fixtures/check.ts';
import { closedForm } from './closed-form.ts';

const form = (closed: boolean, vents: string) => ({ groups: [{ id: 'g', name: 'Bead', count: '1', closed, vents }] });

test('a closed form is stopped without a vent, and passes vented or open', () => {
  expect(briefly(foundIn(closedForm, form(true, '')))).toEqual(['stop g']);
  expect(briefly(foundIn(closedForm, form(true, '0')))).toEqual(['stop g']);
  expect(foundIn(closedForm, form(true, '1'))).toEqual([]);
  expect(foundIn(closedForm, form(false, ''))).toEqual([]);
});

test('the remedy adds a vent', () => {
  expect(afterRemedy(closedForm, form(true, ''))).toEqual([]);
});

test('a drilled hole in a member is a vent', () => {
  const half = { id: 'h', section: sheet(), blank: discBlank, group: 'g', hole: '1 mm' };
  const groups = [{ id: 'g', name: 'Ball', count: '1', closed: true, vents: '' }];
  expect(foundIn(closedForm, { parts: [half], groups })).toEqual([]);
});

import { expect, test } from 'vitest';
import { batchSchema, batchStates } from './batch.ts';
import { refusedChange, stateAfter, stateBefore } from './states.ts';

const batch = batchSchema.parse({
  lines: [{ id: 'l', pieceId: 'p', pieceRevision: 1, quantities: { '': '4' } }],
  due: '2026-04-01',
  customer: 'a shop',
  note: '',
});
const more = { ...batch, lines: batch.lines.map((line) => ({ ...line, quantities: { '': '5' } })) };

test('states follow each other, forth and back', () => {
  expect(batchStates.map(stateAfter)).toEqual(['issued', 'bench', 'finished', 'closed', null]);
  expect(batchStates.map(stateBefore)).toEqual([null, 'planned', 'issued', 'bench', 'finished']);
});

test('what is made may change while it is planned, and once it is taken back to planning', () => {
  expect(refusedChange(batch, more)).toBeNull();
  expect(refusedChange({ ...batch, state: 'issued' }, { ...more, state: 'issued' })).toContain('Metal is issued');
  expect(refusedChange({ ...batch, state: 'bench' }, { ...more, state: 'finished' })).toContain('Metal is issued');
  expect(refusedChange({ ...batch, state: 'issued' }, more)).toBeNull();
});

test('a day may be moved until it is closed', () => {
  const later = { ...batch, due: '2026-04-09' };
  expect(refusedChange({ ...batch, state: 'bench' }, { ...later, state: 'bench' })).toBeNull();
  expect(refusedChange({ ...batch, state: 'closed' }, { ...later, state: 'closed' })).toContain('closed');
});

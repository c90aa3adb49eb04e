import { expect, test } from 'vitest';
import { batchSchema, batchStates } from './batch.ts';
import { givesMetalBack, refusedChange, stateAfter } from './states.ts';

const batch = batchSchema.parse({
  lines: [{ id: 'l', pieceId: 'p', pieceRevision: 1, quantities: { '': '4' } }],
  due: '2026-04-01',
  customer: 'a shop',
  note: '',
});
const more = { ...batch, lines: batch.lines.map((line) => ({ ...line, quantities: { '': '5' } })) };

test('a batch changes only to the states that may follow', () => {
  expect(batchStates.map(stateAfter)).toEqual(['issued', 'bench', 'finished', 'closed', null, null]);
});

test('a batch holds metal from issue to closing, and not before issue or after cancelling', () => {
  expect(batchStates.filter((state) => givesMetalBack({ state }))).toEqual(['planned', 'called-off']);
});

test('quantities may change while the batch is planned', () => {
  expect(refusedChange(batch, more)).toBeNull();
  expect(refusedChange({ ...batch, state: 'issued' }, { ...more, state: 'issued' })).toContain('Metal is issued');
  expect(refusedChange({ ...batch, state: 'bench' }, { ...more, state: 'finished' })).toContain('Metal is issued');
  expect(refusedChange({ ...batch, state: 'issued' }, more)).toBeNull();
});

test('the due date may change until the batch is closed', () => {
  const later = { ...batch, due: '2026-04-09' };
  expect(refusedChange({ ...batch, state: 'bench' }, { ...later, state: 'bench' })).toBeNull();
  expect(refusedChange({ ...batch, state: 'closed' }, { ...later, state: 'closed' })).toContain('closed');
  const calledOff = { ...later, state: 'called-off' as const };
  expect(refusedChange({ ...batch, state: 'called-off' }, calledOff)).toContain('cancelled');
});

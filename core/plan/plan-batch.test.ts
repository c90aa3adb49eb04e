import { expect, test } from 'vitest';
import type { Step } from '../piece/piece.ts';
import { emptyPiece } from '../piece/piece.ts';
import { planBatch } from './plan-batch.ts';

const step: Step = { id: 's', name: 'Saw', station: '', setUp: '6', each: '2.5', byItself: '15', meanwhile: true };
const batch = {
  pieceId: 'p',
  pieceRevision: 1,
  quantity: '12',
  due: '2026-03-05',
  customer: '',
  note: '',
  finished: false,
};

test('a batch is planned with the minutes of all its pieces, and its first step waits for nothing', () => {
  const planned = planBatch('b', batch, { ...emptyPiece, steps: [step, step] });
  expect(planned.due).toBe('2026-03-05');
  expect(planned.steps).toEqual([
    { name: 'Saw', attendedMin: 36, byItselfMin: 15, meanwhile: false },
    { name: 'Saw', attendedMin: 36, byItselfMin: 15, meanwhile: true },
  ]);
});

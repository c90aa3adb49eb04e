import { expect, test } from 'vitest';
import { batchSchema } from '../batch/batch.ts';
import { alloysWith } from '../metal/alloy.ts';
import { pieceSchema } from '../piece/piece.ts';
import { planBatch } from './plan-batch.ts';

const step = { id: 's', name: 'Saw', station: '', setUp: '6', each: '2.5', byItself: '15', meanwhile: true };
const batch = batchSchema.parse({
  lines: [{ id: 'l', pieceId: 'p', pieceRevision: 1, quantities: { '': '12' } }],
  due: '2026-03-05',
  customer: '',
  note: '',
});

const piece = pieceSchema.parse({ name: '', note: '', batchSize: '1', parts: [], findings: [], steps: [step, step] });

test('a batch is planned with the minutes of all its pieces, and its first step waits for nothing', () => {
  const planned = planBatch(
    'b',
    batch,
    batch.lines.map((line) => ({ line, piece })),
    alloysWith([]),
  );
  expect(planned.due).toBe('2026-03-05');
  expect(planned.steps).toEqual([
    { name: 'Saw', attendedMin: 36, byItselfMin: 15, meanwhile: false },
    { name: 'Saw', attendedMin: 36, byItselfMin: 15, meanwhile: true },
  ]);
});

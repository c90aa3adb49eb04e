// The body of a new batch.
import type { Batch, BatchLine } from '../../core/batch/batch.ts';

export const emptyBatch: Omit<Batch, 'lines' | 'kind' | 'due'> = {
  priority: '',
  customer: '',
  note: '',
  state: 'planned',
  materialsOn: '',
  spares: { how: 'none', over: '2', confidence: '90 %' },
  blanks: {},
};

export function lineOf(pieceId: string, pieceRevision: number, size: string, quantity: string): BatchLine {
  return { id: crypto.randomUUID(), pieceId, pieceRevision, quantities: { [size]: quantity }, units: [] };
}

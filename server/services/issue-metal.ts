// Issues metal to a batch by an accepted cutting plan, and returns it.
import { randomUUID } from 'node:crypto';
import { type BatchState, isDone } from '../../core/batch/batch.ts';
import { type AcceptedCut, entriesOfCut } from '../../core/batch/cutting/issue-metal.ts';
import type { ShelfEntry } from '../../core/batch/stock/shelf.ts';
import { NotAcceptable } from '../store/refusals.ts';
import type { Stores } from '../store/stores.ts';
import { currentBasis } from './basis.ts';
import { acceptBatch } from './change-batch.ts';
import { giveStockBack } from './stockroom.ts';

/**
 * Records an accepted cutting plan of a batch and issues its metal.
 * @throws NotThere; NotAcceptable when there is not enough stock, or the batch cannot be accepted
 */
export function issueMetal(stores: Stores, id: string, cut: AcceptedCut): ShelfEntry[] {
  const { rates } = currentBasis(stores);
  return stores.inTransaction(() => {
    const { body } = stores.batches.get(id);
    if (isDone(body)) throw new NotAcceptable('This batch is finished. Change its status to issue metal.', []);
    const entries = entriesOfCut(cut, stores.shelf.lots(), rates.alloys, randomUUID, id);
    if ('sentence' in entries) throw new NotAcceptable(entries.sentence, []);
    const added = stores.shelf.add(entries);
    if (body.state === 'planned') putBatchIn(stores, id, 'issued');
    return added;
  });
}

/**
 * Returns exactly the metal that a batch holds; a batch with issued metal is planned again.
 * @throws NotThere; NotAcceptable when an offcut of it has been used since
 */
export function giveMetalBack(stores: Stores, id: string): ShelfEntry[] {
  return stores.inTransaction(() => {
    if (stores.batches.get(id).body.state !== 'issued') return giveStockBack(stores, id);
    const before = stores.shelf.entries(id)[0]?.id ?? 0;
    putBatchIn(stores, id, 'planned');
    return stores.shelf.entries(id).filter((entry) => entry.id > before);
  });
}

function putBatchIn(stores: Stores, id: string, state: BatchState): void {
  const { version, body } = stores.batches.get(id);
  acceptBatch(stores, id, stores.batches.saveDraft(id, version, { ...body, state }).version);
}

// Adds, saves, accepts and removes a batch.
import type { DocumentOf } from '../../contract/document.ts';
import { type Batch, isDone } from '../../core/batch/batch.ts';
import { givesMetalBack, refusedChange } from '../../core/batch/states.ts';
import { showNumber } from '../../core/format/numbers.ts';
import { blocks } from '../../core/measure/issue.ts';
import type { Priced } from '../../core/price/piece/standing.ts';
import { NotAcceptable } from '../store/refusals.ts';
import type { Stores } from '../store/stores.ts';
import { currentBasis } from './basis.ts';
import { countBatchNow, madeLines } from './made-lines.ts';
import { takeInWhenClosed } from './made-take-in.ts';
import { refuseIssues, refuseStops } from './refuse.ts';
import { giveStockBack, takeGoods } from './stockroom.ts';
import { takeSmallChanges } from './take-small-changes.ts';

/** Adds a batch as a draft. @throws NotThere when a revision it names is not in the ledger */
export function addBatch(stores: Stores, batch: Batch): DocumentOf<Batch> {
  madeLines(stores, batch);
  return stores.batches.add(batch);
}

/** Saves a batch's draft. @throws NotThere when a revision it names is not in the ledger */
export function saveBatch(
  stores: Stores,
  id: string,
  version: number,
  batch: Batch,
  writer: string | null,
): DocumentOf<Batch> {
  madeLines(stores, batch);
  return stores.batches.saveDraft(id, version, batch, writer);
}

/** @throws NotAcceptable when the batch has no quantity, or its state does not allow the change */
export function acceptBatch(stores: Stores, id: string, version: number): DocumentOf<Batch> {
  return stores.inTransaction(() => {
    const { accepted } = stores.batches.get(id);
    const changed = stores.batches.accept(id, version, (batch) => {
      const sentence = accepted && refusedChange(accepted, batch);
      if (sentence) refuseIssues([{ path: 'state', sentence }], 'This change was not saved.');
      if (batch.state === 'closed') refuseOpenMetal(stores, id);
      if (givesMetalBack(batch)) giveStockBack(stores, id);
      else if (batch.state !== 'planned') takeGoods(stores, id, countBatchNow(stores, batch).runs);
      return pricedBatch(stores, batch);
    });
    if (accepted?.state !== changed.body.state) takeSmallChanges(stores, changed.body);
    if (changed.body.state === 'closed' && accepted?.state !== 'closed') takeInWhenClosed(stores, id);
    return changed;
  });
}

/** A batch is closed with its metal balanced. @throws NotAcceptable while it holds metal */
function refuseOpenMetal({ account }: Stores, id: string): void {
  const heldMg = account.balances(`work/${id}`).reduce((sum, { mg }) => sum + mg, 0);
  if (heldMg !== 0)
    throw new NotAcceptable(
      `This batch still holds ${showNumber(heldMg / 1000, 1)} g of metal. Enter what came back, then close it.`,
      [],
    );
}

/** Archives a batch, or brings it back. @throws NotAcceptable while it is open */
export function archiveBatch(stores: Stores, id: string, version: number, archived: boolean): DocumentOf<Batch> {
  if (archived && !isDone(stores.batches.get(id).body))
    throw new NotAcceptable('This batch is open. Finish it or call it off, then archive it.', []);
  return stores.batches.archive(id, version, archived);
}

/** Puts a batch into the trash. @throws NotAcceptable where entries of it stay in the ledger */
export function removeBatch(stores: Stores, id: string, version: number): void {
  if (stores.bench.hasEntriesOf(id))
    throw new NotAcceptable('This batch was worked on, and its entries stay. Call it off instead.', []);
  if (stores.account.entries({ batchId: id, limit: 1 }).length > 0)
    throw new NotAcceptable(
      'Metal was issued for this batch, and its entries stay. Give the metal back, and close it.',
      [],
    );
  if (stores.made.entriesOf(id).length > 0)
    throw new NotAcceptable('Pieces of this batch came in, and their entries stay. Archive it instead.', []);
  stores.batches.remove(id, version);
}

/** Total cost and value of a batch. */
function pricedBatch(stores: Stores, batch: Batch): Priced {
  const { rates, fix } = currentBasis(stores);
  const count = countBatchNow(stores, batch);
  refuseIssues(count.problems.filter(blocks), 'This batch can’t be saved yet.');
  for (const { piece } of count.runs) refuseStops(piece, rates);
  const retail = count.runs.reduce((sum, run) => sum + run.quantity * run.count.prices.retail.value, 0);
  return {
    currency: rates.currency,
    fixOn: fix?.on ?? null,
    costMinor: count.cost.value,
    wholesaleMinor: count.wholesale.value,
    retailMinor: retail,
    how: 'accepted',
    sizes: {},
  };
}

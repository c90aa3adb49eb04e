// Batches with the revisions of their pieces.
import type { BatchWithPieces } from '../../contract/batches.ts';
import type { DocumentOf } from '../../contract/document.ts';
import type { Batch } from '../../core/batch/batch.ts';
import { type MadeLine, madeLine } from '../../core/batch/batch-run.ts';
import { type BatchCount, countBatch } from '../../core/batch/count-batch.ts';
import type { Stores } from '../store/stores.ts';
import { currentBasis } from './basis.ts';

/** The lines of a batch with the revisions they name. @throws NotThere */
export function madeLines({ pieces }: Stores, { lines }: Batch): MadeLine[] {
  return lines.map((line) => madeLine(line, pieces.revision(line.pieceId, line.pieceRevision)));
}

/** All batches, oldest first, each with its pieces, so that a list needs no further requests. */
export function batchesWithPieces(stores: Stores): BatchWithPieces[] {
  const batches = stores.batches.list();
  // The list is another one after any change of the ledger, of a piece, too.
  const known = made.get(batches);
  if (known) return known;
  const answer = batches.map((batch) => withPieces(stores, batch));
  made.set(batches, answer);
  return answer;
}

/** The same object as long as the batch and its pieces are the same. */
function withPieces({ pieces }: Stores, batch: DocumentOf<Batch>): BatchWithPieces {
  const lines = batch.body.lines.map(({ pieceId, pieceRevision }) => ({
    piece: pieces.revision(pieceId, pieceRevision),
    latestRevision: pieces.lastRevision(pieceId),
  }));
  const known = withTheirPieces.get(batch);
  const isSame = known?.made.every(
    ({ piece, latestRevision }, at) => piece === lines[at]?.piece && latestRevision === lines[at].latestRevision,
  );
  if (known && isSame) return known;
  const answer = { batch, made: lines };
  withTheirPieces.set(batch, answer);
  return answer;
}

const withTheirPieces = new WeakMap<DocumentOf<Batch>, BatchWithPieces>();
const made = new WeakMap<object, BatchWithPieces[]>();

/** Counts a batch at the current settings and metal prices. @throws NotThere */
export function countBatchNow(stores: Stores, batch: Batch): BatchCount {
  const { rates, fix } = currentBasis(stores);
  return countBatch(batch, madeLines(stores, batch), rates, fix);
}

// Batches over the wire.
import { z } from 'zod';
import { batchSchema } from '../core/batch/batch.ts';
import { pieceSchema } from '../core/piece/piece.ts';
import { documentSchema, draftSchema } from './document.ts';

export const batchDocumentSchema = documentSchema(batchSchema);
export const batchDraftSchema = draftSchema(batchSchema);
/** A batch with the piece it is made from, so that a list can be reckoned without asking for each. */
const batchWithPieceSchema = z.object({
  batch: batchDocumentSchema,
  /** The revision the batch names. */
  piece: pieceSchema,
  /** The piece's latest accepted revision. */
  latestRevision: z.int(),
});
export const batchListSchema = z.array(batchWithPieceSchema);
export type BatchDocument = z.infer<typeof batchDocumentSchema>;
export type BatchWithPiece = z.infer<typeof batchWithPieceSchema>;

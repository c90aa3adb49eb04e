// Batches over the wire.
import { z } from 'zod';
import { batchSchema } from '../core/batch/batch.ts';
import { pieceSchema } from '../core/piece/piece.ts';
import { documentSchema, draftSchema } from './document.ts';

export const batchDocumentSchema = documentSchema(batchSchema);
export const batchDraftSchema = draftSchema(batchSchema);
/** A batch with the pieces it is made from, so that a list can be reckoned without asking for each. */
const batchWithPiecesSchema = z.object({
  batch: batchDocumentSchema,
  /** In the order of its lines: the revision each names, and the piece's latest accepted one. */
  made: z.array(z.object({ piece: pieceSchema, latestRevision: z.int() })),
});
export const batchListSchema = z.array(batchWithPiecesSchema);
export type BatchDocument = z.infer<typeof batchDocumentSchema>;
export type BatchWithPieces = z.infer<typeof batchWithPiecesSchema>;

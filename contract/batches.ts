// Routes of batches.
import { z } from 'zod';
import { batchSchema } from '../core/batch/batch.ts';
import { pieceSchema } from '../core/piece/piece.ts';
import { documentFolders, documentRoutes, documentSchema } from './document.ts';
import { route } from './route.ts';

const batchDocumentSchema = documentSchema(batchSchema);
/** A batch with the pieces it is made from, so that a list needs no further requests. */
const batchWithPiecesSchema = z.object({
  batch: batchDocumentSchema,
  /**
   * In the order of its lines: the revision each line names, and the number of the piece's latest accepted revision.
   */
  made: z.array(z.object({ piece: pieceSchema, latestRevision: z.int() })),
});
/** A batch as a document. */
export type BatchDocument = z.infer<typeof batchDocumentSchema>;
/** A batch with the revisions of its pieces. */
export type BatchWithPieces = z.infer<typeof batchWithPiecesSchema>;

/** Routes of batches. */
export const batchRoutes = {
  list: route({
    method: 'GET',
    path: '/api/batches',
    tag: 'batches',
    summary: 'All batches with their pieces, drafts included',
    answer: z.array(batchWithPiecesSchema),
  }),
  add: route({
    method: 'POST',
    path: '/api/batches',
    tag: 'batches',
    summary: 'Add a batch as a draft',
    body: batchSchema,
    answer: batchDocumentSchema,
    status: 201,
  }),
  ...documentRoutes(documentFolders.batch, batchSchema),
};

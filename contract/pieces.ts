// Pieces over the wire, and the open file format of one.
import { z } from 'zod';
import { pieceSchema } from '../core/piece/piece.ts';
import { documentSchema, draftSchema } from './document.ts';

export const pieceDocumentSchema = documentSchema(pieceSchema);
export const pieceDraftSchema = draftSchema(pieceSchema);
export const pieceListSchema = z.array(pieceDocumentSchema);
export type PieceDocument = z.infer<typeof pieceDocumentSchema>;

/** A piece as a file of its own; see docs/formats/piece.md. */
export const pieceFileSchema = z.strictObject({
  format: z.literal(
    'noon-ledger/piece',
    'This is not a Noon Ledger piece file: its “format” should be “noon-ledger/piece”.',
  ),
  version: z.literal(1, 'This piece file is of a version this ledger does not read: its “version” should be 1.'),
  piece: pieceSchema,
});

/** One accepted revision, as it was. */
export const pieceRevisionSchema = z.object({ id: z.string(), revision: z.int(), body: pieceSchema });
export type PieceRevision = z.infer<typeof pieceRevisionSchema>;

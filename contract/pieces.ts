// Routes of pieces, and the open file format of one or many.
import { z } from 'zod';
import { withStandardTerms } from '../core/piece/earlier-versions.ts';
import { pieceSchema } from '../core/piece/piece.ts';
import { documentFolders, documentParams, documentRoutes, documentSchema } from './document.ts';
import { piecePaths } from './piece-paths.ts';
import { route } from './route.ts';

const pieceDocumentSchema = documentSchema(pieceSchema);
const pieceListSchema = z.array(pieceDocumentSchema);
/** A piece as a document. */
export type PieceDocument = z.infer<typeof pieceDocumentSchema>;

/** Largest uploaded file of pieces, bytes, pictures included. */
export const PIECE_FILE_LIMIT_BYTES = 256_000_000;

/** A picture in a file: its id, and its JPEG bytes in base64. */
const filePhotoSchema = z.strictObject({
  id: z.string().max(80),
  widthPx: z.int().min(1),
  heightPx: z.int().min(1),
  jpeg: z.base64(),
});
const photos = z.array(filePhotoSchema).max(40_000).optional();
// Version 1 had no joins, sizes or pictures; missing fields take their usual values. Version 3 renamed fields of a
// step.
/** The version that is written. */
export const PIECE_FILE_VERSION = 3;
const version = z.union(
  [z.literal(1), z.literal(2), z.literal(3)],
  'This piece file is of a version this ledger does not read: its “version” should be 1, 2 or 3.',
);

/** A piece of any version. */
const anyPiece = z.preprocess(withStandardTerms, pieceSchema);

/** A piece as a file, or several in one; see docs/formats/piece.md. */
export const pieceFileSchema = z.discriminatedUnion(
  'format',
  [
    z.strictObject({ format: z.literal('noon-ledger/piece'), version, piece: anyPiece, photos }),
    z.strictObject({
      format: z.literal('noon-ledger/pieces'),
      version,
      pieces: z.array(anyPiece).max(20_000),
      photos,
    }),
  ],
  'This is not a Noon Ledger piece file: its “format” should be “noon-ledger/piece” or “noon-ledger/pieces”.',
);
/** A file of one piece or several. */
export type PieceFile = z.infer<typeof pieceFileSchema>;

/** One accepted revision. */
const pieceRevisionSchema = z.object({ id: z.string(), revision: z.int(), body: pieceSchema });
/** An accepted revision of a piece. */
export type PieceRevision = z.infer<typeof pieceRevisionSchema>;

/** Routes of pieces. */
export const pieceRoutes = {
  list: route({
    ...piecePaths.list,
    tag: 'pieces',
    summary: 'All pieces, drafts included',
    answer: pieceListSchema,
  }),
  add: route({
    ...piecePaths.add,
    tag: 'pieces',
    summary: 'Add a piece as a draft',
    body: pieceSchema,
    answer: pieceDocumentSchema,
    status: 201,
  }),
  importFile: route({
    ...piecePaths.importFile,
    tag: 'pieces',
    summary: 'Add the pieces of a file',
    body: pieceFileSchema,
    answer: pieceListSchema,
    status: 201,
  }),
  exportFile: route({
    ...piecePaths.exportFile,
    tag: 'pieces',
    summary: 'Several pieces in one file; all that are not archived when none is named',
    query: z.object({ ids: z.string().max(40_000).optional() }),
    answer: pieceFileSchema,
  }),
  exportOne: route({
    method: 'GET',
    path: '/api/pieces/:id/file',
    tag: 'pieces',
    summary: 'The piece as a file of its own',
    params: documentParams,
    answer: pieceFileSchema,
  }),
  revision: route({
    ...piecePaths.revision,
    tag: 'pieces',
    summary: 'An accepted revision as it was',
    params: documentParams.extend({ revision: z.coerce.number().int().min(1) }),
    answer: pieceRevisionSchema,
  }),
  ...documentRoutes(documentFolders.piece, pieceSchema),
};

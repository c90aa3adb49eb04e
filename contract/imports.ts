// Routes that import the rows of a file together, and undo an import as one.
import { z } from 'zod';
import { jarKinds } from '../core/account/place.ts';
import { newLotSchema } from '../core/batch/stock/shelf.ts';
import { typedSchema } from '../core/measure/typed.ts';
import { pieceSchema } from '../core/piece/piece.ts';
import { idSchema } from './document.ts';
import { route } from './route.ts';

/** Rows of one import at most. */
const MOST_ROWS = 20_000;

const pieceRowSchema = z.strictObject({
  piece: pieceSchema,
  /** A piece that is there and only gets the prices; null for a new one. */
  id: idSchema.nullable(),
  wholesaleMinor: z.int().min(0).nullable(),
  retailMinor: z.int().min(0).nullable(),
});
/** A piece of a file. */
export type ImportedPieceRow = z.infer<typeof pieceRowSchema>;

const importedPiecesSchema = z.strictObject({
  rows: z.array(pieceRowSchema).min(1).max(MOST_ROWS),
  /** Name of the file, for the reason of the prices. */
  source: z.string().trim().min(1).max(120),
});

/** What an import of pieces did, as its undo needs it. */
const piecesImportedSchema = z.strictObject({
  /** Ids of the new pieces. */
  added: z.array(idSchema).max(MOST_ROWS),
  /** Prices that were set before, of pieces that got others. */
  before: z
    .array(z.strictObject({ pieceId: idSchema, wholesaleMinor: z.int().min(0), retailMinor: z.int().min(0) }))
    .max(MOST_ROWS),
});
/** What an import of pieces did. */
export type PiecesImported = z.infer<typeof piecesImportedSchema>;

const lotIdsSchema = z.strictObject({ lots: z.array(z.string().min(1).max(40)).max(MOST_ROWS) });
const entryIdsSchema = z.strictObject({ entries: z.array(z.int()).max(MOST_ROWS) });
const jarRowSchema = z.strictObject({ kind: z.enum(jarKinds), alloy: idSchema, grams: typedSchema });
const suppliersSchema = z.strictObject({ suppliers: z.array(z.string().min(1).max(120)).min(1).max(200) });

/** Routes of imports. */
export const importRoutes = {
  pieces: route({
    method: 'POST',
    path: '/api/imports/pieces',
    tag: 'imports',
    summary: 'Add simple pieces of a spreadsheet with their prices, all or none',
    body: importedPiecesSchema,
    answer: piecesImportedSchema,
    status: 201,
  }),
  undoPieces: route({
    method: 'POST',
    path: '/api/imports/pieces/undo',
    tag: 'imports',
    summary: 'Undo an import of pieces: new ones go to the trash, prices are set as before',
    body: piecesImportedSchema,
    answer: z.object({ removed: z.int().min(0) }),
  }),
  stock: route({
    method: 'POST',
    path: '/api/imports/stock',
    tag: 'imports',
    summary: 'Receive the stock of a list, all or none',
    body: z.strictObject({ rows: z.array(newLotSchema).min(1).max(MOST_ROWS) }),
    answer: lotIdsSchema,
    status: 201,
  }),
  undoStock: route({
    method: 'POST',
    path: '/api/imports/stock/undo',
    tag: 'imports',
    summary: 'Undo an import of stock by counter-entries',
    body: lotIdsSchema,
    answer: z.object({ removed: z.int().min(0) }),
  }),
  jars: route({
    method: 'POST',
    path: '/api/imports/jars',
    tag: 'imports',
    summary: 'Enter what lies in jars of scrap as opening balance, all or none',
    body: z.strictObject({ rows: z.array(jarRowSchema).min(1).max(MOST_ROWS) }),
    answer: entryIdsSchema,
    status: 201,
  }),
  undoJars: route({
    method: 'POST',
    path: '/api/imports/jars/undo',
    tag: 'imports',
    summary: 'Undo an import of jars by counter-entries',
    body: entryIdsSchema,
    answer: z.object({ removed: z.int().min(0) }),
  }),
  undoPriceList: route({
    method: 'POST',
    path: '/api/imports/price-list/undo',
    tag: 'imports',
    summary: 'Set the price lists of suppliers as they were before their last one',
    body: suppliersSchema,
    answer: z.object({ removed: z.int().min(0) }),
  }),
};

// Imports of files, and their undo.
import type { FastifyInstance } from 'fastify';
import { importRoutes } from '../../contract/imports.ts';
import { PIECE_FILE_LIMIT_BYTES } from '../../contract/pieces.ts';
import {
  importJars,
  importPieces,
  importStock,
  undoImportedJars,
  undoImportedPieces,
  undoImportedStock,
} from '../services/import-rows.ts';
import type { Stores } from '../store/stores.ts';
import { answerRoute } from './register.ts';

/** Registers the routes of imports. */
export function registerImports(app: FastifyInstance, stores: Stores): void {
  const bodyLimit = PIECE_FILE_LIMIT_BYTES;
  answerRoute(app, importRoutes.pieces, ({ body }) => importPieces(stores, body.rows, body.source), { bodyLimit });
  answerRoute(app, importRoutes.undoPieces, ({ body }) => ({ removed: undoImportedPieces(stores, body) }), {
    bodyLimit,
  });
  answerRoute(app, importRoutes.stock, ({ body }) => ({ lots: importStock(stores, body.rows) }), { bodyLimit });
  answerRoute(app, importRoutes.undoStock, ({ body }) => ({ removed: undoImportedStock(stores, body.lots) }));
  answerRoute(app, importRoutes.jars, ({ body }) => ({ entries: importJars(stores, body.rows) }), { bodyLimit });
  answerRoute(app, importRoutes.undoJars, ({ body }) => ({ removed: undoImportedJars(stores, body.entries) }));
  answerRoute(app, importRoutes.undoPriceList, ({ body }) => {
    for (const supplier of body.suppliers) stores.priceLists.undoLast(supplier);
    return { removed: body.suppliers.length };
  });
}

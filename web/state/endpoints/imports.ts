// Imports of files.
import { type ImportedPieceRow, importRoutes, type PiecesImported } from '../../../contract/imports.ts';
import type { NewLot } from '../../../core/batch/stock/shelf.ts';
import type { JarRow } from '../../../core/import/jar-rows.ts';
import { api, parsedBy, requestOf } from '../api.ts';

const injected = api.injectEndpoints({
  endpoints: (build) => ({
    importPieces: build.mutation<PiecesImported, { rows: ImportedPieceRow[]; source: string }>({
      query: (body) => requestOf(importRoutes.pieces, { body }),
      extraOptions: { isEntry: true },
      transformResponse: parsedBy(importRoutes.pieces),
      invalidatesTags: ['Pieces', 'Prices'],
    }),
    undoImportedPieces: build.mutation<unknown, PiecesImported>({
      query: (body) => requestOf(importRoutes.undoPieces, { body }),
      extraOptions: { isEntry: true },
      invalidatesTags: ['Pieces', 'Prices'],
    }),
    importStock: build.mutation<{ lots: string[] }, { rows: NewLot[] }>({
      query: (body) => requestOf(importRoutes.stock, { body }),
      extraOptions: { isEntry: true },
      transformResponse: parsedBy(importRoutes.stock),
      invalidatesTags: ['Shelf', 'Account', 'Receipts'],
    }),
    undoImportedStock: build.mutation<unknown, { lots: string[] }>({
      query: (body) => requestOf(importRoutes.undoStock, { body }),
      extraOptions: { isEntry: true },
      invalidatesTags: ['Shelf', 'Account', 'Receipts'],
    }),
    importJars: build.mutation<{ entries: number[] }, { rows: JarRow[] }>({
      query: (body) => requestOf(importRoutes.jars, { body }),
      extraOptions: { isEntry: true },
      transformResponse: parsedBy(importRoutes.jars),
      invalidatesTags: ['Account'],
    }),
    undoImportedJars: build.mutation<unknown, { entries: number[] }>({
      query: (body) => requestOf(importRoutes.undoJars, { body }),
      extraOptions: { isEntry: true },
      invalidatesTags: ['Account'],
    }),
    undoPriceList: build.mutation<unknown, { suppliers: string[] }>({
      query: (body) => requestOf(importRoutes.undoPriceList, { body }),
      extraOptions: { isEntry: true },
      invalidatesTags: ['PriceLists'],
    }),
  }),
});

export const {
  useImportPiecesMutation,
  useUndoImportedPiecesMutation,
  useImportJarsMutation,
  useImportStockMutation,
  useUndoImportedJarsMutation,
  useUndoImportedStockMutation,
  useUndoPriceListMutation,
} = injected;

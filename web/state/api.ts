// The server over RTK Query: one endpoint a route of the contract.
import { createApi, fetchBaseQuery } from '@reduxjs/toolkit/query/react';
import type { BatchDocument, BatchWithPieces } from '../../contract/batches.ts';
import type { DocumentOf } from '../../contract/document.ts';
import type { PieceDocument, PieceRevision } from '../../contract/pieces.ts';
import type { BenchPage } from '../../contract/plan.ts';
import type { FairDocument } from '../../contract/fairs.ts';
import type { OfferedDay } from '../../contract/fixes.ts';
import type { NewPrices, PriceEntry } from '../../contract/prices.ts';
import type { QuoteDocument } from '../../contract/quotes.ts';
import type { LotCount, ShelfPage } from '../../contract/shelf.ts';
import type { PhotoAdded } from '../../contract/photos.ts';
import type { StudioDocument } from '../../contract/studio.ts';
import type { Batch } from '../../core/batch/batch.ts';
import type { AcceptedCut } from '../../core/batch/cutting/issue-metal.ts';
import type { GoodsCounted, Stocked } from '../../core/batch/buying/goods.ts';
import type { SupplierItem } from '../../core/batch/buying/price-list.ts';
import type { NewLot, ShelfEntry } from '../../core/batch/stock/shelf.ts';
import type { Fix, NewFix } from '../../core/metal/fix.ts';
import type { NewReceipt, Receipt } from '../../core/metal/receipt.ts';
import type { NewBenchEntry } from '../../core/plan/studio/bench-entry.ts';
import type { KeptPlan } from '../../core/plan/studio/kept-plan.ts';
import type { Piece } from '../../core/piece/piece.ts';
import type { Fair } from '../../core/price/fair/fair.ts';
import type { Quote } from '../../core/price/quote/quote.ts';
import type { FirstRun, Studio } from '../../core/studio/studio.ts';

export interface Bodies {
  readonly piece: Piece;
  readonly batch: Batch;
  readonly studio: Studio;
  readonly fair: Fair;
  readonly quote: Quote;
}
export type DocumentKind = keyof Bodies;

/** A document's place in the ledger. */
export interface DocumentKey {
  readonly kind: DocumentKind;
  readonly id: string;
}

const tagByKind = { piece: 'Pieces', batch: 'Batches', studio: 'Studio', fair: 'Fairs', quote: 'Quotes' } as const;
const folderByKind = { piece: 'pieces', batch: 'batches', fair: 'fairs', quote: 'quotes' } as const;

/** Where a document is, below /api. */
export function pathOf({ kind, id }: DocumentKey): string {
  if (kind === 'studio') return 'studio';
  return `${folderByKind[kind]}/${id}`;
}

export const api = createApi({
  baseQuery: fetchBaseQuery({ baseUrl: '/api' }),
  tagTypes: [
    'Pieces',
    'Batches',
    'Studio',
    'Fixes',
    'Receipts',
    'Prices',
    'Fairs',
    'Quotes',
    'Shelf',
    'Goods',
    'PriceLists',
    'Bench',
  ],
  refetchOnMountOrArgChange: true,
  endpoints: (build) => ({
    getStudio: build.query<StudioDocument, void>({ query: () => 'studio', providesTags: ['Studio'] }),
    setUpStudio: build.mutation<StudioDocument, FirstRun>({
      query: (body) => ({ url: 'studio', method: 'POST', body }),
      invalidatesTags: ['Studio'],
    }),
    getPieces: build.query<PieceDocument[], void>({ query: () => 'pieces', providesTags: ['Pieces'] }),
    addPiece: build.mutation<PieceDocument, Piece>({
      query: (body) => ({ url: 'pieces', method: 'POST', body }),
      invalidatesTags: ['Pieces'],
    }),
    archivePiece: build.mutation<DocumentOf<unknown>, { id: string; version: number; archived: boolean }>({
      query: ({ id, ...body }) => ({ url: `pieces/${id}/archive`, method: 'POST', body }),
      invalidatesTags: ['Pieces'],
    }),
    addPhoto: build.mutation<PhotoAdded, File>({
      query: (file) => ({ url: 'photos', method: 'POST', body: file, headers: { 'content-type': file.type } }),
    }),
    addPieceFile: build.mutation<PieceDocument[], string>({
      query: (body) => ({ url: 'pieces/file', method: 'POST', body, headers: { 'content-type': 'application/json' } }),
      invalidatesTags: ['Pieces'],
    }),
    getPieceRevision: build.query<PieceRevision, { id: string; revision: number }>({
      query: ({ id, revision }) => `pieces/${id}/revisions/${String(revision)}`,
    }),
    getBatches: build.query<BatchWithPieces[], void>({ query: () => 'batches', providesTags: ['Batches'] }),
    addBatch: build.mutation<BatchDocument, Batch>({
      query: (body) => ({ url: 'batches', method: 'POST', body }),
      invalidatesTags: ['Batches'],
    }),
    getDocument: build.query<DocumentOf<unknown>, DocumentKey>({ query: pathOf, keepUnusedDataFor: 0 }),
    saveDraft: build.mutation<DocumentOf<unknown>, DocumentKey & { version: number; body: unknown }>({
      query: ({ version, body, ...key }) => ({ url: `${pathOf(key)}/draft`, method: 'PUT', body: { version, body } }),
      invalidatesTags: (_result, _error, { kind }) => [tagByKind[kind]],
    }),
    dropDraft: build.mutation<DocumentOf<unknown>, DocumentKey & { version: number }>({
      query: ({ version, ...key }) => ({ url: `${pathOf(key)}/draft`, method: 'DELETE', body: { version } }),
      invalidatesTags: (_result, _error, { kind }) => [tagByKind[kind]],
    }),
    acceptDraft: build.mutation<DocumentOf<unknown>, DocumentKey & { version: number }>({
      query: ({ version, ...key }) => ({ url: `${pathOf(key)}/revisions`, method: 'POST', body: { version } }),
      // A batch that is called off gives its metal back.
      invalidatesTags: (_result, _error, { kind }) =>
        kind === 'batch' ? [tagByKind[kind], 'Shelf'] : [tagByKind[kind]],
    }),
    removeDocument: build.mutation<null, DocumentKey & { version: number }>({
      query: ({ version, ...key }) => ({ url: pathOf(key), method: 'DELETE', body: { version } }),
      invalidatesTags: (_result, _error, { kind }) => [tagByKind[kind]],
    }),
    getPrices: build.query<PriceEntry[], string>({
      query: (pieceId) => `pieces/${pieceId}/prices`,
      providesTags: ['Prices', 'Pieces'],
    }),
    addPrices: build.mutation<PriceEntry[], NewPrices>({
      query: (body) => ({ url: 'prices', method: 'POST', body }),
      invalidatesTags: ['Prices', 'Pieces'],
    }),
    getReceipts: build.query<Receipt[], void>({ query: () => 'receipts', providesTags: ['Receipts'] }),
    addReceipt: build.mutation<Receipt, NewReceipt>({
      query: (body) => ({ url: 'receipts', method: 'POST', body }),
      invalidatesTags: ['Receipts'],
    }),
    getShelf: build.query<ShelfPage, void>({ query: () => 'shelf', providesTags: ['Shelf'] }),
    addLot: build.mutation<ShelfPage, NewLot>({
      query: (body) => ({ url: 'shelf', method: 'POST', body }),
      invalidatesTags: ['Shelf'],
    }),
    countLot: build.mutation<ShelfPage, LotCount & { id: string }>({
      query: ({ id, ...body }) => ({ url: `shelf/${id}/count`, method: 'POST', body }),
      invalidatesTags: ['Shelf'],
    }),
    getBatchMetal: build.query<ShelfEntry[], string>({
      query: (id) => `batches/${id}/metal`,
      providesTags: ['Shelf'],
    }),
    issueMetal: build.mutation<ShelfPage, AcceptedCut & { id: string }>({
      query: ({ id, ...body }) => ({ url: `batches/${id}/cut`, method: 'POST', body }),
      invalidatesTags: ['Shelf', 'Batches'],
    }),
    giveBack: build.mutation<ShelfPage, string>({
      query: (id) => ({ url: `batches/${id}/give-back`, method: 'POST' }),
      invalidatesTags: ['Shelf', 'Batches'],
    }),
    getBench: build.query<BenchPage, void>({ query: () => 'bench', providesTags: ['Bench'] }),
    addBenchEntries: build.mutation<BenchPage, readonly NewBenchEntry[]>({
      query: (entries) => ({ url: 'bench', method: 'POST', body: { entries } }),
      invalidatesTags: ['Bench'],
    }),
    keepPlan: build.mutation<BenchPage, Pick<KeptPlan, 'blocks'>>({
      query: (body) => ({ url: 'plan', method: 'POST', body }),
      invalidatesTags: ['Bench'],
    }),
    getPriceLists: build.query<SupplierItem[], void>({ query: () => 'price-lists', providesTags: ['PriceLists'] }),
    addPriceList: build.mutation<SupplierItem[], readonly SupplierItem[]>({
      query: (body) => ({ url: 'price-lists', method: 'POST', body }),
      invalidatesTags: ['PriceLists'],
    }),
    getGoods: build.query<Stocked[], void>({ query: () => 'goods', providesTags: ['Goods'] }),
    countGoods: build.mutation<Stocked[], GoodsCounted>({
      query: (body) => ({ url: 'goods/count', method: 'POST', body }),
      invalidatesTags: ['Goods'],
    }),
    getFairs: build.query<FairDocument[], void>({ query: () => 'fairs', providesTags: ['Fairs'] }),
    addFair: build.mutation<FairDocument, Fair>({
      query: (body) => ({ url: 'fairs', method: 'POST', body }),
      invalidatesTags: ['Fairs'],
    }),
    getQuotes: build.query<QuoteDocument[], void>({ query: () => 'quotes', providesTags: ['Quotes'] }),
    addQuote: build.mutation<QuoteDocument, Quote>({
      query: (body) => ({ url: 'quotes', method: 'POST', body }),
      invalidatesTags: ['Quotes'],
    }),
    getOffered: build.query<OfferedDay[], { until: string; days: number; currency: string }>({
      query: (params) => ({ url: 'prices-offered', params }),
    }),
    addFixes: build.mutation<Fix[], NewFix[]>({
      query: (fixes) => ({ url: 'fixes/many', method: 'POST', body: { fixes } }),
      invalidatesTags: ['Fixes'],
    }),
    getFixes: build.query<Fix[], void>({ query: () => 'fixes', providesTags: ['Fixes'] }),
    addFix: build.mutation<Fix, NewFix>({
      query: (body) => ({ url: 'fixes', method: 'POST', body }),
      invalidatesTags: ['Fixes'],
    }),
  }),
});

export const {
  useGetStudioQuery,
  useSetUpStudioMutation,
  useGetPiecesQuery,
  useAddPieceMutation,
  useAddPieceFileMutation,
  useArchivePieceMutation,
  useAddPhotoMutation,
  useGetPieceRevisionQuery,
  useGetBatchesQuery,
  useAddBatchMutation,
  useGetDocumentQuery,
  useRemoveDocumentMutation,
  useGetFixesQuery,
  useAddFixMutation,
  useAddFixesMutation,
  useLazyGetOfferedQuery,
  useGetReceiptsQuery,
  useAddReceiptMutation,
  useGetPricesQuery,
  useAddPricesMutation,
  useGetFairsQuery,
  useAddFairMutation,
  useGetQuotesQuery,
  useAddQuoteMutation,
  useGetShelfQuery,
  useAddLotMutation,
  useCountLotMutation,
  useGetBatchMetalQuery,
  useGetBenchQuery,
  useAddBenchEntriesMutation,
  useKeepPlanMutation,
  useGetPriceListsQuery,
  useGetGoodsQuery,
  useCountGoodsMutation,
  useAddPriceListMutation,
  useIssueMetalMutation,
  useGiveBackMutation,
} = api;

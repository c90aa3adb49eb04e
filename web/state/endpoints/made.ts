// Finished pieces: what is where, sales, counts, outlets.
import {
  type FairSold,
  type GradeChange,
  type MadeLeave,
  type MadeMove,
  type MadeOpening,
  type MadePage,
  madeRoutes,
  type NewSale,
  type PiecesCounted,
  type SalesImport,
  type TakeIn,
} from '../../../contract/made.ts';
import type { MadeEntry } from '../../../core/made/made-entry.ts';
import type { MadeDetail, MadeItem } from '../../../core/made/made-item.ts';
import type { NewOutlet, Outlet } from '../../../core/made/outlet.ts';
import { api, parsedBy, requestOf } from '../api.ts';

const entry = {
  extraOptions: { isEntry: true },
  // Pieces that leave take their metal with them.
  invalidatesTags: ['Made', 'Account', 'Shelf'],
} as const;

const injected = api.injectEndpoints({
  endpoints: (build) => ({
    getMade: build.query<MadePage, undefined>({
      query: () => requestOf(madeRoutes.page),
      transformResponse: parsedBy(madeRoutes.page),
      providesTags: ['Made'],
    }),
    takeIn: build.mutation<MadeEntry[], TakeIn & { id: string }>({
      query: ({ id, ...body }) => requestOf(madeRoutes.takeIn, { params: { id }, body }),
      ...entry,
    }),
    openMade: build.mutation<MadeEntry[], MadeOpening>({
      query: (body) => requestOf(madeRoutes.opening, { body }),
      ...entry,
    }),
    movePieces: build.mutation<MadeEntry[], MadeMove>({
      query: (body) => requestOf(madeRoutes.move, { body }),
      ...entry,
    }),
    leavePieces: build.mutation<MadeEntry[], MadeLeave>({
      query: (body) => requestOf(madeRoutes.leave, { body }),
      ...entry,
    }),
    gradePieces: build.mutation<MadeEntry[], GradeChange>({
      query: (body) => requestOf(madeRoutes.grade, { body }),
      ...entry,
    }),
    sellPieces: build.mutation<MadeEntry[], NewSale>({
      query: (body) => requestOf(madeRoutes.sell, { body }),
      ...entry,
    }),
    refundSale: build.mutation<MadeEntry[], { id: number; on: string; why: string }>({
      query: ({ id, ...body }) => requestOf(madeRoutes.refund, { params: { id }, body }),
      ...entry,
    }),
    tickOffFair: build.mutation<MadeEntry[], FairSold>({
      query: (body) => requestOf(madeRoutes.fairSold, { body }),
      ...entry,
    }),
    countPieces: build.mutation<MadeEntry[], PiecesCounted>({
      query: (body) => requestOf(madeRoutes.count, { body }),
      ...entry,
    }),
    importSales: build.mutation<MadeEntry[], SalesImport>({
      query: (body) => requestOf(madeRoutes.importSales, { body }),
      ...entry,
    }),
    importOpening: build.mutation<MadeEntry[], { rows: MadeOpening[] }>({
      query: (body) => requestOf(madeRoutes.importOpening, { body }),
      ...entry,
    }),
    undoImportedSales: build.mutation<MadeEntry[], { entries: number[] }>({
      query: (body) => requestOf(madeRoutes.undoImport, { body }),
      ...entry,
    }),
    reverseMade: build.mutation<MadeEntry[], { id: number; why: string }>({
      query: ({ id, why }) => requestOf(madeRoutes.reverse, { params: { id }, body: { why } }),
      ...entry,
    }),
    keepMadeDetail: build.mutation<MadeItem, MadeDetail & { id: string }>({
      query: ({ id, ...body }) => requestOf(madeRoutes.keepDetail, { params: { id }, body }),
      ...entry,
    }),
    keepOutlet: build.mutation<Outlet, NewOutlet & { id: string }>({
      query: ({ id, ...body }) => requestOf(madeRoutes.keepOutlet, { params: { id }, body }),
      ...entry,
    }),
  }),
});

export const {
  useGetMadeQuery,
  useTakeInMutation,
  useOpenMadeMutation,
  useMovePiecesMutation,
  useLeavePiecesMutation,
  useGradePiecesMutation,
  useSellPiecesMutation,
  useRefundSaleMutation,
  useTickOffFairMutation,
  useCountPiecesMutation,
  useImportOpeningMutation,
  useImportSalesMutation,
  useUndoImportedSalesMutation,
  useReverseMadeMutation,
  useKeepMadeDetailMutation,
  useKeepOutletMutation,
} = injected;

// Metal prices and metal received.
import { fixRoutes, type OfferedDay } from '../../../contract/fixes.ts';
import { receiptRoutes } from '../../../contract/receipts.ts';
import type { Fix, NewFix } from '../../../core/metal/fix.ts';
import type { Receipt } from '../../../core/metal/receipt.ts';
import { api, parsedBy, requestOf } from '../api.ts';

const injected = api.injectEndpoints({
  endpoints: (build) => ({
    getFixes: build.query<Fix[], void>({
      query: () => requestOf(fixRoutes.list),
      transformResponse: parsedBy(fixRoutes.list),
      providesTags: ['Fixes'],
    }),
    addFix: build.mutation<Fix, NewFix>({
      query: (body) => requestOf(fixRoutes.add, { body }),
      extraOptions: { isEntry: true },
      transformResponse: parsedBy(fixRoutes.add),
      invalidatesTags: ['Fixes'],
    }),
    addFixes: build.mutation<Fix[], NewFix[]>({
      query: (fixes) => requestOf(fixRoutes.addMany, { body: { fixes } }),
      extraOptions: { isEntry: true },
      transformResponse: parsedBy(fixRoutes.addMany),
      invalidatesTags: ['Fixes'],
    }),
    getOffered: build.query<OfferedDay[], { until: string; days: number; currency: string }>({
      query: (arg) => requestOf(fixRoutes.offered, { query: arg }),
      transformResponse: parsedBy(fixRoutes.offered),
    }),
    getReceipts: build.query<Receipt[], void>({
      query: () => requestOf(receiptRoutes.list),
      transformResponse: parsedBy(receiptRoutes.list),
      providesTags: ['Receipts'],
    }),
  }),
});

export const { useGetFixesQuery, useAddFixMutation, useAddFixesMutation, useLazyGetOfferedQuery, useGetReceiptsQuery } =
  injected;

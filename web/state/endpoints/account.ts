// The metal account: balances, entries, batches, jars, refining and conversions.
import {
  type AccountPage,
  accountRoutes,
  type Conversion,
  type IntoJar,
  type JarsPage,
  type LotStory,
  type SendToRefiner,
  type Settlement,
  type StockUse,
} from '../../../contract/account.ts';
import type { MetalEntry } from '../../../core/account/entry.ts';
import type { JarKind } from '../../../core/account/place.ts';
import type { TypedReturn } from '../../../core/batch/read-return.ts';
import { api, parsedBy, requestOf } from '../api.ts';
import { METAL } from './stock.ts';

/** Which entries are asked for. */
interface EntriesAsked {
  readonly from?: string;
  readonly until?: string;
  readonly place?: string;
  readonly lotId?: string;
  readonly before?: number;
}

const entry = { extraOptions: { isEntry: true }, invalidatesTags: METAL } as const;

const injected = api.injectEndpoints({
  endpoints: (build) => ({
    getAccount: build.query<AccountPage, { from: string; until: string }>({
      query: (query) => requestOf(accountRoutes.page, { query }),
      transformResponse: parsedBy(accountRoutes.page),
      providesTags: ['Account'],
    }),
    getEntries: build.query<MetalEntry[], EntriesAsked>({
      query: (asked) => requestOf(accountRoutes.entries, { query: { ...asked } }),
      transformResponse: parsedBy(accountRoutes.entries),
      providesTags: ['Account'],
    }),
    correctEntry: build.mutation<MetalEntry[], { id: number; why: string }>({
      query: ({ id, why }) => requestOf(accountRoutes.reverse, { params: { id }, body: { why } }),
      ...entry,
    }),
    getStockUse: build.query<StockUse[], undefined>({
      query: () => requestOf(accountRoutes.used, {}),
      transformResponse: parsedBy(accountRoutes.used),
      providesTags: ['Account'],
    }),
    getLot: build.query<LotStory, string>({
      query: (id) => requestOf(accountRoutes.lot, { params: { id } }),
      transformResponse: parsedBy(accountRoutes.lot),
      providesTags: ['Account'],
    }),
    putLot: build.mutation<undefined, { id: string; where: string }>({
      query: ({ id, where }) => requestOf(accountRoutes.putLot, { params: { id }, body: { where } }),
      ...entry,
    }),
    scrapLot: build.mutation<MetalEntry[], { id: string; on: string; amount: string; kind: JarKind; why: string }>({
      query: ({ id, ...body }) => requestOf(accountRoutes.scrapLot, { params: { id }, body }),
      ...entry,
    }),
    handBack: build.mutation<MetalEntry[], { id: string; on: string; why: string }>({
      query: ({ id, ...body }) => requestOf(accountRoutes.handBack, { params: { id }, body }),
      ...entry,
    }),
    issueByHand: build.mutation<MetalEntry[], { id: string; on: string; lot: string; amount: string }>({
      query: ({ id, ...body }) => requestOf(accountRoutes.issue, { params: { id }, body }),
      extraOptions: { isEntry: true },
      invalidatesTags: [...METAL, 'Batches'],
    }),
    returnMetal: build.mutation<MetalEntry[], TypedReturn & { id: string }>({
      query: ({ id, ...body }) => requestOf(accountRoutes.return, { params: { id }, body }),
      ...entry,
    }),
    getJars: build.query<JarsPage, void>({
      query: () => requestOf(accountRoutes.jars),
      transformResponse: parsedBy(accountRoutes.jars),
      providesTags: ['Account'],
    }),
    intoJar: build.mutation<MetalEntry[], IntoJar>({
      query: (body) => requestOf(accountRoutes.intoJar, { body }),
      ...entry,
    }),
    sendToRefiner: build.mutation<MetalEntry[], SendToRefiner>({
      query: (body) => requestOf(accountRoutes.send, { body }),
      ...entry,
    }),
    settle: build.mutation<MetalEntry[], Settlement & { id: string }>({
      query: ({ id, ...body }) => requestOf(accountRoutes.settle, { params: { id }, body }),
      ...entry,
    }),
    convert: build.mutation<MetalEntry[], Conversion>({
      query: (body) => requestOf(accountRoutes.convert, { body }),
      ...entry,
    }),
  }),
});

export const {
  useGetAccountQuery,
  useGetEntriesQuery,
  useCorrectEntryMutation,
  useGetLotQuery,
  useGetStockUseQuery,
  usePutLotMutation,
  useScrapLotMutation,
  useHandBackMutation,
  useIssueByHandMutation,
  useReturnMetalMutation,
  useGetJarsQuery,
  useIntoJarMutation,
  useSendToRefinerMutation,
  useSettleMutation,
  useConvertMutation,
} = injected;

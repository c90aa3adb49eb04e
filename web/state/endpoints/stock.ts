// Stock, goods, and what can be bought.
import { goodsRoutes } from '../../../contract/goods.ts';
import { orderRoutes } from '../../../contract/orders.ts';
import { priceListRoutes } from '../../../contract/price-lists.ts';
import { type LotCount, type ShelfPage, shelfRoutes } from '../../../contract/shelf.ts';
import type { MetalEntry } from '../../../core/account/entry.ts';
import type { GoodsCounted, Stocked } from '../../../core/batch/buying/goods.ts';
import type { NewOrder, Order, OrderReceipt } from '../../../core/batch/buying/order.ts';
import type { SupplierItem } from '../../../core/batch/buying/price-list.ts';
import type { AcceptedCut } from '../../../core/batch/cutting/issue-metal.ts';
import type { NewLot } from '../../../core/batch/stock/shelf.ts';
import { api, parsedBy, requestOf } from '../api.ts';

/** What changes with metal: stock, account, jars, and what was paid for it. */
export const METAL = ['Shelf', 'Account', 'Receipts'] as const;

const injected = api.injectEndpoints({
  endpoints: (build) => ({
    getShelf: build.query<ShelfPage, void>({
      query: () => requestOf(shelfRoutes.page),
      transformResponse: parsedBy(shelfRoutes.page),
      providesTags: ['Shelf'],
    }),
    addLot: build.mutation<MetalEntry[], NewLot>({
      query: (body) => requestOf(shelfRoutes.addLot, { body }),
      extraOptions: { isEntry: true },
      transformResponse: parsedBy(shelfRoutes.addLot),
      invalidatesTags: METAL,
    }),
    countLot: build.mutation<MetalEntry[], LotCount & { id: string }>({
      query: ({ id, ...body }) => requestOf(shelfRoutes.countLot, { params: { id }, body }),
      extraOptions: { isEntry: true },
      transformResponse: parsedBy(shelfRoutes.countLot),
      invalidatesTags: METAL,
    }),
    getBatchMetal: build.query<MetalEntry[], string>({
      query: (arg) => requestOf(shelfRoutes.ofBatch, { params: { id: arg } }),
      transformResponse: parsedBy(shelfRoutes.ofBatch),
      providesTags: ['Shelf', 'Account'],
    }),
    issueMetal: build.mutation<MetalEntry[], AcceptedCut & { id: string }>({
      query: ({ id, ...body }) => requestOf(shelfRoutes.issueMetal, { params: { id }, body }),
      extraOptions: { isEntry: true },
      transformResponse: parsedBy(shelfRoutes.issueMetal),
      invalidatesTags: [...METAL, 'Batches'],
    }),
    giveBack: build.mutation<MetalEntry[], string>({
      query: (id) => requestOf(shelfRoutes.giveBack, { params: { id } }),
      extraOptions: { isEntry: true },
      transformResponse: parsedBy(shelfRoutes.giveBack),
      invalidatesTags: [...METAL, 'Batches'],
    }),
    getGoods: build.query<Stocked[], void>({
      query: () => requestOf(goodsRoutes.list),
      transformResponse: parsedBy(goodsRoutes.list),
      providesTags: ['Goods'],
    }),
    countGoods: build.mutation<Stocked[], GoodsCounted>({
      query: (body) => requestOf(goodsRoutes.count, { body }),
      extraOptions: { isEntry: true },
      transformResponse: parsedBy(goodsRoutes.count),
      invalidatesTags: ['Goods'],
    }),
    getOrders: build.query<Order[], void>({
      query: () => requestOf(orderRoutes.list),
      transformResponse: parsedBy(orderRoutes.list),
      providesTags: ['Account'],
    }),
    addOrder: build.mutation<Order, NewOrder>({
      query: (body) => requestOf(orderRoutes.add, { body }),
      extraOptions: { isEntry: true },
      invalidatesTags: ['Account'],
    }),
    receiveOrder: build.mutation<Order, OrderReceipt & { id: string }>({
      query: ({ id, ...body }) => requestOf(orderRoutes.receive, { params: { id }, body }),
      extraOptions: { isEntry: true },
      invalidatesTags: [...METAL, 'Goods'],
    }),
    cancelOrder: build.mutation<Order, string>({
      query: (id) => requestOf(orderRoutes.cancel, { params: { id } }),
      extraOptions: { isEntry: true },
      invalidatesTags: ['Account'],
    }),
    getPriceLists: build.query<SupplierItem[], void>({
      query: () => requestOf(priceListRoutes.list),
      transformResponse: parsedBy(priceListRoutes.list),
      providesTags: ['PriceLists'],
    }),
    addPriceList: build.mutation<{ added: number }, readonly SupplierItem[]>({
      query: (body) => requestOf(priceListRoutes.add, { body }),
      extraOptions: { isEntry: true },
      transformResponse: parsedBy(priceListRoutes.add),
      invalidatesTags: ['PriceLists'],
    }),
  }),
});

export const {
  useGetShelfQuery,
  useAddLotMutation,
  useCountLotMutation,
  useGetBatchMetalQuery,
  useIssueMetalMutation,
  useGiveBackMutation,
  useGetGoodsQuery,
  useCountGoodsMutation,
  useGetOrdersQuery,
  useAddOrderMutation,
  useReceiveOrderMutation,
  useCancelOrderMutation,
  useGetPriceListsQuery,
  useAddPriceListMutation,
} = injected;

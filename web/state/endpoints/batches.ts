// Batches with the pieces they are made from.
import { type BatchDocument, batchRoutes, type BatchWithPieces } from '../../../contract/batches.ts';
import type { Batch } from '../../../core/batch/batch.ts';
import { api, parsedBy, requestOf } from '../api.ts';

export const batchesApi = api.injectEndpoints({
  endpoints: (build) => ({
    getBatches: build.query<BatchWithPieces[], void>({
      query: () => requestOf(batchRoutes.list),
      transformResponse: parsedBy(batchRoutes.list),
      providesTags: ['Batches'],
    }),
    addBatch: build.mutation<BatchDocument, Batch>({
      query: (body) => requestOf(batchRoutes.add, { body }),
      extraOptions: { isEntry: true },
      transformResponse: parsedBy(batchRoutes.add),
      invalidatesTags: ['Batches'],
    }),
  }),
});

export const { useGetBatchesQuery, useAddBatchMutation } = batchesApi;

// The bench log.
import { type BenchPage, planRoutes } from '../../../contract/plan.ts';
import type { NewBenchEntry } from '../../../core/bench/bench-entry.ts';
import { api, parsedBy, requestOf } from '../api.ts';

const injected = api.injectEndpoints({
  endpoints: (build) => ({
    getBench: build.query<BenchPage, void>({
      query: () => requestOf(planRoutes.bench),
      transformResponse: parsedBy(planRoutes.bench),
      providesTags: ['Bench'],
    }),
    addBenchEntries: build.mutation<BenchPage, readonly NewBenchEntry[]>({
      query: (entries) => requestOf(planRoutes.addEntries, { body: { entries } }),
      extraOptions: { isEntry: true },
      transformResponse: parsedBy(planRoutes.addEntries),
      invalidatesTags: ['Bench'],
    }),
  }),
});

export const { useGetBenchQuery, useAddBenchEntriesMutation } = injected;

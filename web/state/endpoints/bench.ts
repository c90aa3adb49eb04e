// The bench log, and the kept plan.
import { type BenchPage, planRoutes } from '../../../contract/plan.ts';
import type { NewBenchEntry } from '../../../core/plan/studio/bench-entry.ts';
import type { KeptPlan } from '../../../core/plan/studio/kept-plan.ts';
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
      transformResponse: parsedBy(planRoutes.addEntries),
      invalidatesTags: ['Bench'],
    }),
    keepPlan: build.mutation<BenchPage, Pick<KeptPlan, 'blocks'>>({
      query: (body) => requestOf(planRoutes.keep, { body }),
      transformResponse: parsedBy(planRoutes.keep),
      invalidatesTags: ['Bench'],
    }),
  }),
});

export const { useGetBenchQuery, useAddBenchEntriesMutation, useKeepPlanMutation } = injected;

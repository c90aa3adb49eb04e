// The plan that the server keeps.
import { type PlanPage, planRoutes, type PlanVersions } from '../../../contract/plan.ts';
import { api, parsedBy, requestOf } from '../api.ts';
import { rightNow } from '../clock.ts';

const injected = api.injectEndpoints({
  endpoints: (build) => ({
    getPlan: build.query<PlanPage, void>({
      // The moment is no part of the question: the plan is the same whenever it is asked for.
      query: () => requestOf(planRoutes.plan, { query: rightNow() }),
      transformResponse: parsedBy(planRoutes.plan),
      providesTags: ['Plan', 'Bench', 'Batches', 'Studio', 'Pieces'],
    }),
    getPlanVersions: build.query<PlanVersions, void>({
      query: () => requestOf(planRoutes.versions),
      transformResponse: parsedBy(planRoutes.versions),
      providesTags: ['Plan'],
    }),
    replan: build.mutation<PlanPage, void>({
      query: () => requestOf(planRoutes.replan, { body: rightNow() }),
      transformResponse: parsedBy(planRoutes.replan),
      invalidatesTags: ['Plan'],
    }),
    takePlan: build.mutation<PlanPage, number>({
      query: (version) => requestOf(planRoutes.take, { body: { ...rightNow(), version } }),
      transformResponse: parsedBy(planRoutes.take),
      invalidatesTags: ['Plan'],
    }),
  }),
});

export const { useGetPlanQuery, useGetPlanVersionsQuery, useReplanMutation, useTakePlanMutation } = injected;

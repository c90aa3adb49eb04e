// Fairs.
import { type FairDocument, fairRoutes } from '../../../contract/fairs.ts';
import type { Fair } from '../../../core/price/fair/fair.ts';
import { api, parsedBy, requestOf } from '../api.ts';

export const fairsApi = api.injectEndpoints({
  endpoints: (build) => ({
    getFairs: build.query<FairDocument[], void>({
      query: () => requestOf(fairRoutes.list),
      transformResponse: parsedBy(fairRoutes.list),
      providesTags: ['Fairs'],
    }),
    addFair: build.mutation<FairDocument, Fair>({
      query: (body) => requestOf(fairRoutes.add, { body }),
      extraOptions: { isEntry: true },
      transformResponse: parsedBy(fairRoutes.add),
      invalidatesTags: ['Fairs'],
    }),
  }),
});

export const { useGetFairsQuery, useAddFairMutation } = fairsApi;

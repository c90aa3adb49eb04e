// The studio’s settings.
import { type StudioDocument, studioRoutes } from '../../../contract/studio.ts';
import type { FirstRun } from '../../../core/studio/studio.ts';
import { api, parsedBy, requestOf } from '../api.ts';

export const studioApi = api.injectEndpoints({
  endpoints: (build) => ({
    getStudio: build.query<StudioDocument, void>({
      query: () => requestOf(studioRoutes.get),
      transformResponse: parsedBy(studioRoutes.get),
      providesTags: ['Studio'],
    }),
    setUpStudio: build.mutation<StudioDocument, FirstRun>({
      query: (body) => requestOf(studioRoutes.setUp, { body }),
      transformResponse: parsedBy(studioRoutes.setUp),
      invalidatesTags: ['Studio'],
    }),
  }),
});

export const { useGetStudioQuery, useSetUpStudioMutation } = studioApi;

// Prices of pieces.
import { type NewPrices, type PriceEntry, priceRoutes } from '../../../contract/prices.ts';
import { api, parsedBy, requestOf } from '../api.ts';

const injected = api.injectEndpoints({
  endpoints: (build) => ({
    getPrices: build.query<PriceEntry[], string>({
      query: (arg) => requestOf(priceRoutes.ofPiece, { params: { id: arg } }),
      transformResponse: parsedBy(priceRoutes.ofPiece),
      providesTags: ['Prices', 'Pieces'],
    }),
    addPrices: build.mutation<PriceEntry[], NewPrices>({
      query: (body) => requestOf(priceRoutes.set, { body }),
      extraOptions: { isEntry: true },
      transformResponse: parsedBy(priceRoutes.set),
      invalidatesTags: ['Prices', 'Pieces'],
    }),
  }),
});

export const { useGetPricesQuery, useAddPricesMutation } = injected;

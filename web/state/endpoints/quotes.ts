// Quotes.
import { type QuoteDocument, quoteRoutes } from '../../../contract/quotes.ts';
import type { Quote } from '../../../core/price/quote/quote.ts';
import { api, parsedBy, requestOf } from '../api.ts';

export const quotesApi = api.injectEndpoints({
  endpoints: (build) => ({
    getQuotes: build.query<QuoteDocument[], void>({
      query: () => requestOf(quoteRoutes.list),
      transformResponse: parsedBy(quoteRoutes.list),
      providesTags: ['Quotes'],
    }),
    addQuote: build.mutation<QuoteDocument, Quote>({
      query: (body) => requestOf(quoteRoutes.add, { body }),
      extraOptions: { isEntry: true },
      transformResponse: parsedBy(quoteRoutes.add),
      invalidatesTags: ['Quotes'],
    }),
  }),
});

export const { useGetQuotesQuery, useAddQuoteMutation } = quotesApi;

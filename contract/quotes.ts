// Quotes over the wire.
import { z } from 'zod';
import { quoteSchema } from '../core/price/quote/quote.ts';
import { documentRoutes, documentSchema } from './document.ts';
import { route } from './route.ts';

const quoteDocumentSchema = documentSchema(quoteSchema);
export type QuoteDocument = z.infer<typeof quoteDocumentSchema>;

export const quoteRoutes = {
  list: route({
    method: 'GET',
    path: '/api/quotes',
    tag: 'quotes',
    summary: 'All of them, drafts included',
    answer: z.array(quoteDocumentSchema),
  }),
  add: route({
    method: 'POST',
    path: '/api/quotes',
    tag: 'quotes',
    summary: 'Add one as a draft',
    body: quoteSchema,
    answer: quoteDocumentSchema,
    status: 201,
  }),
  ...documentRoutes('quotes', quoteSchema),
};

// Routes of quotes.
import { z } from 'zod';
import { quoteSchema } from '../core/price/quote/quote.ts';
import { documentFolders, documentRoutes, documentSchema } from './document.ts';
import { route } from './route.ts';

const quoteDocumentSchema = documentSchema(quoteSchema);
/** A quote as a document. */
export type QuoteDocument = z.infer<typeof quoteDocumentSchema>;

/** Routes of quotes. */
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
  ...documentRoutes(documentFolders.quote, quoteSchema),
};

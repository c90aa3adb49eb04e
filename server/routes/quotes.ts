// Quotes: documents that save themselves; what was accepted is what the customer was told.
import type { FastifyPluginCallbackZod } from 'fastify-type-provider-zod';
import { quoteDocumentSchema, quoteDraftSchema, quoteListSchema } from '../../contract/quotes.ts';
import { quoteSchema } from '../../core/price/quote/quote.ts';
import type { Book } from '../store/book.ts';
import { plainDocumentRoutes } from './plain-documents.ts';

export function quoteRoutes(book: Book): FastifyPluginCallbackZod {
  return plainDocumentRoutes('quotes', book.quotes, {
    body: quoteSchema,
    document: quoteDocumentSchema,
    draft: quoteDraftSchema,
    list: quoteListSchema,
  });
}

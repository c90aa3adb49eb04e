// Fairs: documents that save themselves; what was planned stays beside what was sold.
import type { FastifyPluginCallbackZod } from 'fastify-type-provider-zod';
import { fairDocumentSchema, fairDraftSchema, fairListSchema } from '../../contract/fairs.ts';
import { fairSchema } from '../../core/price/fair/fair.ts';
import type { Book } from '../store/book.ts';
import { plainDocumentRoutes } from './plain-documents.ts';

export function fairRoutes(book: Book): FastifyPluginCallbackZod {
  return plainDocumentRoutes('fairs', book.fairs, {
    body: fairSchema,
    document: fairDocumentSchema,
    draft: fairDraftSchema,
    list: fairListSchema,
  });
}

// Quotes over the wire.
import type { z } from 'zod';
import { quoteSchema } from '../core/price/quote/quote.ts';
import { documentListSchema, documentSchema, draftSchema } from './document.ts';

export const quoteDocumentSchema = documentSchema(quoteSchema);
export const quoteDraftSchema = draftSchema(quoteSchema);
export const quoteListSchema = documentListSchema(quoteSchema);
export type QuoteDocument = z.infer<typeof quoteDocumentSchema>;

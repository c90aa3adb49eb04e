// Fairs over the wire.
import type { z } from 'zod';
import { fairSchema } from '../core/price/fair/fair.ts';
import { documentListSchema, documentSchema, draftSchema } from './document.ts';

export const fairDocumentSchema = documentSchema(fairSchema);
export const fairDraftSchema = draftSchema(fairSchema);
export const fairListSchema = documentListSchema(fairSchema);
export type FairDocument = z.infer<typeof fairDocumentSchema>;

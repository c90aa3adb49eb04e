// The studio's settings over the wire. There is one studio in a ledger; before the first run there is none.
import type { z } from 'zod';
import { studioSchema } from '../core/studio/studio.ts';
import { documentSchema, draftSchema } from './document.ts';

export const STUDIO_ID = 'studio';
export const studioDocumentSchema = documentSchema(studioSchema);
export const studioDraftSchema = draftSchema(studioSchema);
export type StudioDocument = z.infer<typeof studioDocumentSchema>;

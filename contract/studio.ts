// Routes of the studio's settings. A ledger has one studio; before the first run it has none.
import type { z } from 'zod';
import { firstRunSchema, studioSchema } from '../core/studio/studio.ts';
import { atVersionSchema, documentSchema, draftSchema } from './document.ts';
import { route } from './route.ts';

/** Id of the one studio document. */
export const STUDIO_ID = 'studio';
const studioDocumentSchema = documentSchema(studioSchema);
/** The studio's settings as a document. */
export type StudioDocument = z.infer<typeof studioDocumentSchema>;

const one = { tag: 'studio', answer: studioDocumentSchema } as const;

/** Routes of the studio's settings. */
export const studioRoutes = {
  get: route({ ...one, method: 'GET', path: '/api/studio', summary: 'The settings; 404 before the first run' }),
  setUp: route({
    ...one,
    method: 'POST',
    path: '/api/studio',
    summary: 'Set the studio up, once',
    body: firstRunSchema,
    status: 201,
  }),
  saveDraft: route({
    ...one,
    method: 'PUT',
    path: '/api/studio/draft',
    summary: 'Save the draft',
    body: draftSchema(studioSchema),
  }),
  dropDraft: route({
    ...one,
    method: 'DELETE',
    path: '/api/studio/draft',
    summary: 'Discard the draft and go back to the accepted settings',
    body: atVersionSchema,
  }),
  accept: route({
    ...one,
    method: 'POST',
    path: '/api/studio/revisions',
    summary: 'Accept the draft as the next revision',
    body: atVersionSchema,
  }),
};

// The studio's settings over the wire. There is one studio in a ledger; before the first run there is none.
import type { z } from 'zod';
import { firstRunSchema, studioSchema } from '../core/studio/studio.ts';
import { atVersionSchema, documentSchema, draftSchema } from './document.ts';
import { route } from './route.ts';

export const STUDIO_ID = 'studio';
const studioDocumentSchema = documentSchema(studioSchema);
export type StudioDocument = z.infer<typeof studioDocumentSchema>;

const one = { tag: 'studio', answer: studioDocumentSchema } as const;

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

// Routes of fairs.
import { z } from 'zod';
import { fairSchema } from '../core/price/fair/fair.ts';
import { documentFolders, documentRoutes, documentSchema } from './document.ts';
import { route } from './route.ts';

const fairDocumentSchema = documentSchema(fairSchema);
/** A fair as a document. */
export type FairDocument = z.infer<typeof fairDocumentSchema>;

/** Routes of fairs. */
export const fairRoutes = {
  list: route({
    method: 'GET',
    path: '/api/fairs',
    tag: 'fairs',
    summary: 'All of them, drafts included',
    answer: z.array(fairDocumentSchema),
  }),
  add: route({
    method: 'POST',
    path: '/api/fairs',
    tag: 'fairs',
    summary: 'Add one as a draft',
    body: fairSchema,
    answer: fairDocumentSchema,
    status: 201,
  }),
  ...documentRoutes(documentFolders.fair, fairSchema),
};

// What every document answers to: one schema a call, shared by the resources.
import { z } from 'zod';
import { atVersionSchema, idSchema } from '../../contract/document.ts';

export const documentParams = z.object({ id: idSchema });

/**
 * @param tag       the resource, under which the API documents itself
 * @param document  the envelope of the resource's documents
 * @param draft     what saving a draft sends
 */
export function documentSchemas<Document extends z.ZodType, Draft extends z.ZodType>(
  tag: string,
  document: Document,
  draft: Draft,
) {
  const shared = { tags: [tag], params: documentParams, response: { 200: document } };
  return {
    get: { ...shared, summary: 'One of them' },
    save: { ...shared, summary: 'Save the draft', body: draft },
    drop: { ...shared, summary: 'Leave the draft for the accepted revision', body: atVersionSchema },
    accept: { ...shared, summary: 'Accept the draft as the next revision', body: atVersionSchema },
    remove: {
      ...shared,
      summary: 'Take away what was never accepted',
      body: atVersionSchema,
      response: { 204: z.null() },
    },
  };
}

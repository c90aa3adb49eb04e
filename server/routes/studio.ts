// The studio's settings: one document, made on the first run.
import type { FastifyPluginCallbackZod } from 'fastify-type-provider-zod';
import { atVersionSchema } from '../../contract/document.ts';
import { STUDIO_ID, studioDocumentSchema, studioDraftSchema } from '../../contract/studio.ts';
import { firstRunSchema } from '../../core/studio/studio.ts';
import type { Book } from '../store/book.ts';

const tags = ['studio'];
const response = { 200: studioDocumentSchema };

export function studioRoutes(book: Book): FastifyPluginCallbackZod {
  const { studio } = book;
  return (app, _options, done) => {
    app.get('/api/studio', { schema: { tags, summary: 'The settings; 404 before the first run', response } }, () =>
      studio.get(STUDIO_ID),
    );
    app.post(
      '/api/studio',
      {
        schema: {
          tags,
          summary: 'Set the studio up, once',
          body: firstRunSchema,
          response: { 201: studioDocumentSchema },
        },
      },
      (request, reply) => {
        void reply.code(201);
        return book.setUp(request.body);
      },
    );
    app.put(
      '/api/studio/draft',
      { schema: { tags, summary: 'Save the draft', body: studioDraftSchema, response } },
      (request) => studio.saveDraft(STUDIO_ID, request.body.version, request.body.body),
    );
    app.delete(
      '/api/studio/draft',
      { schema: { tags, summary: 'Leave the draft for the accepted settings', body: atVersionSchema, response } },
      (request) => studio.dropDraft(STUDIO_ID, request.body.version),
    );
    app.post(
      '/api/studio/revisions',
      { schema: { tags, summary: 'Accept the draft as the next revision', body: atVersionSchema, response } },
      (request) => book.acceptStudio(request.body.version),
    );
    done();
  };
}

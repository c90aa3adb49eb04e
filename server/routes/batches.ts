// Batches: so many of a piece by a day.
import type { FastifyPluginCallbackZod } from 'fastify-type-provider-zod';
import { batchDocumentSchema, batchDraftSchema, batchListSchema } from '../../contract/batches.ts';
import { batchSchema } from '../../core/batch/batch.ts';
import type { Book } from '../store/book.ts';
import { documentSchemas } from './document-schemas.ts';

const tags = ['batches'];
const one = documentSchemas('batches', batchDocumentSchema, batchDraftSchema);
const list = { tags, summary: 'All batches with their pieces, drafts included', response: { 200: batchListSchema } };
const add = { tags, summary: 'Add a batch as a draft', body: batchSchema, response: { 201: batchDocumentSchema } };

export function batchRoutes(book: Book): FastifyPluginCallbackZod {
  const { batches } = book;
  return (app, _options, done) => {
    app.get('/api/batches', { schema: list }, () => book.batchesWithPieces());
    app.post('/api/batches', { schema: add }, ({ body }, reply) => {
      void reply.code(201);
      return book.addBatch(body);
    });
    app.get('/api/batches/:id', { schema: one.get }, ({ params }) => batches.get(params.id));
    app.put('/api/batches/:id/draft', { schema: one.save }, ({ params, body }) =>
      book.saveBatch(params.id, body.version, body.body),
    );
    app.delete('/api/batches/:id/draft', { schema: one.drop }, ({ params, body }) =>
      batches.dropDraft(params.id, body.version),
    );
    app.post('/api/batches/:id/revisions', { schema: one.accept }, ({ params, body }) =>
      book.acceptBatch(params.id, body.version),
    );
    app.delete('/api/batches/:id', { schema: one.remove }, ({ params, body }, reply) => {
      book.removeBatch(params.id, body.version);
      void reply.code(204);
      return null;
    });
    done();
  };
}

// Noon fixes: read them, add one. None is ever changed.
import type { FastifyPluginCallbackZod } from 'fastify-type-provider-zod';
import { fixListSchema } from '../../contract/fixes.ts';
import { fixSchema, newFixSchema } from '../../core/metal/fix.ts';
import type { Book } from '../store/book.ts';

const tags = ['fixes'];

export function fixRoutes(book: Book): FastifyPluginCallbackZod {
  return (app, _options, done) => {
    app.get('/api/fixes', { schema: { tags, summary: 'Fixes, latest first', response: { 200: fixListSchema } } }, () =>
      book.fixes.list(),
    );
    app.post(
      '/api/fixes',
      { schema: { tags, summary: 'Fix prices', body: newFixSchema, response: { 201: fixSchema } } },
      (request, reply) => {
        void reply.code(201);
        return book.addFix(request.body);
      },
    );
    done();
  };
}

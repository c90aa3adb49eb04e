// Noon fixes: read them, add one or a file of them. None is ever changed. Beside them the price stand-in.
import type { FastifyPluginCallbackZod } from 'fastify-type-provider-zod';
import { z } from 'zod';
import { fixListSchema, manyFixesSchema, offeredDaysSchema } from '../../contract/fixes.ts';
import { fixSchema, newFixSchema } from '../../core/metal/fix.ts';
import { currencySchema, isoDateSchema } from '../../core/measure/typed.ts';
import type { PriceSource } from '../prices/price-source.ts';
import type { Book } from '../store/book.ts';

const tags = ['fixes'];
const offered = {
  tags,
  summary: 'What the price source offers, latest first; the one shipped with the book makes its prices up',
  querystring: z.object({
    until: isoDateSchema,
    days: z.coerce.number().int().min(1).max(400),
    currency: currencySchema,
  }),
  response: { 200: offeredDaysSchema },
};

export function fixRoutes(book: Book, source: PriceSource): FastifyPluginCallbackZod {
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
    app.post(
      '/api/fixes/many',
      {
        schema: { tags, summary: 'Keep the fixes of a file', body: manyFixesSchema, response: { 201: fixListSchema } },
      },
      (request, reply) => {
        void reply.code(201);
        return book.addFixes(request.body.fixes);
      },
    );
    app.get('/api/prices-offered', { schema: offered }, ({ query }) =>
      source.days(query.until, query.days, query.currency),
    );
    done();
  };
}

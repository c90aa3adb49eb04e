// The shelf: what lies there, stock that comes in, counting anew, and metal issued to batches.
import type { FastifyPluginCallbackZod } from 'fastify-type-provider-zod';
import { countedSchema, shelfEntriesSchema, shelfSchema } from '../../contract/shelf.ts';
import { acceptedCutSchema } from '../../core/batch/cutting/issue-metal.ts';
import { newLotSchema } from '../../core/batch/stock/shelf.ts';
import type { Book } from '../store/book.ts';
import { documentParams } from './document-schemas.ts';

const tags = ['shelf'];
const params = documentParams;
const page = { 200: shelfSchema };
const made = { 201: shelfSchema };

export function shelfRoutes(book: Book): FastifyPluginCallbackZod {
  const all = () => ({ lots: book.stockroom.shelf.lots(), entries: book.stockroom.shelf.entries() });
  return (app, _options, done) => {
    app.get(
      '/api/shelf',
      { schema: { tags, summary: 'What lies on the shelf, and what happened', response: page } },
      all,
    );
    app.post(
      '/api/shelf',
      { schema: { tags, summary: 'Stock that came in', body: newLotSchema, response: made } },
      ({ body }, reply) => {
        book.addLot(body);
        void reply.code(201);
        return all();
      },
    );
    app.post(
      '/api/shelf/:id/count',
      { schema: { tags, summary: 'A lot counted anew', params, body: countedSchema, response: made } },
      ({ params: { id }, body }, reply) => {
        book.stockroom.countLot(id, body);
        void reply.code(201);
        return all();
      },
    );
    app.get(
      '/api/batches/:id/metal',
      { schema: { tags, summary: 'Metal of a batch, latest first', params, response: { 200: shelfEntriesSchema } } },
      ({ params: { id } }) => book.stockroom.shelf.entries(id),
    );
    app.post(
      '/api/batches/:id/cut',
      {
        schema: {
          tags,
          summary: 'Accept a cutting plan: its metal is issued',
          params,
          body: acceptedCutSchema,
          response: made,
        },
      },
      ({ params: { id }, body }, reply) => {
        book.issueMetal(id, body);
        void reply.code(201);
        return all();
      },
    );
    app.post(
      '/api/batches/:id/give-back',
      { schema: { tags, summary: 'Give back all the metal of a batch', params, response: made } },
      ({ params: { id } }, reply) => {
        book.giveBack(id);
        void reply.code(201);
        return all();
      },
    );
    done();
  };
}

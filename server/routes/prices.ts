// Prices of pieces: every one a piece had, and setting further ones.
import type { FastifyPluginCallbackZod } from 'fastify-type-provider-zod';
import { newPricesSchema, priceHistorySchema } from '../../contract/prices.ts';
import type { Book } from '../store/book.ts';
import { documentParams } from './document-schemas.ts';

const tags = ['prices'];
const response = { 200: priceHistorySchema };
const history = { tags, summary: 'Prices of a piece, latest first', params: documentParams, response };
const add = {
  tags,
  summary: 'Price pieces, all or none',
  body: newPricesSchema,
  response: { 201: priceHistorySchema },
};

export function priceRoutes(book: Book): FastifyPluginCallbackZod {
  return (app, _options, done) => {
    app.get('/api/pieces/:id/prices', { schema: history }, ({ params }) => {
      book.pieces.get(params.id);
      return book.prices.ofPiece(params.id);
    });
    app.post('/api/prices', { schema: add }, ({ body }, reply) => {
      void reply.code(201);
      return book.setPrices(body);
    });
    done();
  };
}

// What suppliers ask: read it, and read a list in.
import type { FastifyPluginCallbackZod } from 'fastify-type-provider-zod';
import { priceListSchema, supplierItemSchema } from '../../core/batch/buying/price-list.ts';
import { priceListStandIn } from '../prices/price-list-stand-in.ts';
import type { Book } from '../store/book.ts';

const tags = ['price lists'];
const all = supplierItemSchema.array();
const list = { tags, summary: 'What can be bought, by the last list of each supplier', response: { 200: all } };
const add = { tags, summary: 'Read a price list in', body: priceListSchema, response: { 201: all } };

export function priceListRoutes(book: Book): FastifyPluginCallbackZod {
  return (app, _options, done) => {
    app.get('/api/price-lists', { schema: list }, () => book.priceLists.items());
    app.get(
      '/api/price-lists/made-up.csv',
      { schema: { tags, summary: 'A made-up list to try it with' } },
      (_, reply) => reply.type('text/csv; charset=utf-8').send(priceListStandIn),
    );
    app.post('/api/price-lists', { schema: add }, ({ body }, reply) => {
      book.addPriceList(body);
      void reply.code(201);
      return book.priceLists.items();
    });
    done();
  };
}

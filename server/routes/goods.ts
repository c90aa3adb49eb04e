// Solder, findings and consumables: what lies there, and counting it anew.
import type { FastifyPluginCallbackZod } from 'fastify-type-provider-zod';
import { goodsCountedSchema, stockedSchema } from '../../core/batch/buying/goods.ts';
import type { Book } from '../store/book.ts';

const tags = ['shelf'];
const all = stockedSchema.array();

export function goodsRoutes(book: Book): FastifyPluginCallbackZod {
  return (app, _options, done) => {
    app.get(
      '/api/goods',
      { schema: { tags, summary: 'Solder, findings and consumables that are counted', response: { 200: all } } },
      () => book.stockroom.goods.stocked(),
    );
    app.post(
      '/api/goods/count',
      { schema: { tags, summary: 'Goods counted anew', body: goodsCountedSchema, response: { 201: all } } },
      ({ body }, reply) => {
        book.stockroom.countGoods(body);
        void reply.code(201);
        return book.stockroom.goods.stocked();
      },
    );
    done();
  };
}

// Metal received: read the receipts, add one. None is ever changed.
import type { FastifyPluginCallbackZod } from 'fastify-type-provider-zod';
import { receiptListSchema } from '../../contract/receipts.ts';
import { newReceiptSchema, receiptSchema } from '../../core/metal/receipt.ts';
import type { Book } from '../store/book.ts';

const tags = ['receipts'];
const list = { tags, summary: 'Metal received, latest first', response: { 200: receiptListSchema } };
const add = { tags, summary: 'Note metal received', body: newReceiptSchema, response: { 201: receiptSchema } };

export function receiptRoutes(book: Book): FastifyPluginCallbackZod {
  return (app, _options, done) => {
    app.get('/api/receipts', { schema: list }, () => book.receipts.list());
    app.post('/api/receipts', { schema: add }, ({ body }, reply) => {
      void reply.code(201);
      return book.addReceipt(body);
    });
    done();
  };
}

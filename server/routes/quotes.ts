// Quotes: an accepted revision is what the customer was told.
import type { FastifyInstance } from 'fastify';
import { quoteRoutes } from '../../contract/quotes.ts';
import type { Stores } from '../store/stores.ts';
import { registerDocuments } from './documents.ts';
import { answerRoute } from './register.ts';

/** Registers the routes of quotes. */
export function registerQuotes(app: FastifyInstance, { quotes }: Stores): void {
  answerRoute(app, quoteRoutes.list, () => quotes.list());
  answerRoute(app, quoteRoutes.add, ({ body }) => quotes.add(body));
  registerDocuments(app, quoteRoutes, quotes);
}

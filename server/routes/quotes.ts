// Quotes: an accepted revision is what the customer was told.
import type { FastifyInstance } from 'fastify';
import { quoteRoutes } from '../../contract/quotes.ts';
import { dependentsOfQuote } from '../services/dependents.ts';
import { addQuote } from '../services/quote-paper.ts';
import type { Stores } from '../store/stores.ts';
import { registerDocuments } from './documents.ts';
import { answerRoute } from './register.ts';

/** Registers the routes of quotes. */
export function registerQuotes(app: FastifyInstance, stores: Stores): void {
  const { quotes } = stores;
  answerRoute(app, quoteRoutes.list, () => quotes.list());
  answerRoute(app, quoteRoutes.add, ({ body }) => addQuote(stores, body));
  registerDocuments(app, quoteRoutes, quotes, { dependents: (id) => dependentsOfQuote(stores, id) });
}

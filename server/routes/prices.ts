// Prices of pieces: the history of each, and setting more.
import type { FastifyInstance } from 'fastify';
import { priceRoutes } from '../../contract/prices.ts';
import { setPrices } from '../services/set-prices.ts';
import type { Stores } from '../store/stores.ts';
import { answerRoute } from './register.ts';

/** Registers the routes of prices. */
export function registerPrices(app: FastifyInstance, stores: Stores): void {
  answerRoute(app, priceRoutes.ofPiece, ({ params }) => {
    stores.pieces.get(params.id);
    return stores.prices.ofPiece(params.id);
  });
  answerRoute(app, priceRoutes.set, ({ body }) => setPrices(stores, body));
}

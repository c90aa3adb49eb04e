// Metal prices: read them, add a day or a file of days. An entry never changes. Beside them the price stand-in.
import type { FastifyInstance } from 'fastify';
import { fixRoutes } from '../../contract/fixes.ts';
import type { PriceSource } from '../prices/price-source.ts';
import { addManyMetalPrices, addMetalPrices } from '../services/add-metal-prices.ts';
import type { Stores } from '../store/stores.ts';
import { answerRoute } from './register.ts';

/** Registers the routes of metal prices and of the price stand-in. */
export function registerFixes(app: FastifyInstance, stores: Stores, source: PriceSource): void {
  answerRoute(app, fixRoutes.list, () => {
    const [studio] = stores.studio.list();
    return studio ? stores.fixes.list((studio.accepted ?? studio.body).currency) : [];
  });
  answerRoute(app, fixRoutes.add, ({ body }) => addMetalPrices(stores, body));
  answerRoute(app, fixRoutes.addMany, ({ body }) => addManyMetalPrices(stores, body.fixes));
  answerRoute(app, fixRoutes.offered, ({ query }) => source.days(query.until, query.days, query.currency));
}

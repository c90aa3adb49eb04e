// Suppliers' price lists: read them, add one.
import type { FastifyInstance } from 'fastify';
import { priceListRoutes } from '../../contract/price-lists.ts';
import { priceListStandIn } from '../prices/price-list-stand-in.ts';
import { addPriceList } from '../services/add-price-list.ts';
import type { Stores } from '../store/stores.ts';
import { answerRoute, sendRoute } from './register.ts';

/** Registers the routes of suppliers' price lists. */
export function registerPriceLists(app: FastifyInstance, stores: Stores): void {
  answerRoute(app, priceListRoutes.list, () => stores.priceLists.items());
  sendRoute(app, priceListRoutes.sample, (_asked, reply) =>
    reply.type('text/csv; charset=utf-8').send(priceListStandIn),
  );
  answerRoute(app, priceListRoutes.add, ({ body }) => {
    addPriceList(stores, body);
    return { added: body.length };
  });
}

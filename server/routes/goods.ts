// Solder, findings and consumables: stock and stock counts.
import type { FastifyInstance } from 'fastify';
import { goodsRoutes } from '../../contract/goods.ts';
import { countGoods } from '../services/stockroom.ts';
import type { Stores } from '../store/stores.ts';
import { answerRoute } from './register.ts';

/** Registers the routes of goods. */
export function registerGoods(app: FastifyInstance, stores: Stores): void {
  answerRoute(app, goodsRoutes.list, () => stores.goods.stocked());
  answerRoute(app, goodsRoutes.count, ({ body }) => {
    countGoods(stores, body);
    return stores.goods.stocked();
  });
}

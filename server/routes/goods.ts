// Solder, findings and consumables: what is in stock, and counting it.
import type { FastifyInstance } from 'fastify';
import { goodsRoutes } from '../../contract/goods.ts';
import { countGoods } from '../services/stockroom.ts';
import type { Stores } from '../store/stores.ts';
import { answerRoute } from './register.ts';

export function registerGoods(app: FastifyInstance, stores: Stores): void {
  answerRoute(app, goodsRoutes.list, () => stores.goods.stocked());
  answerRoute(app, goodsRoutes.count, ({ body }) => {
    countGoods(stores, body);
    return stores.goods.stocked();
  });
}

// Orders to suppliers: list, add, receive, cancel.
import type { FastifyInstance } from 'fastify';
import { orderRoutes } from '../../contract/orders.ts';
import { addOrder, cancelOrder, receiveOrder } from '../services/orders.ts';
import type { Stores } from '../store/stores.ts';
import { answerRoute } from './register.ts';

/** Registers the routes of orders. */
export function registerOrders(app: FastifyInstance, stores: Stores): void {
  answerRoute(app, orderRoutes.list, () => stores.orders.list());
  answerRoute(app, orderRoutes.add, ({ body }) => addOrder(stores, body));
  answerRoute(app, orderRoutes.receive, ({ params, body }) => receiveOrder(stores, params.id, body));
  answerRoute(app, orderRoutes.cancel, ({ params }) => cancelOrder(stores, params.id));
}

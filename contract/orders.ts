// Routes of orders to suppliers.
import { newOrderSchema, orderReceiptSchema, orderSchema } from '../core/batch/buying/order.ts';
import { documentParams } from './document.ts';
import { route } from './route.ts';

const one = { tag: 'orders', answer: orderSchema, status: 201, method: 'POST' } as const;

/** Routes of orders to suppliers. */
export const orderRoutes = {
  list: route({
    method: 'GET',
    path: '/api/orders',
    tag: 'orders',
    summary: 'Orders with what came of them, latest first',
    answer: orderSchema.array(),
  }),
  add: route({ ...one, path: '/api/orders', summary: 'Order from a supplier', body: newOrderSchema }),
  receive: route({
    ...one,
    path: '/api/orders/:id/receive',
    summary: 'Receive an order, in part or whole',
    params: documentParams,
    body: orderReceiptSchema,
  }),
  cancel: route({
    ...one,
    path: '/api/orders/:id/cancel',
    summary: 'Cancel what is open of an order',
    params: documentParams,
  }),
};

// Routes of solder, findings and consumables: stock and stock counts.
import { goodsCountedSchema, stockedSchema } from '../core/batch/buying/goods.ts';
import { route } from './route.ts';

const goodsListSchema = stockedSchema.array();

/** Routes of goods. */
export const goodsRoutes = {
  list: route({
    method: 'GET',
    path: '/api/goods',
    tag: 'shelf',
    summary: 'Solder, findings and consumables that are counted',
    answer: goodsListSchema,
  }),
  count: route({
    method: 'POST',
    path: '/api/goods/count',
    tag: 'shelf',
    summary: 'Record a count of goods',
    body: goodsCountedSchema,
    answer: goodsListSchema,
    status: 201,
  }),
};

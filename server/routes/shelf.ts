// Stock: lots, receipts, stock counts, and metal issued to batches.
import type { FastifyInstance } from 'fastify';
import { type ShelfPage, shelfRoutes } from '../../contract/shelf.ts';
import { giveMetalBack, issueMetal } from '../services/issue-metal.ts';
import { addLot, countLot } from '../services/stockroom.ts';
import type { Stores } from '../store/stores.ts';
import { answerRoute } from './register.ts';

/** Entries beside the stock; the account has them all. */
const RECENT = 40;

/** Registers the routes of stock. */
export function registerShelf(app: FastifyInstance, stores: Stores): void {
  const { account } = stores;
  const page = (): ShelfPage => ({
    lots: account.lots(),
    bulk: account.bulk(),
    entries: account.entries({ limit: RECENT }),
  });
  answerRoute(app, shelfRoutes.page, page);
  answerRoute(app, shelfRoutes.addLot, ({ body }) => addLot(stores, body));
  answerRoute(app, shelfRoutes.countLot, ({ params, body }) => countLot(stores, params.id, body));
  answerRoute(app, shelfRoutes.ofBatch, ({ params }) => account.entries({ batchId: params.id, limit: 1000 }));
  answerRoute(app, shelfRoutes.issueMetal, ({ params, body }) => issueMetal(stores, params.id, body));
  answerRoute(app, shelfRoutes.giveBack, ({ params }) => giveMetalBack(stores, params.id));
}

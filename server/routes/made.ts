// Finished pieces: items, outlets, entries, sales and counts.
import type { FastifyInstance } from 'fastify';
import { madeRoutes } from '../../contract/made.ts';
import { PIECE_FILE_LIMIT_BYTES } from '../../contract/pieces.ts';
import {
  countPieces,
  gradePicks,
  keepDetail,
  leavePicks,
  madePage,
  movePicks,
  openMade,
  reverseMade,
} from '../services/made-pieces.ts';
import { importSales, refund, sell, tickOffFair } from '../services/made-sales.ts';
import { takeInBatch } from '../services/made-take-in.ts';
import type { Stores } from '../store/stores.ts';
import { answerRoute } from './register.ts';

/** Registers the routes of finished pieces. */
export function registerMade(app: FastifyInstance, stores: Stores): void {
  const bodyLimit = PIECE_FILE_LIMIT_BYTES;
  answerRoute(app, madeRoutes.page, () => madePage(stores));
  answerRoute(app, madeRoutes.takeIn, ({ params, body }) => takeInBatch(stores, params.id, body));
  answerRoute(app, madeRoutes.opening, ({ body }) => openMade(stores, body));
  answerRoute(app, madeRoutes.move, ({ body }) => movePicks(stores, body));
  answerRoute(app, madeRoutes.leave, ({ body }) => leavePicks(stores, body));
  answerRoute(app, madeRoutes.grade, ({ body }) => gradePicks(stores, body));
  answerRoute(app, madeRoutes.sell, ({ body }) => sell(stores, body));
  answerRoute(app, madeRoutes.refund, ({ params, body }) => refund(stores, params.id, body));
  answerRoute(app, madeRoutes.fairSold, ({ body }) => tickOffFair(stores, body));
  answerRoute(app, madeRoutes.count, ({ body }) => countPieces(stores, body));
  answerRoute(app, madeRoutes.importSales, ({ body }) => importSales(stores, body), { bodyLimit });
  answerRoute(
    app,
    madeRoutes.importOpening,
    ({ body }) => stores.inTransaction(() => body.rows.flatMap((row) => openMade(stores, row))),
    { bodyLimit },
  );
  answerRoute(app, madeRoutes.undoImport, ({ body }) =>
    stores.inTransaction(() => body.entries.flatMap((id) => reverseMade(stores, id, 'import undone'))),
  );
  answerRoute(app, madeRoutes.reverse, ({ params, body }) => reverseMade(stores, params.id, body.why));
  answerRoute(app, madeRoutes.keepDetail, ({ params, body }) => keepDetail(stores, params.id, body));
  answerRoute(app, madeRoutes.keepOutlet, ({ params, body }) => {
    const outlet = { ...body, id: params.id };
    stores.made.keepOutlet(outlet);
    return outlet;
  });
}

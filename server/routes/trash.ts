// The trash.
import type { FastifyInstance } from 'fastify';
import { trashRoutes } from '../../contract/document.ts';
import { serverClock } from '../clock.ts';
import { restoreTrashed, trashed } from '../services/trash.ts';
import type { Stores } from '../store/stores.ts';
import { answerRoute } from './register.ts';

/** Registers the routes of the trash. */
export function registerTrash(app: FastifyInstance, stores: Stores): void {
  answerRoute(app, trashRoutes.list, () => trashed(stores, serverClock().getTime()));
  answerRoute(app, trashRoutes.restore, ({ body: { kind, id } }) => {
    restoreTrashed(stores, kind, id);
    return null;
  });
}

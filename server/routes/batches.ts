// Batches: quantities of pieces by a due date.
import type { FastifyInstance } from 'fastify';
import { batchRoutes } from '../../contract/batches.ts';
import { acceptBatch, addBatch, archiveBatch, removeBatch, saveBatch } from '../services/change-batch.ts';
import { dependentsOfBatch } from '../services/dependents.ts';
import { batchesWithPieces } from '../services/made-lines.ts';
import type { Stores } from '../store/stores.ts';
import { registerDocuments } from './documents.ts';
import { answerRoute } from './register.ts';

/** Registers the routes of batches. */
export function registerBatches(app: FastifyInstance, stores: Stores): void {
  answerRoute(app, batchRoutes.list, () => batchesWithPieces(stores));
  answerRoute(app, batchRoutes.add, ({ body }) => addBatch(stores, body));
  registerDocuments(app, batchRoutes, stores.batches, {
    saveDraft: (id, version, body, writer) => saveBatch(stores, id, version, body, writer),
    accept: (id, version) => acceptBatch(stores, id, version),
    remove: (id, version) => removeBatch(stores, id, version),
    archive: (id, version, archived) => archiveBatch(stores, id, version, archived),
    dependents: (id) => dependentsOfBatch(stores, id),
  });
}

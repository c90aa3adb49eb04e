// Fairs: documents that nothing else depends on.
import type { FastifyInstance } from 'fastify';
import { fairRoutes } from '../../contract/fairs.ts';
import type { Stores } from '../store/stores.ts';
import { registerDocuments } from './documents.ts';
import { answerRoute } from './register.ts';

/** Registers the routes of fairs. */
export function registerFairs(app: FastifyInstance, { fairs }: Stores): void {
  answerRoute(app, fairRoutes.list, () => fairs.list());
  answerRoute(app, fairRoutes.add, ({ body }) => fairs.add(body));
  registerDocuments(app, fairRoutes, fairs);
}

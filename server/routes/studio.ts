// The studio's settings: one document, created on the first run.
import type { FastifyInstance } from 'fastify';
import { STUDIO_ID, studioRoutes } from '../../contract/studio.ts';
import { acceptStudio, setUpStudio } from '../services/set-up-studio.ts';
import type { Stores } from '../store/stores.ts';
import { answerRoute } from './register.ts';

/** Registers the routes of the studio's settings. */
export function registerStudio(app: FastifyInstance, stores: Stores): void {
  const { studio } = stores;
  answerRoute(app, studioRoutes.get, () => studio.get(STUDIO_ID));
  answerRoute(app, studioRoutes.setUp, ({ body }) => setUpStudio(stores, body));
  answerRoute(app, studioRoutes.saveDraft, ({ body }) =>
    studio.saveDraft(STUDIO_ID, body.version, body.body, body.writer),
  );
  answerRoute(app, studioRoutes.dropDraft, ({ body }) => studio.dropDraft(STUDIO_ID, body.version));
  answerRoute(app, studioRoutes.accept, ({ body }) => acceptStudio(stores, body.version));
}

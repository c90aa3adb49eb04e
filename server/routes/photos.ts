// Pictures: uploaded as they come from the camera, served as stored.
import type { FastifyInstance } from 'fastify';
import { PHOTO_LIMIT_BYTES, photoRoutes } from '../../contract/photos.ts';
import type { Stores } from '../store/stores.ts';
import { answerRoute, sendRoute } from './register.ts';

/** Registers the routes of pictures. */
export function registerPhotos(app: FastifyInstance, { photos }: Stores): void {
  app.addContentTypeParser(/^image\//, { parseAs: 'buffer' }, (_request, body, parsed) => parsed(null, body));
  answerRoute(
    app,
    photoRoutes.add,
    async ({ body }: { readonly body: unknown }) => await photos.add(Buffer.isBuffer(body) ? body : Buffer.alloc(0)),
    { bodyLimit: PHOTO_LIMIT_BYTES, countsOnce: false },
  );
  sendRoute(app, photoRoutes.get, async ({ params, query }, reply) => {
    // Read first: an answer that it is missing must not be kept.
    const bytes = query.px ? await photos.thumbnail(params.id, Number(query.px)) : photos.get(params.id).bytes;
    return reply.type('image/jpeg').header('cache-control', 'private, max-age=31536000, immutable').send(bytes);
  });
}

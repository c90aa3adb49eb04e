// Pictures: taken in as they come from the camera, given out as they are kept.
import type { FastifyPluginCallbackZod } from 'fastify-type-provider-zod';
import { z } from 'zod';
import { PHOTO_LIMIT_BYTES, photoSchema } from '../../contract/photos.ts';
import type { Book } from '../store/book.ts';

const tags = ['photos'];

export function photoRoutes({ photos }: Book): FastifyPluginCallbackZod {
  return (app, _options, done) => {
    app.addContentTypeParser(/^image\//, { parseAs: 'buffer' }, (_request, body, parsed) => parsed(null, body));
    app.post(
      '/api/photos',
      {
        bodyLimit: PHOTO_LIMIT_BYTES,
        schema: {
          tags,
          summary: 'Take a picture in: an image/* body, resized, what the camera wrote removed',
          response: { 201: photoSchema },
        },
      },
      async ({ body }, reply) => {
        void reply.code(201);
        return await photos.add(Buffer.isBuffer(body) ? body : Buffer.alloc(0));
      },
    );
    app.get(
      '/api/photos/:id',
      { schema: { tags, summary: 'A picture, image/jpeg', params: z.object({ id: z.string().max(80) }) } },
      ({ params }, reply) =>
        reply
          .type('image/jpeg')
          .header('cache-control', 'public, max-age=31536000, immutable')
          .send(photos.get(params.id).bytes),
    );
    done();
  };
}

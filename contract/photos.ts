// Routes of pictures.
import { z } from 'zod';
import { route } from './route.ts';

/** Largest uploaded file, bytes; the stored picture is far smaller. */
export const PHOTO_LIMIT_BYTES = 24_000_000;

const photoSchema = z.object({ id: z.string(), widthPx: z.int(), heightPx: z.int() });
/** The answer to an uploaded picture. */
export type PhotoAdded = z.infer<typeof photoSchema>;

/** Routes of pictures. */
export const photoRoutes = {
  add: route({
    method: 'POST',
    path: '/api/photos',
    tag: 'photos',
    summary: 'Add a picture: an image/* body, resized, what the camera wrote removed',
    answer: photoSchema,
    status: 201,
  }),
  get: route({
    method: 'GET',
    path: '/api/photos/:id',
    tag: 'photos',
    summary: 'A picture, image/jpeg',
    params: z.object({ id: z.string().max(80) }),
    /** A square of so many pixels instead of the whole picture. */
    query: z.object({ px: z.enum(['96', '192']).optional() }),
  }),
};

// Pictures over the wire.
import { z } from 'zod';

/** Largest file taken in; what is kept is far smaller. */
export const PHOTO_LIMIT_BYTES = 24_000_000;

export const photoSchema = z.object({ id: z.string(), widthPx: z.int(), heightPx: z.int() });
export type PhotoAdded = z.infer<typeof photoSchema>;

// Noon fixes over the wire: read them all, add one. None is ever changed.
import { z } from 'zod';
import { fixSchema } from '../core/metal/fix.ts';

/** Latest first. */
export const fixListSchema = z.array(fixSchema);

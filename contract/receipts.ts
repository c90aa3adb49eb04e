// Metal received, over the wire: read the receipts, add one. None is ever changed.
import { z } from 'zod';
import { receiptSchema } from '../core/metal/receipt.ts';

/** Latest day first. */
export const receiptListSchema = z.array(receiptSchema);

// Reads the draft that this device stored when the ledger could not be reached.
import { z } from 'zod';
import type { DocumentKind } from '../../contract/document.ts';
import { batchSchema } from '../../core/batch/batch.ts';
import { withStandardTerms } from '../../core/piece/earlier-versions.ts';
import { pieceSchema } from '../../core/piece/piece.ts';
import { fairSchema } from '../../core/price/fair/fair.ts';
import { quoteSchema } from '../../core/price/quote/quote.ts';
import { studioSchema } from '../../core/studio/studio.ts';

const unsavedSchema = z.object({ version: z.int().min(1), body: z.unknown() });
/** A body as typed, and the version of the document it is based on. */
export type Unsaved = z.infer<typeof unsavedSchema>;

const bodySchemaOf = {
  piece: z.preprocess(withStandardTerms, pieceSchema),
  batch: batchSchema,
  fair: fairSchema,
  quote: quoteSchema,
  studio: studioSchema,
} as const satisfies Record<DocumentKind, z.ZodType>;

/** @returns null when what was stored is not a draft of this kind */
export function readUnsaved(kind: DocumentKind, found: unknown): Unsaved | null {
  try {
    const { version, body } = unsavedSchema.parse(found);
    return { version, body: bodySchemaOf[kind].parse(body) };
  } catch {
    return null;
  }
}

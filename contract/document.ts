// What a person writes: one document, its accepted revisions, and the draft being worked on.
import { z } from 'zod';
import { pricedSchema } from '../core/price/piece/standing.ts';

export const idSchema = z.string().min(1).max(40);

/** The envelope every document travels in. */
export function documentSchema<Body extends z.ZodType>(body: Body) {
  return z.object({
    id: idSchema,
    /** Goes up with every write, drafts included; a write says which version it is based on. */
    version: z.int().min(1),
    /** The last accepted revision; 0 when there is none yet. */
    revision: z.int().min(0),
    /** Whether `body` is a draft not yet accepted. */
    isDraft: z.boolean(),
    body,
    /** The accepted body where `body` is a draft of something already accepted. */
    accepted: body.nullable(),
    priced: pricedSchema.nullable(),
    updatedAt: z.iso.datetime(),
    /** When it was put away; null while it stands in the book. */
    archivedAt: z.iso.datetime().nullable(),
  });
}

export function documentListSchema<Body extends z.ZodType>(body: Body) {
  return z.array(documentSchema(body));
}

/** Saving a draft: the whole body and the version it was based on. */
export function draftSchema<Body extends z.ZodType>(body: Body) {
  return z.object({ version: z.int().min(1), body });
}

/** Accepting the draft as the next revision, or leaving it for the accepted one. */
export const atVersionSchema = z.object({ version: z.int().min(1) });

/** Putting a document away, or taking it out again. */
export const archiveSchema = atVersionSchema.extend({ archived: z.boolean() });

type Envelope = z.infer<ReturnType<typeof documentSchema>>;

/** A document as it travels, for code that does not mind which. */
export type DocumentOf<Body> = Readonly<Omit<Envelope, 'body' | 'accepted'>> & {
  readonly body: Body;
  readonly accepted: Body | null;
};

// What a person writes: one document, its accepted revisions, and the draft being worked on.
import { z } from 'zod';
import { route } from './route.ts';
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

/** The kinds of documents a ledger holds. */
export type DocumentKind = 'studio' | 'piece' | 'batch' | 'fair' | 'quote';

export const documentParams = z.object({ id: idSchema });

/**
 * The routes that every kind of document answers to.
 * @param folder    below /api: `pieces`
 * @param body      schema of the document's body
 */
export function documentRoutes<Body extends z.ZodType>(folder: string, body: Body) {
  const document = documentSchema(body);
  const one = { tag: folder, params: documentParams, answer: document } as const;
  const at = `/api/${folder}/:id` as const;
  return {
    get: route({ ...one, method: 'GET', path: at, summary: 'One of them' }),
    saveDraft: route({
      ...one,
      method: 'PUT',
      path: `${at}/draft`,
      summary: 'Save the draft',
      body: draftSchema(body),
    }),
    dropDraft: route({
      ...one,
      method: 'DELETE',
      path: `${at}/draft`,
      summary: 'Discard the draft and go back to the accepted revision',
      body: atVersionSchema,
    }),
    accept: route({
      ...one,
      method: 'POST',
      path: `${at}/revisions`,
      summary: 'Accept the draft as the next revision',
      body: atVersionSchema,
    }),
    remove: route({
      method: 'DELETE',
      path: at,
      tag: folder,
      summary: 'Delete a document that was never accepted',
      params: documentParams,
      body: atVersionSchema,
      answer: z.null(),
      status: 204,
    }),
  };
}

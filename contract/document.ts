// A document: its accepted revisions, and the draft in progress.
import { z } from 'zod';
import { pricedSchema } from '../core/price/piece/standing.ts';
import { route } from './route.ts';

/** An id, made by whoever creates the document or entry: 1 to 40 characters. */
export const idSchema = z.string().min(1).max(40);

/** Id of a tab, made by its page. */
const writerSchema = z.string().min(1).max(40);

/** The envelope of every document in an answer. */
export function documentSchema<Body extends z.ZodType>(body: Body) {
  return z.object({
    id: idSchema,
    /** Rises with every write, drafts included; a write names the version it is based on. */
    version: z.int().min(1),
    /** The last accepted revision; 0 before the first. */
    revision: z.int().min(0),
    /** Whether `body` is a draft that is not accepted yet. */
    isDraft: z.boolean(),
    body,
    /** The accepted body, where `body` is a draft of an accepted document. */
    accepted: body.nullable(),
    priced: pricedSchema.nullable(),
    updatedAt: z.iso.datetime(),
    /** When it was archived; null while it is not. */
    archivedAt: z.iso.datetime().nullable(),
    /** The tab that wrote the draft; null where nobody said so. */
    writer: writerSchema.nullable(),
  });
}

/** Saves a draft: the whole body, the version it is based on, and the tab that wrote it. */
export function draftSchema<Body extends z.ZodType>(body: Body) {
  return z.object({ version: z.int().min(1), body, writer: writerSchema.optional() });
}

/** Accepts the draft as the next revision, or discards it. */
export const atVersionSchema = z.object({ version: z.int().min(1) });

/** Archives a document, or restores it. */
const archiveSchema = atVersionSchema.extend({ archived: z.boolean() });

type Envelope = z.infer<ReturnType<typeof documentSchema>>;

/** A document in an answer, for code that works with any kind. */
export type DocumentOf<Body> = Readonly<Omit<Envelope, 'body' | 'accepted'>> & {
  readonly body: Body;
  readonly accepted: Body | null;
};

const dependentSchema = z.object({ kind: z.enum(['piece', 'batch', 'fair', 'quote']), id: idSchema, name: z.string() });
/** A document that depends on another one. */
export type Dependent = z.infer<typeof dependentSchema>;

const trashedSchema = dependentSchema.extend({ deletedAt: z.iso.datetime() });
/** A document in the trash. */
export type Trashed = z.infer<typeof trashedSchema>;

/** Days that a deleted document lies in the trash. */
export const TRASH_DAYS = 60;

/** Routes of the trash. */
export const trashRoutes = {
  list: route({
    method: 'GET',
    path: '/api/trash',
    tag: 'trash',
    summary: 'Deleted documents of the last 60 days, the latest first',
    answer: z.array(trashedSchema),
  }),
  restore: route({
    method: 'POST',
    path: '/api/trash/restore',
    tag: 'trash',
    summary: 'Take a document out of the trash',
    body: z.strictObject({ kind: dependentSchema.shape.kind, id: idSchema }),
    answer: z.null(),
    status: 204,
  }),
};

/** The kinds of documents a ledger holds. */
export type DocumentKind = 'studio' | 'piece' | 'batch' | 'fair' | 'quote';

/** Where each kind of document that has an id lives, below /api. */
export const documentFolders = { piece: 'pieces', batch: 'batches', fair: 'fairs', quote: 'quotes' } as const;

/** Path parameters of a document's routes. */
export const documentParams = z.object({ id: idSchema });

/**
 * The routes that every kind of document has.
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
    archive: route({
      ...one,
      method: 'POST',
      path: `${at}/archive`,
      summary: 'Archive a document, or bring it back',
      body: archiveSchema,
    }),
    dependents: route({
      method: 'GET',
      path: `${at}/dependents`,
      tag: folder,
      summary: 'What depends on a document',
      params: documentParams,
      answer: z.array(dependentSchema),
    }),
    remove: route({
      method: 'DELETE',
      path: at,
      tag: folder,
      summary: 'Put a document into the trash',
      params: documentParams,
      body: atVersionSchema,
      answer: z.null(),
      status: 204,
    }),
  };
}

// Documents that are accepted as they are: nothing else hangs on them.
import type { FastifyPluginCallbackZod } from 'fastify-type-provider-zod';
import type { z } from 'zod';
import type { DocumentOf } from '../../contract/document.ts';
import type { Documents } from '../store/documents.ts';
import { documentSchemas } from './document-schemas.ts';

interface Schemas {
  readonly body: z.ZodType;
  readonly document: z.ZodType;
  readonly draft: z.ZodType<{ version: number; body: unknown }>;
  readonly list: z.ZodType;
}

/** @param path  under /api, and the tag the API documents them by */
export function plainDocumentRoutes<Body>(
  path: string,
  documents: Documents<Body>,
  schemas: Schemas,
): FastifyPluginCallbackZod {
  const one = documentSchemas(path, schemas.document, schemas.draft);
  const tags = [path];
  const list = { tags, summary: 'All of them, drafts included', response: { 200: schemas.list } };
  const add = { tags, summary: 'Add one as a draft', body: schemas.body, response: { 201: schemas.document } };
  const at = `/api/${path}`;
  return (app, _options, done) => {
    app.get(at, { schema: list }, () => documents.list());
    app.post(at, { schema: add }, ({ body }, reply) => {
      void reply.code(201);
      return documents.add(body as Body);
    });
    app.get(`${at}/:id`, { schema: one.get }, ({ params }) => documents.get(params.id));
    app.put(`${at}/:id/draft`, { schema: one.save }, ({ params, body }): DocumentOf<Body> => {
      return documents.saveDraft(params.id, body.version, body.body as Body);
    });
    app.delete(`${at}/:id/draft`, { schema: one.drop }, ({ params, body }) =>
      documents.dropDraft(params.id, body.version),
    );
    app.post(`${at}/:id/revisions`, { schema: one.accept }, ({ params, body }) =>
      documents.accept(params.id, body.version, () => null),
    );
    app.delete(`${at}/:id`, { schema: one.remove }, ({ params, body }, reply) => {
      documents.remove(params.id, body.version);
      void reply.code(204);
      return null;
    });
    done();
  };
}

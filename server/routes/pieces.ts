// Pieces: the book of designs.
import type { FastifyPluginCallbackZod } from 'fastify-type-provider-zod';
import { z } from 'zod';
import { archiveSchema } from '../../contract/document.ts';
import {
  PIECE_FILE_LIMIT_BYTES,
  pieceDocumentSchema,
  pieceDraftSchema,
  pieceFileSchema,
  pieceListSchema,
  pieceRevisionSchema,
} from '../../contract/pieces.ts';
import { pieceSchema } from '../../core/piece/piece.ts';
import type { Book } from '../store/book.ts';
import { documentParams, documentSchemas } from './document-schemas.ts';

const tags = ['pieces'];
const one = documentSchemas('pieces', pieceDocumentSchema, pieceDraftSchema);
const added = { 201: pieceDocumentSchema };
const list = { tags, summary: 'All pieces, drafts included', response: { 200: pieceListSchema } };
const add = { tags, summary: 'Add a piece as a draft', body: pieceSchema, response: added };
const addFile = {
  tags,
  summary: 'Add the pieces of a file',
  body: pieceFileSchema,
  response: { 201: pieceListSchema },
};
const file = {
  tags,
  summary: 'The piece as a file of its own',
  params: documentParams,
  response: { 200: pieceFileSchema },
};
const files = {
  tags,
  summary: 'Several pieces in one file; all of the book when none is named',
  querystring: z.object({ ids: z.string().max(40_000).optional() }),
  response: { 200: pieceFileSchema },
};
const archive = { ...one.accept, summary: 'Put a piece away, or take it out again', body: archiveSchema };
const revision = {
  tags,
  summary: 'An accepted revision as it was',
  params: documentParams.extend({ revision: z.coerce.number().int().min(1) }),
  response: { 200: pieceRevisionSchema },
};

export function pieceRoutes(book: Book): FastifyPluginCallbackZod {
  const { pieces } = book;
  return (app, _options, done) => {
    app.get('/api/pieces', { schema: list }, () => pieces.list());
    app.post('/api/pieces', { schema: add }, ({ body }, reply) => {
      void reply.code(201);
      return pieces.add(body);
    });
    app.post('/api/pieces/file', { schema: addFile, bodyLimit: PIECE_FILE_LIMIT_BYTES }, ({ body }, reply) => {
      void reply.code(201);
      return book.addPieceFile(body);
    });
    app.get('/api/pieces/file', { schema: files }, ({ query }, reply) => {
      void reply.header('content-disposition', 'attachment; filename="pieces.json"');
      return book.pieceFile(query.ids?.split(',') ?? null);
    });
    app.get('/api/pieces/:id', { schema: one.get }, ({ params }) => pieces.get(params.id));
    app.get('/api/pieces/:id/file', { schema: file }, ({ params }, reply) => {
      const { body } = pieces.get(params.id);
      void reply.header('content-disposition', `attachment; filename="${fileName(body.name)}.json"`);
      return book.onePieceFile(body);
    });
    app.get('/api/pieces/:id/revisions/:revision', { schema: revision }, ({ params }) => ({
      ...params,
      body: pieces.revision(params.id, params.revision),
    }));
    app.put('/api/pieces/:id/draft', { schema: one.save }, ({ params, body }) =>
      pieces.saveDraft(params.id, body.version, body.body),
    );
    app.delete('/api/pieces/:id/draft', { schema: one.drop }, ({ params, body }) =>
      pieces.dropDraft(params.id, body.version),
    );
    app.post('/api/pieces/:id/revisions', { schema: one.accept }, ({ params, body }) =>
      book.acceptPiece(params.id, body.version),
    );
    app.post('/api/pieces/:id/archive', { schema: archive }, ({ params, body }) =>
      pieces.archive(params.id, body.version, body.archived),
    );
    app.delete('/api/pieces/:id', { schema: one.remove }, ({ params, body }, reply) => {
      pieces.remove(params.id, body.version);
      void reply.code(204);
      return null;
    });
    done();
  };
}

function fileName(name: string): string {
  const plain = name
    .normalize('NFKD')
    .replace(/[^\w]+/g, '-')
    .replace(/^-|-$/g, '');
  return plain.toLowerCase() || 'piece';
}

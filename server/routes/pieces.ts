// Pieces: the book of designs.
import type { FastifyPluginCallbackZod } from 'fastify-type-provider-zod';
import { z } from 'zod';
import {
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
const addFile = { tags, summary: 'Add a piece from its file', body: pieceFileSchema, response: added };
const file = {
  tags,
  summary: 'The piece as a file of its own',
  params: documentParams,
  response: { 200: pieceFileSchema },
};
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
    app.post('/api/pieces/file', { schema: addFile }, ({ body }, reply) => {
      void reply.code(201);
      return pieces.add(body.piece);
    });
    app.get('/api/pieces/:id', { schema: one.get }, ({ params }) => pieces.get(params.id));
    app.get('/api/pieces/:id/file', { schema: file }, ({ params }, reply) => {
      const { body } = pieces.get(params.id);
      void reply.header('content-disposition', `attachment; filename="${fileName(body.name)}.json"`);
      return { format: 'noon-ledger/piece' as const, version: 1 as const, piece: body };
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

// Pieces and their files.
import type { FastifyInstance } from 'fastify';
import { PIECE_FILE_LIMIT_BYTES, pieceRoutes } from '../../contract/pieces.ts';
import { acceptPiece } from '../services/accept-piece.ts';
import { dependentsOfPiece } from '../services/dependents.ts';
import { addPieces, exportPiece, exportPieces, piecesOfFile } from '../services/piece-files.ts';
import type { Stores } from '../store/stores.ts';
import { registerDocuments } from './documents.ts';
import { answerRoute } from './register.ts';

/** Registers the routes of pieces. */
export function registerPieces(app: FastifyInstance, stores: Stores): void {
  const { pieces } = stores;
  answerRoute(app, pieceRoutes.list, () => pieces.list());
  answerRoute(app, pieceRoutes.add, ({ body }) => pieces.add(body));
  answerRoute(
    app,
    pieceRoutes.importFile,
    async ({ body }, _reply, once) => {
      const read = await piecesOfFile(stores, body);
      return once(() => addPieces(stores, read));
    },
    { bodyLimit: PIECE_FILE_LIMIT_BYTES, countsOnce: false },
  );
  answerRoute(app, pieceRoutes.exportFile, ({ query }, reply) => {
    void reply.header('content-disposition', 'attachment; filename="pieces.json"');
    return exportPieces(stores, query.ids?.split(',') ?? null);
  });
  answerRoute(app, pieceRoutes.exportOne, ({ params }, reply) => {
    const { body } = pieces.get(params.id);
    void reply.header('content-disposition', `attachment; filename="${fileName(body.name)}.json"`);
    return exportPiece(stores, body);
  });
  answerRoute(app, pieceRoutes.revision, ({ params }) => ({
    ...params,
    body: pieces.revision(params.id, params.revision),
  }));
  registerDocuments(app, pieceRoutes, pieces, {
    accept: (id, version) => acceptPiece(stores, id, version),
    dependents: (id) => dependentsOfPiece(stores, id),
  });
}

function fileName(name: string): string {
  const plain = name
    .normalize('NFKD')
    .replace(/[^\w]+/g, '-')
    .replace(/^-|-$/g, '');
  return plain.toLowerCase() || 'piece';
}

// Pieces, their files and pictures.
import type { BatchWithPieces } from '../../../contract/batches.ts';
import { type PhotoAdded, photoRoutes } from '../../../contract/photos.ts';
import { piecePaths } from '../../../contract/piece-paths.ts';
import type { PieceDocument, PieceRevision } from '../../../contract/pieces.ts';
import type { Piece } from '../../../core/piece/piece.ts';
import { api, parsedBy, parsedLater, requestOf } from '../api.ts';
import { askOrFind } from '../device/while-away.ts';
import { madeLinesOf } from '../made-lines.ts';

const routes = async () => (await import('../../../contract/pieces.ts')).pieceRoutes;

export const piecesApi = api.injectEndpoints({
  endpoints: (build) => ({
    getPieces: build.query<PieceDocument[], void>({
      query: () => requestOf(piecePaths.list),
      transformResponse: parsedLater(async () => (await routes()).list),
      providesTags: ['Pieces'],
    }),
    addPiece: build.mutation<PieceDocument, Piece>({
      query: (body) => requestOf(piecePaths.add, { body }),
      extraOptions: { isEntry: true },
      transformResponse: parsedLater(async () => (await routes()).add),
      invalidatesTags: ['Pieces'],
    }),
    addPhoto: build.mutation<PhotoAdded, File>({
      query: (file) => ({ ...requestOf(photoRoutes.add, { body: file }), headers: { 'content-type': file.type } }),
      transformResponse: parsedBy(photoRoutes.add),
    }),
    addPieceFile: build.mutation<PieceDocument[], string>({
      query: (body) => ({
        ...requestOf(piecePaths.importFile, { body }),
        headers: { 'content-type': 'application/json' },
      }),
      extraOptions: { isEntry: true },
      transformResponse: parsedLater(async () => (await routes()).importFile),
      invalidatesTags: ['Pieces'],
    }),
    getPieceRevision: build.query<PieceRevision, { id: string; revision: number }>({
      queryFn: async (arg, _api, _options, ask) =>
        await askOrFind(ask, requestOf(piecePaths.revision, { params: arg }), 'api/batches', (items) => {
          const made = (items as BatchWithPieces[]).flatMap((item) => madeLinesOf(item));
          const found = made.find(({ line }) => line.pieceId === arg.id && line.pieceRevision === arg.revision);
          return found && { ...arg, body: found.piece };
        }),
    }),
  }),
});

export const {
  useGetPiecesQuery,
  useAddPieceMutation,
  useAddPhotoMutation,
  useAddPieceFileMutation,
  useGetPieceRevisionQuery,
  endpoints: pieceEndpoints,
} = piecesApi;

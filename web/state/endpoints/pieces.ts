// Pieces, their files and pictures.
import { type PhotoAdded, photoRoutes } from '../../../contract/photos.ts';
import { type PieceDocument, type PieceRevision, pieceRoutes } from '../../../contract/pieces.ts';
import type { Piece } from '../../../core/piece/piece.ts';
import { api, parsedBy, requestOf } from '../api.ts';

export const piecesApi = api.injectEndpoints({
  endpoints: (build) => ({
    getPieces: build.query<PieceDocument[], void>({
      query: () => requestOf(pieceRoutes.list),
      transformResponse: parsedBy(pieceRoutes.list),
      providesTags: ['Pieces'],
    }),
    addPiece: build.mutation<PieceDocument, Piece>({
      query: (body) => requestOf(pieceRoutes.add, { body }),
      extraOptions: { isEntry: true },
      transformResponse: parsedBy(pieceRoutes.add),
      invalidatesTags: ['Pieces'],
    }),
    addPhoto: build.mutation<PhotoAdded, File>({
      query: (file) => ({ ...requestOf(photoRoutes.add, { body: file }), headers: { 'content-type': file.type } }),
      transformResponse: parsedBy(photoRoutes.add),
    }),
    addPieceFile: build.mutation<PieceDocument[], string>({
      query: (body) => ({
        ...requestOf(pieceRoutes.importFile, { body }),
        headers: { 'content-type': 'application/json' },
      }),
      extraOptions: { isEntry: true },
      transformResponse: parsedBy(pieceRoutes.importFile),
      invalidatesTags: ['Pieces'],
    }),
    getPieceRevision: build.query<PieceRevision, { id: string; revision: number }>({
      query: (arg) => requestOf(pieceRoutes.revision, { params: arg }),
      transformResponse: parsedBy(pieceRoutes.revision),
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

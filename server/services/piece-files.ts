// Exports and imports pieces as files, pictures included; an imported file equals the exported one.
import type { DocumentOf } from '../../contract/document.ts';
import { PIECE_FILE_VERSION, type PieceFile } from '../../contract/pieces.ts';
import type { Piece } from '../../core/piece/piece.ts';
import type { Photos } from '../store/photos.ts';
import { NotAcceptable } from '../store/refusals.ts';
import type { Stores } from '../store/stores.ts';

/**
 * The pieces of a file, with their pictures stored: a picture that no piece shows is not seen.
 * @throws NotAcceptable when the file is empty or a picture is missing from it
 */
export async function piecesOfFile({ photos }: Stores, file: PieceFile): Promise<Piece[]> {
  const pieces = await withPhotosKept(file, photos);
  if (pieces.length === 0) throw new NotAcceptable('There is no piece in this file.', []);
  return pieces;
}

/** Adds pieces as drafts, all or none. */
export function addPieces({ pieces: store, inTransaction }: Stores, pieces: readonly Piece[]): DocumentOf<Piece>[] {
  return inTransaction(() => pieces.map((piece) => store.add(piece)));
}

/** One piece as a file of its own. */
export function exportPiece({ photos: store }: Stores, piece: Piece): PieceFile {
  const photos = photosOf([piece], store);
  return { format: 'noon-ledger/piece', version: PIECE_FILE_VERSION, piece, ...(photos.length > 0 && { photos }) };
}

/** Several pieces in one file. @param ids  null for every piece that is not archived. @throws NotThere */
export function exportPieces(stores: Stores, ids: readonly string[] | null): PieceFile {
  const documents = ids
    ? ids.map((id) => stores.pieces.get(id))
    : stores.pieces.list().filter(({ archivedAt }) => archivedAt === null);
  const pieces = documents.map(({ body }) => body);
  const photos = photosOf(pieces, stores.photos);
  return { format: 'noon-ledger/pieces', version: PIECE_FILE_VERSION, pieces, ...(photos.length > 0 && { photos }) };
}

type FilePhotos = NonNullable<PieceFile['photos']>;

/** The pictures of pieces, each once, as a file holds them. */
function photosOf(pieces: readonly Piece[], photos: Photos): FilePhotos {
  const ids = new Set(pieces.flatMap((piece) => piece.photos.map(({ id }) => id)));
  return [...ids].map((id) => {
    const { bytes, widthPx, heightPx } = photos.get(id);
    return { id, widthPx, heightPx, jpeg: bytes.toString('base64') };
  });
}

/**
 * Stores the pictures of a file. Bytes that this ledger holds already keep their id; any others are processed as an
 * upload, so that no camera data, remark or hidden tail enters by a file.
 * @returns the pieces with the ids of their stored pictures
 */
async function withPhotosKept(file: PieceFile, photos: Photos): Promise<Piece[]> {
  const pieces = file.format === 'noon-ledger/piece' ? [file.piece] : file.pieces;
  const kept = new Map<string, string>();
  for (const { id, jpeg } of file.photos ?? []) {
    const bytes = Buffer.from(jpeg, 'base64');
    kept.set(id, photos.holds(bytes) ?? (await photos.add(bytes)).id);
  }
  return pieces.map((piece) => ({
    ...piece,
    photos: piece.photos.map((photo) => {
      const id = kept.get(photo.id) ?? (photos.has(photo.id) ? photo.id : null);
      if (id === null)
        throw new NotAcceptable(
          `${piece.name.trim() || 'A piece'} has a photo that is not in this file. Nothing was imported.`,
          [],
        );
      return { ...photo, id };
    }),
  }));
}

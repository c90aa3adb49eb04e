// Puts a saved document into the lists that were fetched, without fetching them again.
import type { ThunkDispatch, UnknownAction } from '@reduxjs/toolkit';
import type { BatchDocument } from '../../contract/batches.ts';
import type { DocumentKind, DocumentOf } from '../../contract/document.ts';
import type { FairDocument } from '../../contract/fairs.ts';
import type { PieceDocument } from '../../contract/pieces.ts';
import type { QuoteDocument } from '../../contract/quotes.ts';
import type { StudioDocument } from '../../contract/studio.ts';
import { batchesApi } from './endpoints/batches.ts';
import { fairsApi } from './endpoints/fairs.ts';
import { piecesApi } from './endpoints/pieces.ts';
import { quotesApi } from './endpoints/quotes.ts';
import { studioApi } from './endpoints/studio.ts';

// The type RTK Query hands to onQueryStarted.
// eslint-disable-next-line @typescript-eslint/no-explicit-any
type Dispatch = ThunkDispatch<any, any, UnknownAction>;

/**
 * Replaces the older version of a document in the list of its kind. A document that the list does not hold,
 * or a batch made of other pieces than before, makes the list fetch again.
 */
export function patchLists(dispatch: Dispatch, kind: DocumentKind, saved: DocumentOf<unknown>): void {
  switch (kind) {
    case 'studio':
      dispatch(studioApi.util.updateQueryData('getStudio', undefined, () => saved as StudioDocument));
      return;
    case 'piece':
      dispatch(piecesApi.util.updateQueryData('getPieces', undefined, (list) => replace(list, saved as PieceDocument)));
      return;
    case 'fair':
      dispatch(fairsApi.util.updateQueryData('getFairs', undefined, (list) => replace(list, saved as FairDocument)));
      return;
    case 'quote':
      dispatch(quotesApi.util.updateQueryData('getQuotes', undefined, (list) => replace(list, saved as QuoteDocument)));
      return;
    case 'batch':
      patchBatch(dispatch, saved as BatchDocument);
  }
}

function replace<Row extends { readonly id: string }>(list: Row[], saved: Row): void {
  const at = list.findIndex(({ id }) => id === saved.id);
  if (at >= 0) list[at] = saved;
}

function patchBatch(dispatch: Dispatch, saved: BatchDocument): void {
  let isOfOtherPieces = false as boolean;
  dispatch(
    batchesApi.util.updateQueryData('getBatches', undefined, (list) => {
      const row = list.find(({ batch }) => batch.id === saved.id);
      if (!row) return;
      isOfOtherPieces = piecesOf(row.batch) !== piecesOf(saved);
      row.batch = saved;
    }),
  );
  // The answer does not hold its pieces, so the list is fetched.
  if (isOfOtherPieces) dispatch(batchesApi.util.invalidateTags(['Batches']));
}

function piecesOf({ body }: Pick<BatchDocument, 'body'>): string {
  return body.lines.map(({ pieceId, pieceRevision }) => `${pieceId} ${String(pieceRevision)}`).join();
}

// Documents open for editing, of any kind: read, saved as drafts, accepted, discarded, deleted.
import { z } from 'zod';
import {
  type Dependent,
  documentFolders,
  type DocumentKind,
  type DocumentOf,
  documentRoutes,
  type Trashed,
  trashRoutes,
} from '../../../contract/document.ts';
import { pathTo } from '../../../contract/route.ts';
import { studioRoutes } from '../../../contract/studio.ts';
import type { Batch } from '../../../core/batch/batch.ts';
import type { Piece } from '../../../core/piece/piece.ts';
import type { Fair } from '../../../core/price/fair/fair.ts';
import type { Quote } from '../../../core/price/quote/quote.ts';
import type { Studio } from '../../../core/studio/studio.ts';
import { api, requestOf } from '../api.ts';
import { askOrFind } from '../device/while-away.ts';
import type * as PatchLists from '../patch-lists.ts';

export interface Bodies {
  readonly piece: Piece;
  readonly batch: Batch;
  readonly studio: Studio;
  readonly fair: Fair;
  readonly quote: Quote;
}

/** A document's place in the ledger. */
export interface DocumentKey {
  readonly kind: DocumentKind;
  readonly id: string;
}

/** A document that stands in a list. */
interface ListedKey {
  readonly kind: Exclude<DocumentKind, 'studio'>;
  readonly id: string;
}

// The body of a document of any kind: the server checks it, so its schema stays out of the first load.
const anyBody = z.unknown();
const routesOf = {
  piece: documentRoutes(documentFolders.piece, anyBody),
  batch: documentRoutes(documentFolders.batch, anyBody),
  fair: documentRoutes(documentFolders.fair, anyBody),
  quote: documentRoutes(documentFolders.quote, anyBody),
  studio: studioRoutes,
} as const;
const tagByKind = { piece: 'Pieces', batch: 'Batches', studio: 'Studio', fair: 'Fairs', quote: 'Quotes' } as const;

/** The path a draft is saved at. */
export function draftPathOf({ kind, id }: DocumentKey): string {
  return pathTo(routesOf[kind].saveDraft, { id });
}

/**
 * The module that knows the lists of all kinds, loaded when a document is opened.
 * @returns null when it cannot be fetched: the lists are fetched again instead
 */
export async function listPatches(): Promise<typeof PatchLists | null> {
  return await import('../patch-lists.ts').catch(() => null);
}

/** An item of a list: a document, or a batch with its pieces. */
type ListItem = DocumentOf<unknown> | { readonly batch: DocumentOf<unknown> };

function documentIn(item: ListItem): DocumentOf<unknown> {
  return 'batch' in item ? item.batch : item;
}

const injected = api.injectEndpoints({
  endpoints: (build) => ({
    getDocument: build.query<DocumentOf<unknown>, DocumentKey>({
      queryFn: async ({ kind, id }, _api, _options, ask) => {
        const asked = requestOf(routesOf[kind].get, { params: { id } });
        const list = kind === 'studio' ? 'api/studio' : `api/${documentFolders[kind]}`;
        return await askOrFind(ask, asked, list, (items) =>
          (items as ListItem[]).map(documentIn).find((one) => one.id === id),
        );
      },
      keepUnusedDataFor: 0,
      providesTags: (_result, _error, { kind, id }) => [{ type: 'Document', id: `${kind}/${id}` }],
    }),
    saveDraft: build.mutation<DocumentOf<unknown>, DocumentKey & { version: number; body: unknown; writer: string }>({
      extraOptions: { isDraft: true },
      query: ({ kind, id, ...body }) => requestOf(routesOf[kind].saveDraft, { params: { id }, body }),
      // The lists take the saved draft itself: fetching a whole list after each pause in typing would be waste.
      onQueryStarted: async ({ kind }, { dispatch, queryFulfilled }) => {
        const { data } = await queryFulfilled.catch(() => ({ data: null }));
        if (!data) return;
        const lists = await listPatches();
        if (lists) lists.patchLists(dispatch, kind, data);
        else dispatch(api.util.invalidateTags([tagByKind[kind]]));
      },
    }),
    dropDraft: build.mutation<DocumentOf<unknown>, DocumentKey & { version: number }>({
      query: ({ kind, id, ...body }) => requestOf(routesOf[kind].dropDraft, { params: { id }, body }),
      invalidatesTags: (_result, _error, { kind }) => [tagByKind[kind]],
    }),
    acceptDraft: build.mutation<DocumentOf<unknown>, DocumentKey & { version: number }>({
      query: ({ kind, id, ...body }) => requestOf(routesOf[kind].accept, { params: { id }, body }),
      // A cancelled batch returns its metal to stock.
      invalidatesTags: (_result, _error, { kind }) =>
        kind === 'batch' ? [tagByKind[kind], 'Shelf', 'Account'] : [tagByKind[kind]],
    }),
    archiveDocument: build.mutation<DocumentOf<unknown>, ListedKey & { version: number; archived: boolean }>({
      query: ({ kind, id, ...body }) => requestOf(routesOf[kind].archive, { params: { id }, body }),
      invalidatesTags: (_result, _error, { kind }) => [tagByKind[kind]],
    }),
    getDependents: build.query<Dependent[], ListedKey>({
      query: ({ kind, id }) => requestOf(routesOf[kind].dependents, { params: { id } }),
      keepUnusedDataFor: 0,
    }),
    removeDocument: build.mutation<null, ListedKey & { version: number }>({
      query: ({ kind, id, ...body }) => requestOf(routesOf[kind].remove, { params: { id }, body }),
      invalidatesTags: (_result, _error, { kind }) => [tagByKind[kind], 'Trash'],
    }),
    getTrash: build.query<Trashed[], void>({
      query: () => requestOf(trashRoutes.list),
      providesTags: ['Trash'],
    }),
    restoreDocument: build.mutation<null, ListedKey>({
      query: (body) => requestOf(trashRoutes.restore, { body }),
      invalidatesTags: (_result, _error, { kind }) => [tagByKind[kind], 'Trash'],
    }),
  }),
});

export const {
  useArchiveDocumentMutation,
  useGetDependentsQuery,
  useGetDocumentQuery,
  useGetTrashQuery,
  useRemoveDocumentMutation,
  useRestoreDocumentMutation,
  endpoints: documentEndpoints,
} = injected;

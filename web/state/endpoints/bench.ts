// The bench log, and what it tells.
import {
  type BenchPhoto,
  benchRoutes,
  type LearnedKind,
  type PieceAtBench,
  type WorkedPage,
} from '../../../contract/bench.ts';
import { type BenchPage, planRoutes } from '../../../contract/plan.ts';
import type { NewBenchEntry } from '../../../core/bench/bench-entry.ts';
import { api, parsedBy, requestOf } from '../api.ts';

const injected = api.injectEndpoints({
  endpoints: (build) => ({
    getBench: build.query<BenchPage, void>({
      query: () => requestOf(planRoutes.bench),
      transformResponse: parsedBy(planRoutes.bench),
      providesTags: ['Bench'],
    }),
    getBatchLog: build.query<BenchPage, string>({
      query: (batch) => requestOf(planRoutes.bench, { query: { batch } }),
      transformResponse: parsedBy(planRoutes.bench),
      providesTags: ['Bench'],
    }),
    addBenchEntries: build.mutation<BenchPage, readonly NewBenchEntry[]>({
      query: (entries) => requestOf(planRoutes.addEntries, { body: { entries } }),
      extraOptions: { isEntry: true },
      transformResponse: parsedBy(planRoutes.addEntries),
      invalidatesTags: ['Bench'],
      // Shown at once: the tablet at the bench waits for nobody.
      onQueryStarted: async (entries, { dispatch, queryFulfilled }) => {
        const patch = dispatch(
          injected.util.updateQueryData('getBench', undefined, (page) => {
            for (const { uid = '', ms = 0, detail = {}, ...entry } of entries)
              page.entries.push({ ...entry, uid, ms, detail, id: Number.MAX_SAFE_INTEGER, at: NOT_YET });
          }),
        );
        const refused = await queryFulfilled.then(
          () => false,
          (failure: unknown) => isRefused(failure),
        );
        if (refused) patch.undo();
      },
    }),
    addBenchPhoto: build.mutation<BenchPage, { readonly entry: BenchPhoto; readonly file: File }>({
      query: ({ entry, file }) => requestOf(benchRoutes.addPhoto, { query: entry, body: file }),
      extraOptions: { isEntry: true },
      transformResponse: parsedBy(benchRoutes.addPhoto),
      invalidatesTags: ['Bench'],
    }),
    getPieceAtBench: build.query<PieceAtBench, string>({
      query: (id) => requestOf(benchRoutes.ofPiece, { params: { id } }),
      transformResponse: parsedBy(benchRoutes.ofPiece),
      providesTags: ['Bench', 'Pieces'],
    }),
    getLearnedKinds: build.query<LearnedKind[], void>({
      query: () => requestOf(benchRoutes.kinds),
      transformResponse: parsedBy(benchRoutes.kinds),
      providesTags: ['Bench'],
    }),
    getHours: build.query<WorkedPage[], { readonly from: string; readonly to: string }>({
      query: (query) => requestOf(benchRoutes.hours, { query }),
      transformResponse: parsedBy(benchRoutes.hours),
      providesTags: ['Bench'],
    }),
  }),
});

/** Refused, not lost: what was lost waits and is sent again. */
function isRefused(failure: unknown): boolean {
  const { error } = failure as { readonly error?: { readonly status?: unknown } };
  return typeof error?.status === 'number' && error.status >= 400 && error.status < 500;
}

/** An entry that the ledger has not stored yet. */
const NOT_YET = '1970-01-01T00:00:00Z';

export const {
  useGetBenchQuery,
  useGetBatchLogQuery,
  useAddBenchEntriesMutation,
  useAddBenchPhotoMutation,
  useGetPieceAtBenchQuery,
  useGetLearnedKindsQuery,
  useGetHoursQuery,
} = injected;

// Copies of the ledger.
import { backupRoutes, type Backups } from '../../../contract/backups.ts';
import { api, parsedBy, requestOf } from '../api.ts';

const injected = api.injectEndpoints({
  endpoints: (build) => ({
    getBackups: build.query<Backups, void>({
      query: () => requestOf(backupRoutes.state),
      transformResponse: parsedBy(backupRoutes.state),
      providesTags: ['Backups'],
    }),
    backUpNow: build.mutation<Backups, void>({
      query: () => requestOf(backupRoutes.now),
      transformResponse: parsedBy(backupRoutes.now),
      invalidatesTags: ['Backups'],
    }),
    getAbout: build.query<{ copyOf: string; sampleFrom: string }, void>({ query: () => requestOf(backupRoutes.about) }),
    lookIntoBackup: build.mutation<{ address: string }, string>({
      query: (name) => requestOf(backupRoutes.look, { params: { name } }),
    }),
    openSample: build.mutation<{ address: string }, string>({
      query: (from) => requestOf(backupRoutes.sample, { body: { from } }),
    }),
    restoreBackup: build.mutation<null, string>({
      query: (name) => requestOf(backupRoutes.restore, { params: { name } }),
    }),
    setBackupFolder: build.mutation<Backups, string>({
      query: (otherFolder) => requestOf(backupRoutes.folder, { body: { otherFolder } }),
      transformResponse: parsedBy(backupRoutes.folder),
      invalidatesTags: ['Backups'],
    }),
  }),
});

export const {
  useGetBackupsQuery,
  useGetAboutQuery,
  useBackUpNowMutation,
  useLookIntoBackupMutation,
  useRestoreBackupMutation,
  useOpenSampleMutation,
  useSetBackupFolderMutation,
} = injected;

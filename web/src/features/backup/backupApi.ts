import type { BackupRecord, Backups, Restored } from '@yellowmist/contract';
import { api } from '../../state/api';
import { sendFile } from './sending';

/** Backups beside the data; only their page asks for them. */
const backupApi = api.enhanceEndpoints({ addTagTypes: ['Backups'] }).injectEndpoints({
  endpoints: (build) => ({
    backups: build.query<Backups, void>({ query: () => 'backups', providesTags: ['Backups'] }),
    makeBackup: build.mutation<BackupRecord, void>({
      query: () => ({ url: 'backups', method: 'POST' }),
      invalidatesTags: ['Backups'],
    }),
    bringBackup: build.mutation<BackupRecord, { file: File; onGone: (bytes: number) => void }>({
      queryFn: ({ file, onGone }) => sendFile<BackupRecord>('/api/backups/file', file, onGone),
      invalidatesTags: ['Backups'],
    }),
    removeBackup: build.mutation<void, string>({
      query: (id) => ({ url: `backups/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Backups'],
    }),
    restoreBackup: build.mutation<Restored, string>({
      query: (id) => ({ url: `backups/${id}/restore`, method: 'POST' }),
    }),
    forgetAside: build.mutation<void, void>({
      query: () => ({ url: 'backups/aside', method: 'DELETE' }),
      invalidatesTags: ['Backups', 'Health'],
    }),
  }),
});

export const {
  useBackupsQuery,
  useMakeBackupMutation,
  useBringBackupMutation,
  useRemoveBackupMutation,
  useRestoreBackupMutation,
  useForgetAsideMutation,
} = backupApi;

/** Where a backup is downloaded from, as one file. */
export const backupUrl = (id: string): string => `/api/backups/${id}/file`;

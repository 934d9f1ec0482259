import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, need, sendForm, type Schemas } from '../../shared/api';

export type Backup = Schemas['BackupView'];
export type BackupList = Schemas['BackupList'];
export type Counts = Schemas['BackupCounts'];

export function useBackups() {
  return useQuery({ queryKey: ['backups'], queryFn: () => need(api.GET('/api/v1/backups')) });
}

export function useBackUp() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: () => need(api.POST('/api/v1/backups')),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['backups'] }),
  });
}

/** Takes a backup from elsewhere, once it was opened and read. */
export function useBringBackup() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (file: File) => {
      const form = new FormData();
      form.append('file', file);
      return sendForm<Backup>('/api/v1/backups/files', form, {});
    },
    onSuccess: () => queries.invalidateQueries({ queryKey: ['backups'] }),
  });
}

export function useRestore() {
  return useMutation({
    mutationFn: (name: string) =>
      need(api.POST('/api/v1/backups/{name}/restore', { params: { path: { name } } })),
  });
}

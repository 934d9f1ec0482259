import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, need, type Schemas } from '../../shared/api';

export type Backup = Schemas['BackupView'];

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

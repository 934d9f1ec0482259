import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, need, type Schemas } from '../../shared/api';

export type OwnRule = Schemas['OwnRuleView'];

const KEY = ['own-rule'];

export function useOwnRule() {
  return useQuery({
    queryKey: KEY,
    queryFn: () => need(api.GET('/api/v1/own-reviews/rule')),
  });
}

export function useSaveOwnRule() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ admission, notice, noticeTo }: OwnRule) =>
      need(api.PUT('/api/v1/own-reviews/rule', { body: { admission, notice, noticeTo } })),
    onSuccess: (rule) => queries.setQueryData(KEY, rule),
  });
}

import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, need, type Schemas } from '../../shared/api';

export type SubmissionPolicyView = Schemas['OwnRuleView'];

const KEY = ['own-rule'];

export function useSubmissionPolicy() {
  return useQuery({
    queryKey: KEY,
    queryFn: () => need(api.GET('/api/v1/submission-policy')),
  });
}

export function useSaveSubmissionPolicy() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ admission, notice, noticeTo }: SubmissionPolicyView) =>
      need(api.PUT('/api/v1/submission-policy', { body: { admission, notice, noticeTo } })),
    onSuccess: (rule) => queries.setQueryData(KEY, rule),
  });
}

import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { api, need, type Schemas } from '../../shared/api';

export type NodClaimRisk = Schemas['NodClaimRisk'];
export type ShownView = Schemas['ShownView'];

/** What may be held against what shoppers get now. */
export function useClaimRisks() {
  return useQuery({
    queryKey: ['proof', 'doubts'],
    queryFn: () => need(api.GET('/api/v1/evidence/claims')),
  });
}

/** Numbers that shoppers were shown on a day of the shop; without one today. */
export function useVisitorCounts(day: string, page: number) {
  return useQuery({
    queryKey: ['proof', 'shown', day, page],
    queryFn: () =>
      need(
        api.GET('/api/v1/evidence/visitor-counts', {
          params: { query: { ...(day ? { day } : {}), page } },
        }),
      ),
    placeholderData: keepPreviousData,
  });
}

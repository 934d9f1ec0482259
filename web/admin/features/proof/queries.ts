import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { api, need, type Schemas } from '../../shared/api';

export type DoubtOfNod = Schemas['DoubtOfNod'];
export type ShownView = Schemas['ShownView'];

/** What may be held against what shoppers get now. */
export function useDoubts() {
  return useQuery({
    queryKey: ['proof', 'doubts'],
    queryFn: () => need(api.GET('/api/v1/proof/doubts')),
  });
}

/** Numbers that shoppers were shown on a day of the shop; without one today. */
export function useShown(day: string, page: number) {
  return useQuery({
    queryKey: ['proof', 'shown', day, page],
    queryFn: () =>
      need(
        api.GET('/api/v1/proof/shown', { params: { query: { ...(day ? { day } : {}), page } } }),
      ),
    placeholderData: keepPreviousData,
  });
}

import { useQuery } from '@tanstack/react-query';
import { api, need, type Schemas } from '../../shared/api';

export type Act = Schemas['Act'];
export type Behind = Schemas['BehindView'];
export type MostOrdered = NonNullable<Schemas['MostOrderedView']['product']>;

/** What is worth doing; asked anew whenever the owner comes back. */
export function useActs() {
  return useQuery({
    queryKey: ['today', 'acts'],
    queryFn: () => need(api.GET('/api/v1/today/acts')),
    staleTime: 0,
  });
}

/** What happened. */
export function useBehind() {
  return useQuery({
    queryKey: ['today', 'behind'],
    queryFn: () => need(api.GET('/api/v1/today/behind')),
    staleTime: 0,
  });
}

export function useMostOrdered() {
  return useQuery({
    queryKey: ['today', 'most-ordered'],
    queryFn: () => need(api.GET('/api/v1/today/most-ordered')),
    staleTime: 0,
  });
}

/** What changes by itself next, over all products. */
export function useAhead() {
  return useQuery({
    queryKey: ['today', 'ahead'],
    queryFn: () => need(api.GET('/api/v1/today/ahead')),
    staleTime: 0,
  });
}

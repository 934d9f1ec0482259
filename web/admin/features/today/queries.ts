import { useQuery } from '@tanstack/react-query';
import { api, need, type Schemas } from '../../shared/api';

export type Suggestion = Schemas['ActView'];
export type WeeklyRatingsView = Schemas['BehindView'];
export type TopSellerView = NonNullable<Schemas['MostOrderedView']['product']>;

/** What is worth doing; asked anew whenever the owner comes back. */
export function useSuggestions() {
  return useQuery({
    queryKey: ['today', 'acts'],
    queryFn: () => need(api.GET('/api/v1/dashboard/suggestions')),
    staleTime: 0,
  });
}

/** What happened. */
export function useWeeklyRatings() {
  return useQuery({
    queryKey: ['today', 'behind'],
    queryFn: () => need(api.GET('/api/v1/dashboard/history')),
    staleTime: 0,
  });
}

export function useTopSeller() {
  return useQuery({
    queryKey: ['today', 'most-ordered'],
    queryFn: () => need(api.GET('/api/v1/dashboard/top-seller')),
    staleTime: 0,
  });
}

/** What changes by itself next, over all products. */
export function useUpcomingChanges() {
  return useQuery({
    queryKey: ['today', 'ahead'],
    queryFn: () => need(api.GET('/api/v1/dashboard/upcoming-changes')),
    staleTime: 0,
  });
}

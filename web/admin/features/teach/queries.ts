import { useQuery } from '@tanstack/react-query';
import { api, need, type Schemas } from '../../shared/api';

export type TriedListing = Schemas['TriedListing'];

/** The shop's listings, each with how many of its cards the draft knows; asked anew as it changes. */
export function useListingsTried() {
  return useQuery({
    queryKey: ['arrangement', 'pages', 'listings'],
    queryFn: () => need(api.GET('/api/v1/page/check/listings')),
    staleTime: 60_000,
    retry: false,
  });
}

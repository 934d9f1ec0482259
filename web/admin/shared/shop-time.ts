import { useQuery } from '@tanstack/react-query';
import { api, need } from './api';

let known = '';

/** What the shop's clock shows, by the server: the machine's own may be wrong, or elsewhere. */
export function useShopTime() {
  return useQuery({
    queryKey: ['clock'],
    queryFn: async () => {
      const clock = await need(api.GET('/api/v1/clock'));
      known = clock.shopTime;
      return clock;
    },
    refetchInterval: 60_000,
  });
}

/** The shop's day as far as it was asked for; the machine's before that. */
export const shopToday = () => (known || new Date().toISOString()).slice(0, 10);

import { useQuery } from '@tanstack/react-query';
import { api, need } from './api';

export const CLOCK = 'clock';

/** How far the machine's clock lies behind the server's, in milliseconds. */
let behind = 0;
let known = '';

/** What the shop's clock shows, by the server: the machine's own may be wrong, or elsewhere. */
export function useShopTime() {
  return useQuery({
    queryKey: [CLOCK],
    queryFn: async () => {
      const clock = await need(api.GET('/api/v1/clock'));
      known = clock.shopTime;
      behind = Date.parse(clock.now) - Date.now();
      return clock;
    },
    // a server that is away is asked more often, to hear when it is back
    refetchInterval: ({ state }) => (state.status === 'error' ? 5_000 : 60_000),
  });
}

/** The shop's day as far as it was asked for; the machine's before that. */
export const shopToday = () => (known || new Date(serverNow()).toISOString()).slice(0, 10);

/** The moment by the server's clock, in milliseconds. */
export const serverNow = () => Date.now() + behind;

import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, need } from '../../shared/api';
import { choices } from '../../shared/choices';
import { Pick } from '../../ui/pick';
import { useSay } from '../../ui/toasts';

const KEY = ['simulated-shoppers'];
const PACES = choices(['0', 'off'], ['12', '12 views a minute'], ['60', '60'], ['120', '120']);

/** Shoppers who walk the demo's shop, so that numbers move; in no other shop. */
export function SimulatedShoppers() {
  const queries = useQueryClient();
  const { sayProblem } = useSay();
  const pace = useQuery({
    queryKey: KEY,
    queryFn: () => need(api.GET('/api/v1/demo/shoppers')),
  });
  const set = useMutation({
    mutationFn: (perMinute: number) =>
      need(api.PUT('/api/v1/demo/shoppers', { body: { perMinute } })),
    onSuccess: (now) => queries.setQueryData(KEY, now),
    onError: sayProblem,
  });
  const now = pace.data?.perMinute;
  if (now === undefined) return null;
  return (
    <section className="rounded-2xl border border-line bg-paper p-6">
      <h2 className="mb-2 text-lg">Simulated shoppers</h2>
      <p className="leading-8 text-ink-2">
        In this demo shop they are{' '}
        <Pick
          label="Simulated shoppers"
          value={String(now)}
          choices={PACES}
          onPick={(views) => set.mutate(Number(views))}
        />
        . They open pages as any browser does, so that visitor counts move; they walk in no other
        shop.
      </p>
    </section>
  );
}

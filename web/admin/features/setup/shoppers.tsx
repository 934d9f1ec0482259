import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, need } from '../../shared/api';
import { choices } from '../../shared/choices';
import { InlineSelect } from '../../ui/inline-select';
import { useNotify } from '../../ui/toasts';
import { T, t } from '../../shared/t';

const KEY = ['simulated-shoppers'];
const PACES = choices(
  ['0', t('setup.shoppers.off')],
  ['12', t('setup.shoppers.12ViewsAMinute')],
  ['60', '60'],
  ['120', '120'],
);

/** Shoppers who walk the demo's shop, so that numbers move; in no other shop. */
export function SimulatedShoppers() {
  const queries = useQueryClient();
  const { sayProblem } = useNotify();
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
      <h2 className="mb-2 text-lg">{t('setup.shoppers.simulatedShoppers')}</h2>
      <p className="leading-8 text-ink-2">
        <T
          id="setup.shoppers.inThisDemoShopThey"
          values={{
            pick: (
              <InlineSelect
                label={t('setup.shoppers.simulatedShoppers')}
                value={String(now)}
                choices={PACES}
                onPick={(views) => set.mutate(Number(views))}
              />
            ),
          }}
        />
      </p>
    </section>
  );
}

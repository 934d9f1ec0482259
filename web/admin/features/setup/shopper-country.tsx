import { useState } from 'react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, need, problemText } from '../../shared/api';
import { useUnsaved } from '../../shared/unsaved';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { useNotify } from '../../ui/toasts';
import { T, t } from '../../shared/t';

const KEY = ['where'];

/** How the country of a shopper is known, which delivery promises go by. */
export function ShopperCountry() {
  const queries = useQueryClient();
  const { say } = useNotify();
  const where = useQuery({ queryKey: KEY, queryFn: () => need(api.GET('/api/v1/geo')) });
  const [typed, setTyped] = useState<string>();
  const set = useMutation({
    mutationFn: (header: string) => need(api.PUT('/api/v1/geo', { body: { header } })),
    onSuccess: (now) => {
      queries.setQueryData(KEY, now);
      setTyped(undefined);
      say(t('setup.shopperCountry.saved'));
    },
  });
  const now = where.data;
  useUnsaved('where', typed !== undefined && typed !== now?.header);
  if (!now) return null;
  return (
    <section className="rounded-2xl border border-line bg-paper p-6">
      <h2 className="mb-2 text-lg">{t('setup.shopperCountry.shoppersCountry')}</h2>
      <p className="mb-3 text-ink-2">
        <T
          id="setup.shopperCountry.weUseInThisOrder"
          values={{
            looksUp: now.looksUp
              ? t('setup.shopperCountry.theCountryFile')
              : t('setup.shopperCountry.noCountryFile'),
          }}
        />
      </p>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          set.mutate(typed ?? now.header);
        }}
      >
        <Field
          label={t('setup.shopperCountry.proxyHeaderWithTheCountry')}
          note={t('setup.shopperCountry.leaveThisEmptyUnlessYour')}
          fault={set.error ? problemText(set.error) : undefined}
          value={typed ?? now.header}
          onChange={(event) => setTyped(event.target.value)}
        />
        <Button look="inside" type="submit" className="mt-2" disabled={set.isPending}>
          {t('setup.shopperCountry.save')}
        </Button>
      </form>
    </section>
  );
}

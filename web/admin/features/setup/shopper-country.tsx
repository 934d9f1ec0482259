import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, need } from '../../shared/api';
import { useServerForm } from '../../shared/server-form';
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
  const { form, field, problem, isChanged, onSubmit, refuse } = useServerForm({
    header: where.data?.header ?? '',
  });
  const set = useMutation({
    mutationFn: (header: string) => need(api.PUT('/api/v1/geo', { body: { header } })),
    onSuccess: (now) => {
      queries.setQueryData(KEY, now);
      form.reset({ header: now.header });
      say(t('setup.shopperCountry.saved'));
    },
    onError: refuse,
  });
  const now = where.data;
  useUnsaved('where', isChanged);
  if (!now) return null;
  const submit = onSubmit((given) => set.mutate(given.header));
  const { fault = problem, ...input } = field('header');
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
      <form onSubmit={(event) => void submit(event)}>
        <Field
          label={t('setup.shopperCountry.proxyHeaderWithTheCountry')}
          note={t('setup.shopperCountry.leaveThisEmptyUnlessYour')}
          {...input}
          fault={fault}
        />
        <Button look="inside" type="submit" className="mt-2" disabled={set.isPending}>
          {t('setup.shopperCountry.save')}
        </Button>
      </form>
    </section>
  );
}

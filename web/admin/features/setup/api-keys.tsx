import { useState } from 'react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from '../../ui/button';
import { Failure, Loading } from '../../ui/empty-state';
import { Field } from '../../ui/field';
import { InlineSelect, type Choice } from '../../ui/inline-select';
import { PickMany } from '../../ui/pick-many';
import { api, need, type Schemas } from '../../shared/api';
import { moment, since } from '../../shared/format';
import { useServerForm } from '../../shared/server-form';
import { useShop } from '../shop/queries';
import { useNotify } from '../../ui/toasts';
import { T, t } from '../../shared/t';

type Scope = Schemas['KeyLine']['scopes'][number];

const SCOPES: Choice<Scope>[] = [
  { value: 'PRODUCTS_IN', text: t('setup.apiKeys.sendingProductsAndOrders') },
  { value: 'REVIEWS_OUT', text: t('setup.apiKeys.readingReviews') },
  { value: 'PREVIEW', text: t('setup.apiKeys.previewingPages') },
  { value: 'PUBLISH', text: t('setup.apiKeys.publishingTheDraft') },
  { value: 'ALL', text: t('setup.apiKeys.everythingAnEditorCanDo') },
];
const ENDS: Choice<string>[] = [
  { value: '30', text: t('setup.apiKeys.in30Days') },
  { value: '365', text: t('setup.apiKeys.inAYear') },
  { value: '', text: t('setup.apiKeys.never') },
];

const told = (key: Schemas['KeyLine'], zone: string) =>
  key.endsAt
    ? t('setup.apiKeys.expires', { endsAt: moment(key.endsAt, zone) })
    : t('setup.apiKeys.doesNotExpire');

/** Keys for programs that send products and orders; each is told once. */
export function ApiKeys() {
  const queries = useQueryClient();
  const keys = useQuery({ queryKey: ['keys'], queryFn: () => need(api.GET('/api/v1/api-keys')) });
  const again = () => void queries.invalidateQueries({ queryKey: ['keys'] });
  return (
    <section
      className="rounded-2xl border border-line bg-paper p-6"
      aria-label={t('setup.apiKeys.apiKeys')}
    >
      <h2 className="mb-2 text-lg">{t('setup.apiKeys.apiKeys2')}</h2>
      <p className="text-[13px] text-ink-2">{t('setup.apiKeys.aTillOrYourShops')}</p>
      <NewKey onMade={again} />
      {keys.error ? (
        <Failure error={keys.error} again={() => void keys.refetch()} />
      ) : !keys.data ? (
        <Loading lines={1} />
      ) : (
        <KeyList keys={keys.data.items} onChanged={again} />
      )}
    </section>
  );
}

/** A key is made, and told once. */
function NewKey({ onMade }: { onMade: () => void }) {
  const [scopes, setScopes] = useState<Scope[]>(['PRODUCTS_IN']);
  const [days, setDays] = useState('365');
  const { form, field, problem, hasFaults, onSubmit, refuse } = useServerForm({ name: '' });
  const make = useMutation({
    mutationFn: (name: string) =>
      need(
        api.POST('/api/v1/api-keys', {
          body: { name, scopes, ...(days ? { days: Number(days) } : {}) },
        }),
      ),
    onSuccess: () => {
      form.reset();
      onMade();
    },
    onError: refuse,
  });
  const submit = onSubmit(({ name }) => make.mutate(name));
  const isNamed = form.getValues('name').trim() !== '';
  const named = field('name');
  return (
    <>
      <form className="mt-3 flex items-start gap-3" onSubmit={(event) => void submit(event)}>
        <Field
          label={t('setup.apiKeys.name')}
          className="flex-1"
          maxLength={60}
          {...named}
          fault={named.fault ?? (hasFaults ? undefined : problem)}
        />
        <span className="pt-7">
          <Button type="submit" disabled={!isNamed || scopes.length === 0 || make.isPending}>
            {t('setup.apiKeys.createKey')}
          </Button>
        </span>
      </form>
      <p className="text-[15px] leading-8 text-ink-2">
        <T
          id="setup.apiKeys.itAllowsItExpires"
          values={{
            scopes: (
              <PickMany
                label={t('setup.apiKeys.allowed')}
                values={scopes}
                any={t('setup.apiKeys.nothingYet')}
                choices={SCOPES}
                onPick={setScopes}
              />
            ),
            end: (
              <InlineSelect
                label={t('setup.apiKeys.expires2')}
                value={days}
                choices={ENDS}
                onPick={setDays}
              />
            ),
          }}
        />
      </p>
      {make.data && (
        <p role="status" className="mt-2 rounded-lg bg-fern-soft px-3 py-2 text-fern-ink">
          <T
            id="setup.apiKeys.copyThisKeyNowIt"
            values={{ code: <code className="break-all">{make.data.key}</code> }}
          />
        </p>
      )}
    </>
  );
}

/** The keys there are, each with what it opens and when it was used. */
function KeyList({ keys, onChanged }: { keys: Schemas['KeyLine'][]; onChanged: () => void }) {
  const { sayProblem } = useNotify();
  const zone = useShop().data?.zone ?? 'UTC';
  const remove = useMutation({
    mutationFn: (id: number) =>
      need(api.DELETE('/api/v1/api-keys/{id}', { params: { path: { id } } })),
    onSettled: onChanged,
    onError: sayProblem,
  });
  return (
    <ul className="mt-3">
      {keys.map((key) => (
        <li
          key={key.id}
          className="flex items-baseline gap-3 border-t border-line/70 py-1.5 first:border-0"
        >
          <span className="min-w-0 flex-1">
            <b className="block truncate">{key.name}</b>
            <span className="text-[13px] text-ink-2">
              {key.scopes
                .map((one) => SCOPES.find(({ value }) => value === one)?.text ?? one)
                .join(', ')}
            </span>
          </span>
          <span className="text-end text-[13px] text-ink-2">
            {key.isOver ? (
              <b className="text-rust-ink">{t('setup.apiKeys.expired')}</b>
            ) : (
              told(key, zone)
            )}
            <br />
            {key.usedAt
              ? t('setup.apiKeys.lastUsed', { usedAt: since(key.usedAt) })
              : t('setup.apiKeys.neverUsed')}
          </span>
          <Button look="link" onClick={() => remove.mutate(key.id)}>
            {t('setup.apiKeys.remove')}
          </Button>
        </li>
      ))}
    </ul>
  );
}

import { useState } from 'react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from '../../ui/button';
import { Failure, Loading } from '../../ui/empty-state';
import { Field } from '../../ui/field';
import { InlineSelect, type Choice } from '../../ui/inline-select';
import { PickMany } from '../../ui/pick-many';
import { api, need, Problem, type Schemas } from '../../shared/api';
import { moment, since } from '../../shared/format';
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
  const [name, setName] = useState('');
  const [scopes, setScopes] = useState<Scope[]>(['PRODUCTS_IN']);
  const [days, setDays] = useState('365');
  const [made, setMade] = useState<string>();
  const { sayProblem } = useNotify();
  const zone = useShop().data?.zone ?? 'UTC';
  const keys = useQuery({ queryKey: ['keys'], queryFn: () => need(api.GET('/api/v1/api-keys')) });
  const again = () => void queries.invalidateQueries({ queryKey: ['keys'] });
  const make = useMutation({
    mutationFn: () =>
      need(
        api.POST('/api/v1/api-keys', {
          body: { name, scopes, ...(days ? { days: Number(days) } : {}) },
        }),
      ),
    onSuccess: ({ key }) => {
      setMade(key);
      setName('');
      again();
    },
  });
  const remove = useMutation({
    mutationFn: (id: number) =>
      need(api.DELETE('/api/v1/api-keys/{id}', { params: { path: { id } } })),
    onSettled: again,
    onError: sayProblem,
  });
  return (
    <section
      className="rounded-2xl border border-line bg-paper p-6"
      aria-label={t('setup.apiKeys.apiKeys')}
    >
      <h2 className="mb-2 text-lg">{t('setup.apiKeys.apiKeys2')}</h2>
      <p className="text-[13px] text-ink-2">{t('setup.apiKeys.aTillOrYourShops')}</p>
      <form
        className="mt-3 flex items-start gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          make.mutate();
        }}
      >
        <Field
          label={t('setup.apiKeys.name')}
          className="flex-1"
          value={name}
          maxLength={60}
          fault={make.error instanceof Problem ? make.error.message : undefined}
          onChange={(event) => setName(event.target.value)}
        />
        <span className="pt-7">
          <Button type="submit" disabled={!name.trim() || scopes.length === 0 || make.isPending}>
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
      {made && (
        <p role="status" className="mt-2 rounded-lg bg-fern-soft px-3 py-2 text-fern-ink">
          <T
            id="setup.apiKeys.copyThisKeyNowIt"
            values={{ code: <code className="break-all">{made}</code> }}
          />
        </p>
      )}
      {keys.error ? (
        <Failure error={keys.error} again={() => void keys.refetch()} />
      ) : !keys.data ? (
        <Loading lines={1} />
      ) : (
        <ul className="mt-3">
          {keys.data.items.map((key) => (
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
      )}
    </section>
  );
}

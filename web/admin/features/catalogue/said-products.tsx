import { useState } from 'react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, need } from '../../shared/api';
import { Button } from '../../ui/button';
import { InlineSelect } from '../../ui/inline-select';
import { ProductPick } from '../../ui/product-pick';
import { useNotify } from '../../ui/toasts';
import { T, t } from '../../shared/t';

const SHOWN = 12;
const KEYS = ['feeds', 'feed-look', 'variant-names'];

function useSaid() {
  const queries = useQueryClient();
  return () => Promise.all(KEYS.map((name) => queries.invalidateQueries({ queryKey: [name] })));
}

function useSay() {
  const onSuccess = useSaid();
  return useMutation({
    mutationFn: (body: { name: string; sku: string }) =>
      need(api.PUT('/api/v1/catalogue/variant-names', { body })),
    onSuccess,
  });
}

function useForget() {
  const onSuccess = useSaid();
  return useMutation({
    mutationFn: (name: string) =>
      need(api.DELETE('/api/v1/catalogue/variant-names', { params: { query: { name } } })),
    onSuccess,
  });
}

interface UnknownProductsProps {
  names: { name: string; lines: number }[];
  /** whether the file was read already, and has to be read again */
  isRead?: boolean;
}

/** Names of orders that the catalogue does not know, each with what it can mean. */
export function UnknownProducts({ names, isRead = true }: UnknownProductsProps) {
  if (names.length === 0) return null;
  return (
    <section
      aria-label={t('catalogue.saidProducts.unknown')}
      className="mb-2 rounded-xl bg-saffron-soft px-4 py-3 text-saffron-ink"
    >
      <p>
        {isRead ? t('catalogue.saidProducts.chooseAndAgain') : t('catalogue.saidProducts.choose')}
      </p>
      <ul className="mt-1.5 flex flex-col gap-1.5">
        {names.slice(0, SHOWN).map((one) => (
          <Unknown key={one.name} {...one} />
        ))}
      </ul>
      {names.length > SHOWN && (
        <p className="mt-1 text-[13px]">
          {t('catalogue.saidProducts.more', { more: names.length - SHOWN })}
        </p>
      )}
    </section>
  );
}

function Unknown({ name, lines }: { name: string; lines: number }) {
  const [slug, setSlug] = useState<string>();
  const [sku, setSku] = useState<string>();
  const { say, sayProblem } = useNotify();
  const keep = useSay();
  const variants = useQuery({
    queryKey: ['variants', slug],
    queryFn: () =>
      need(
        api.GET('/api/v1/catalogue/products/{slug}/variants', {
          params: { path: { slug: slug ?? '' } },
        }),
      ),
    enabled: !!slug,
  });
  const items = variants.data?.items ?? [];
  const meant = items.length === 1 ? items[0]?.sku : sku;
  return (
    <li className="flex flex-wrap items-baseline gap-x-3">
      <T
        id="catalogue.saidProducts.means"
        values={{
          lines,
          name: <b className="break-all">{t('shared.format.quoted', { text: name })}</b>,
          product: (
            <ProductPick
              label={t('catalogue.saidProducts.productFor', { name })}
              value={slug}
              onPick={(next) => {
                setSlug(next);
                setSku(undefined);
              }}
            />
          ),
        }}
      />
      {items.length > 1 && (
        <InlineSelect
          label={t('catalogue.saidProducts.variantFor', { name })}
          value={sku ?? ''}
          choices={[
            { value: '', text: t('catalogue.saidProducts.chooseAVariant') },
            ...items.map((one) => ({ value: one.sku, text: one.title || one.sku })),
          ]}
          onPick={(next) => setSku(next || undefined)}
        />
      )}
      {meant && (
        <Button
          disabled={keep.isPending}
          onClick={() =>
            keep.mutate(
              { name, sku: meant },
              {
                onSuccess: () => say(t('catalogue.saidProducts.nowMeans', { name, sku: meant })),
                onError: sayProblem,
              },
            )
          }
        >
          {t('catalogue.saidProducts.use')}
        </Button>
      )}
    </li>
  );
}

/** What the owner said that names mean, each of which can be taken back. */
export function SaidProducts() {
  const [page, setPage] = useState(1);
  const { sayProblem } = useNotify();
  const forget = useForget();
  const said = useQuery({
    queryKey: ['variant-names', page],
    queryFn: () =>
      need(
        api.GET('/api/v1/catalogue/variant-names', { params: { query: { page, size: SHOWN } } }),
      ),
    placeholderData: (previous) => previous,
  });
  if (!said.data || said.data.total === 0) return null;
  const last = Math.max(1, Math.ceil(said.data.total / SHOWN));
  return (
    <details className="mt-4 rounded-2xl border border-line bg-paper px-5 py-3">
      <summary className="cursor-pointer">
        {t('catalogue.saidProducts.said', { n: said.data.total })}
      </summary>
      <ul className="mt-2">
        {said.data.items.map(({ name, sku, title, variant }) => (
          <li
            key={name}
            className="flex flex-wrap items-baseline gap-x-3 border-t border-line/70 py-1.5"
          >
            <span className="min-w-0 flex-1 break-words">
              <T
                id="catalogue.saidProducts.isSaid"
                values={{
                  name: <b>{t('shared.format.quoted', { text: name })}</b>,
                  product: [title, variant].filter(Boolean).join(', '),
                  sku,
                }}
              />
            </span>
            <Button
              look="link"
              aria-label={t('catalogue.saidProducts.takeBackThis', { name })}
              disabled={forget.isPending}
              onClick={() => forget.mutate(name, { onError: sayProblem })}
            >
              {t('catalogue.saidProducts.takeBack')}
            </Button>
          </li>
        ))}
      </ul>
      {last > 1 && (
        <p className="flex items-center justify-end gap-3 text-[13px]">
          <Button disabled={page === 1} onClick={() => setPage(page - 1)}>
            {t('import-check.reviewCard.previous')}
          </Button>
          <Button disabled={page >= last} onClick={() => setPage(page + 1)}>
            {t('import-check.reviewCard.next')}
          </Button>
        </p>
      )}
    </details>
  );
}

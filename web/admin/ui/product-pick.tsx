import { useState } from 'react';
import { queryOptions, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, need } from '../shared/api';
import { number } from '../shared/format';
import { PickLine, PickSheet } from './pick-sheet';
import { T, t } from '../shared/t';

interface ProductPickProps {
  label: string;
  value: string | undefined;
  none?: string;
  /** what is worth a look, on top until something is typed */
  quick?: { slug: string; title: string; why: string }[];
  onPick: (slug: string | undefined) => void;
}

const SHOWN = 40;

const asked = (text: string) =>
  queryOptions({
    queryKey: ['products', text],
    queryFn: () =>
      need(api.GET('/api/v1/catalogue/products', { params: { query: { q: text, size: SHOWN } } })),
  });

export function useProducts(text: string) {
  return useQuery({ ...asked(text), placeholderData: (previous) => previous });
}

/** A product, chosen by typing some of its name or SKU. */
export function ProductPick({ label, value, none, quick = [], onPick }: ProductPickProps) {
  const [open, setOpen] = useState(false);
  const [text, setText] = useState('');
  const queries = useQueryClient();
  const products = useProducts(text);
  const named = useProducts(value ?? '');
  const title = named.data?.items.find((product) => product.slug === value)?.title ?? value;
  const pick = (slug: string | undefined) => {
    setOpen(false);
    setText('');
    onPick(slug);
  };
  /** Enter takes the first of what is asked for now, not of what an earlier text found. */
  const pickFirst = async () => {
    const found = await queries.ensureQueryData(asked(text)).catch(() => undefined);
    const first = found?.items[0];
    if (first) pick(first.slug);
  };
  return (
    <PickSheet
      label={label}
      shown={title ?? none ?? t('ui.productPick.chooseAProduct')}
      hint={t('ui.productPick.nameOrSku')}
      field={t('ui.productPick.nameOrSku')}
      wide
      open={open}
      onOpen={setOpen}
      text={text}
      onText={setText}
      onEnter={() => void pickFirst()}
    >
      {none && !text && <PickLine onPick={() => pick(undefined)}>{none}</PickLine>}
      {!text &&
        quick.map((one) => (
          <PickLine
            key={one.why}
            note={<span className="text-[13px] text-saffron-ink">{one.why}</span>}
            onPick={() => pick(one.slug)}
          >
            {one.title}
          </PickLine>
        ))}
      {!text && quick.length > 0 && (
        <li className="my-1 border-t border-line px-3 pt-1.5 text-[13px] text-ink-2">
          {t('ui.productPick.allProductsWithTheirPublished')}
        </li>
      )}
      {products.data?.items.map((product) => (
        <PickLine
          key={product.slug}
          chosen={product.slug === value}
          note={number(product.published)}
          onPick={() => pick(product.slug)}
        >
          {product.title}
        </PickLine>
      ))}
      {products.data?.items.length === 0 && (
        <li className="px-3 py-2 text-ink-2">{t('ui.productPick.noMatchingProducts')}</li>
      )}
      {products.data && products.data.total > SHOWN && (
        <li className="px-3 pt-1 text-[13px] text-ink-2">
          <T
            id="ui.productPick.moreTypeToNarrowThe"
            values={{ total: products.data.total - SHOWN }}
          />
        </li>
      )}
    </PickSheet>
  );
}

import { useState } from 'react';
import { Popover } from 'radix-ui';
import { queryOptions, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, need } from '../shared/api';
import { number } from '../shared/words';
import { Caret, ITEM, PICK, SHEET } from './pick';

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
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger
        className={PICK}
        aria-label={`${label}: ${title ?? none ?? 'choose a product'}`}
      >
        <span className="truncate">{title ?? none ?? 'choose a product'}</span>
        <Caret />
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          className={`${SHEET} w-96`}
          align="start"
          sideOffset={4}
          aria-label={label}
        >
          <input
            className="mb-1.5 w-full rounded-lg border border-line-3 bg-white px-3 py-1.5"
            placeholder="Name or SKU"
            aria-label="Name or SKU"
            value={text}
            onChange={(event) => {
              setText(event.target.value);
            }}
            onKeyDown={(event) => {
              if (event.key !== 'Enter') return;
              event.preventDefault();
              void pickFirst();
            }}
          />
          <ul className="max-h-80 overflow-auto" aria-label="Products">
            {none && !text && (
              <li>
                <button
                  type="button"
                  className={`${ITEM} hover:bg-plum-soft`}
                  onClick={() => pick(undefined)}
                >
                  {none}
                </button>
              </li>
            )}
            {!text &&
              quick.map((one) => (
                <li key={one.why}>
                  <button
                    type="button"
                    className={`${ITEM} hover:bg-plum-soft`}
                    onClick={() => pick(one.slug)}
                  >
                    <span className="truncate">{one.title}</span>
                    <span className="shrink-0 text-[13px] text-saffron-ink">{one.why}</span>
                  </button>
                </li>
              ))}
            {!text && quick.length > 0 && (
              <li className="my-1 border-t border-line px-3 pt-1.5 text-[13px] text-ink-2">
                All, with their published reviews
              </li>
            )}
            {products.data?.items.map((product) => (
              <li key={product.slug}>
                <button
                  type="button"
                  className={`${ITEM} hover:bg-plum-soft`}
                  onClick={() => pick(product.slug)}
                >
                  <span
                    className={`truncate ${product.slug === value ? 'font-semibold text-plum' : ''}`}
                  >
                    {product.title}
                  </span>
                  <span className="shrink-0 text-ink-2 tabular-nums">
                    {number(product.published)}
                  </span>
                </button>
              </li>
            ))}
            {products.data?.items.length === 0 && (
              <li className="px-3 py-2 text-ink-2">Nothing in the catalogue is called that.</li>
            )}
          </ul>
          {products.data && products.data.total > SHOWN && (
            <p className="px-3 pt-1 text-[13px] text-ink-2">
              {number(products.data.total - SHOWN)} more: type some of the name
            </p>
          )}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

import { useCallback, useMemo, useRef, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { Empty, Failure, Loading } from '../../ui/empty-state';
import { InlineSelect } from '../../ui/inline-select';
import { UndoBar } from '../../ui/undo-bar';

import { useKeys, type KeyNames } from '../../shared/keys';
import { useCategories } from '../layout/queries';
import { ProductPane } from './product-pane';
import { useProductTable, useTags, type ProductsFilter } from './queries';
import { ProductTable } from './table';
import { TagBar } from './tag-bar';
import { T, t } from '../../shared/t';

const SORTS: { value: ProductsFilter['sort']; text: string }[] = [
  { value: 'SHOP', text: t('catalogue.catalogue.byShopOrder') },
  { value: 'SOLD', text: t('catalogue.catalogue.bestSellersFirst') },
  { value: 'STOCK', text: t('catalogue.catalogue.lowestStockFirst') },
  { value: 'PRICE', text: t('catalogue.catalogue.lowestPriceFirst') },
  { value: 'RATING', text: t('catalogue.catalogue.bestRatedFirst') },
  { value: 'NEWEST', text: t('catalogue.catalogue.newestFirst') },
  { value: 'TITLE', text: t('catalogue.catalogue.byName') },
];
const WHICH: { value: string; text: string }[] = [
  { value: '', text: t('catalogue.catalogue.all') },
  { value: 'reduced', text: t('catalogue.catalogue.reduced') },
  { value: 'OUT', text: t('catalogue.catalogue.soldOut') },
  { value: 'FEW', text: t('catalogue.catalogue.almostSoldOut') },
  { value: 'IN', text: t('catalogue.catalogue.inStock') },
  { value: 'UNKNOWN', text: t('catalogue.catalogue.withUnknownStock') },
];

const TOLD: KeyNames = [
  ['/', t('catalogue.catalogue.search')],
  ['↑ ↓', t('catalogue.catalogue.previousOrNextProduct')],
  ['Esc', t('catalogue.catalogue.closeTheProduct')],
  ['Z', t('catalogue.catalogue.undo')],
];

/** All products with what is so about them and what they show; one beside them with its because. */
export function Catalogue() {
  const [search, setSearch] = useSearchParams();
  const [chosen, setChosen] = useState<ReadonlySet<number>>(new Set());
  const [done, setDone] = useState<{ words: string; undo: () => void }>();
  const field = useRef<HTMLInputElement>(null);
  const filter = useMemo(() => filterOf(search), [search]);
  const table = useProductTable(filter);
  const set = useAddress(setSearch);
  const rows = useMemo(
    () => table.data?.pages.flatMap((page) => page.rows.items) ?? [],
    [table.data],
  );
  const open = search.get('open') ?? undefined;
  const { fetchNextPage, hasNextPage, isFetchingNextPage } = table;
  const more = useCallback(() => {
    if (hasNextPage && !isFetchingNextPage) void fetchNextPage();
  }, [fetchNextPage, hasNextPage, isFetchingNextPage]);
  const step = (by: 1 | -1) => {
    const at = rows.findIndex((row) => row.slug === open);
    const next = rows[at < 0 ? 0 : Math.max(0, Math.min(rows.length - 1, at + by))];
    if (next) set({ open: next.slug });
  };
  const undo = () => {
    done?.undo();
    setDone(undefined);
  };
  useKeys(
    {
      '/': () => field.current?.focus(),
      ArrowDown: () => step(1),
      ArrowUp: () => step(-1),
      Escape: () => set({ open: '' }),
      z: undo,
    },
    TOLD,
  );
  const first = table.data?.pages[0];
  const total = first?.rows.total ?? 0;
  const isFiltered = [...search.keys()].some((key) => key !== 'open' && key !== 'sort');
  return (
    <div className={`grid min-h-0 flex-1 ${open ? 'grid-cols-[minmax(0,1fr)_380px]' : ''}`}>
      <section
        className="flex min-h-0 min-w-0 flex-col"
        aria-label={t('catalogue.catalogue.catalogue')}
      >
        <h1 className="sr-only">{t('catalogue.catalogue.catalogue')}</h1>
        <Sentence filter={filter} nods={first?.nods ?? []} onSet={set}>
          <span className="flex-1" />
          {first && (
            <span className="text-[13px] text-ink-2">
              <T
                id="catalogue.catalogue.products3"
                values={{ total, b: (chunks) => <b className="text-ink">{chunks}</b> }}
              />
            </span>
          )}
          <input
            ref={field}
            type="search"
            aria-label={t('catalogue.catalogue.nameSkuOrTag')}
            placeholder={t('catalogue.catalogue.nameSkuOrTag')}
            defaultValue={filter.q}
            className="w-44 rounded-lg border border-line-3 bg-white px-3 py-1"
            onChange={(event) => set({ q: event.target.value })}
          />
          <Link to="/catalogue/feeds" className="text-plum underline">
            {t('catalogue.catalogue.importProducts')}
          </Link>
        </Sentence>
        {table.error ? (
          <Failure error={table.error} again={() => void table.refetch()} />
        ) : !first ? (
          <Loading lines={10} />
        ) : total === 0 ? (
          <NoProducts
            isFiltered={isFiltered}
            onShowAll={() => {
              if (field.current) field.current.value = '';
              setSearch(new URLSearchParams());
            }}
          />
        ) : (
          <ProductTable
            rows={rows}
            total={total}
            nods={first.nods}
            now={first.now}
            at={open}
            chosen={chosen}
            onChoose={setChosen}
            onOpen={(slug) => set({ open: slug === open ? '' : slug })}
            onMore={more}
          />
        )}
        {chosen.size > 0 ? (
          <TagBar
            chosen={chosen}
            onClear={() => setChosen(new Set())}
            onDone={(words, undo) => {
              setDone({ words, undo });
              setChosen(new Set());
            }}
          />
        ) : (
          done && <UndoBar words={done.words} onUndo={undo} />
        )}
      </section>
      {open && (
        <aside className="flex min-h-0 flex-col border-l border-line-2 bg-paper">
          <ProductPane slug={open} onClose={() => set({ open: '' })} />
        </aside>
      )}
    </div>
  );
}

/** Changes parts of the address; what is empty leaves it. */
function useAddress(setSearch: ReturnType<typeof useSearchParams>[1]) {
  return useCallback(
    (changes: Record<string, string>) =>
      setSearch(
        (before) => {
          const next = new URLSearchParams(before);
          for (const [name, value] of Object.entries(changes))
            if (value) next.set(name, value);
            else next.delete(name);
          return next;
        },
        { replace: true },
      ),
    [setSearch],
  );
}

interface NoProductsProps {
  isFiltered: boolean;
  onShowAll: () => void;
}

function NoProducts({ isFiltered, onShowAll }: NoProductsProps) {
  if (isFiltered)
    return (
      <Empty title={t('catalogue.catalogue.noMatchingProducts')}>
        <button type="button" className="text-plum underline" onClick={onShowAll}>
          {t('catalogue.catalogue.clearFilters')}
        </button>
      </Empty>
    );
  return (
    <Empty title={t('catalogue.catalogue.noProductsYet')}>
      <T
        id="catalogue.catalogue.nodsNeedYourProductsPrices"
        values={{
          link: (chunks) => (
            <Link to="/catalogue/feeds" className="text-plum underline">
              {chunks}
            </Link>
          ),
        }}
      />
    </Empty>
  );
}

function filterOf(search: URLSearchParams): ProductsFilter {
  const text = (name: string) => search.get(name) ?? '';
  const which = text('which');
  return {
    q: text('q'),
    category: text('category'),
    tag: text('tag'),
    stock: which === 'reduced' ? '' : (which as ProductsFilter['stock']),
    reduced: which === 'reduced',
    shows: text('shows'),
    hides: text('hides'),
    sort: SORTS.find((sort) => sort.value === text('sort'))?.value ?? 'SHOP',
  };
}

interface SentenceProps {
  filter: ProductsFilter;
  nods: { nod: string; name: string }[];
  onSet: (changes: Record<string, string>) => void;
  children: React.ReactNode;
}

function Sentence({ filter, nods, onSet, children }: SentenceProps) {
  const categories = useCategories();
  const tags = useTags();
  const shown = filter.shows ? `+${filter.shows}` : filter.hides ? `-${filter.hides}` : '';
  return (
    <div className="flex flex-wrap items-center gap-x-1.5 gap-y-1 border-b border-line-2 bg-paper px-4.5 py-2.5 text-ink-2">
      <T
        id="catalogue.catalogue.showProductsInWithAnd"
        values={{
          which: (
            <InlineSelect
              label={t('catalogue.catalogue.products')}
              value={filter.reduced ? 'reduced' : filter.stock}
              choices={WHICH}
              onPick={(which) => onSet({ which })}
            />
          ),
          category: (
            <InlineSelect
              label={t('catalogue.catalogue.category')}
              value={filter.category}
              choices={[{ value: '', text: t('catalogue.catalogue.anyCategory') }, ...categories]}
              onPick={(category) => onSet({ category })}
            />
          ),
          tag: (
            <InlineSelect
              label={t('catalogue.catalogue.tag')}
              value={filter.tag}
              choices={[
                { value: '', text: t('catalogue.catalogue.anyTag') },
                ...(tags.data?.items ?? []).map((one) => ({
                  value: one.tag,
                  text: one.tag,
                  note: t('catalogue.catalogue.products2', { products: one.products }),
                })),
              ]}
              onPick={(tag) => onSet({ tag })}
            />
          ),
          nods: (
            <InlineSelect
              label={t('catalogue.catalogue.nods')}
              value={shown}
              choices={[
                { value: '', text: t('catalogue.catalogue.anyNods') },
                ...nods.flatMap((nod) => [
                  {
                    value: `+${nod.nod}`,
                    text: t('catalogue.catalogue.showing', { name: nod.name }),
                  },
                  {
                    value: `-${nod.nod}`,
                    text: t('catalogue.catalogue.notShowing', { name: nod.name }),
                  },
                ]),
              ]}
              onPick={(value) =>
                onSet({
                  shows: value.startsWith('+') ? value.slice(1) : '',
                  hides: value.startsWith('-') ? value.slice(1) : '',
                })
              }
            />
          ),
          order: (
            <InlineSelect
              label={t('catalogue.catalogue.sort')}
              value={filter.sort}
              choices={SORTS}
              onPick={(sort) => onSet({ sort })}
            />
          ),
          children,
        }}
      />
    </div>
  );
}

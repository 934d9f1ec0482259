import { useEffect, useRef } from 'react';
import { useVirtualizer } from '@tanstack/react-virtual';
import { number, decimal } from '../../shared/format';
import { useShopPicture } from '../shop/queries';
import { StatusDrop, KindMark } from './nod-marks';
import { money, PriceLine } from './price-line';
import type { NodColumn, ProductRow } from './queries';
import { ReasonPopover } from './reason-popover';
import { T, t } from '../../shared/t';

interface TableProps {
  rows: ProductRow[];
  total: number;
  nods: NodColumn[];
  now: string;
  at: string | undefined;
  chosen: ReadonlySet<number>;
  onChoose: (chosen: ReadonlySet<number>) => void;
  onOpen: (slug: string) => void;
  onMore: () => void;
}

const GRID =
  'grid grid-cols-[30px_46px_minmax(9rem,1.4fr)_88px_70px_60px_minmax(6.5rem,.8fr)_64px_auto] items-center gap-x-2.5 px-3.5';
/** Beside an opened product, whose prices are drawn there at large. */
const NARROW_GRID =
  'grid grid-cols-[26px_42px_minmax(8rem,1.4fr)_70px_48px_minmax(5.5rem,.8fr)_52px_auto] items-center gap-x-2 px-3.5';
const gridOf = (at: string | undefined) => (at === undefined ? GRID : NARROW_GRID);
const ROW = 44;

/** Products, a row of two lines each; rows that are not seen are not drawn. */
export function ProductTable(props: TableProps) {
  const { rows, total, nods, at, chosen, onChoose, onMore } = props;
  const scroll = useRef<HTMLDivElement>(null);
  // nothing memoizes this component, so the functions it gives are never stale
  // eslint-disable-next-line react-hooks/incompatible-library
  const virtual = useVirtualizer({
    count: rows.length,
    getScrollElement: () => scroll.current,
    estimateSize: () => ROW,
    overscan: 12,
  });
  const shown = virtual.getVirtualItems();
  const last = shown.at(-1)?.index ?? 0;
  useEffect(() => {
    if (rows.length < total && last >= rows.length - 15) onMore();
  }, [last, rows.length, total, onMore]);
  const all = rows.length > 0 && rows.every((row) => chosen.has(row.id));
  return (
    <div
      role="table"
      aria-label={t('catalogue.table.products')}
      aria-rowcount={total}
      className="flex min-h-0 flex-1 flex-col"
    >
      <div role="rowgroup">
        <div
          role="row"
          className={`${gridOf(at)} shrink-0 border-b border-line-2 bg-paper py-1.5 text-[13px] text-ink-2`}
        >
          <span role="columnheader">
            <input
              type="checkbox"
              className="size-4 accent-ink"
              aria-label={t('catalogue.table.selectAllLoadedProducts')}
              checked={all}
              onChange={() => onChoose(all ? new Set() : new Set(rows.map((row) => row.id)))}
            />
          </span>
          <span role="columnheader" className="col-span-2">
            {t('catalogue.table.product')}
          </span>
          <span role="columnheader" className={at === undefined ? 'col-span-2' : ''}>
            {at === undefined ? t('catalogue.table.pricePast90Days') : t('catalogue.table.price')}
          </span>
          <span role="columnheader" className="text-right">
            {t('catalogue.table.stock')}
          </span>
          <span role="columnheader" className="pl-3">
            {t('catalogue.table.soldIn30Days')}
          </span>
          <span role="columnheader">{t('catalogue.table.rating')}</span>
          <span role="columnheader">
            <span className="mb-0.5 block whitespace-nowrap" aria-hidden>
              <T
                id="catalogue.table.shownNotShown"
                values={{ drop: <StatusDrop shown />, drop2: <StatusDrop shown={false} /> }}
              />
            </span>
            <span className="flex">
              {nods.map((nod) => (
                <span key={nod.nod} title={nod.name} className="flex w-6 justify-center">
                  <KindMark kind={nod.kind} />
                  <span className="sr-only">{nod.name}</span>
                </span>
              ))}
            </span>
          </span>
        </div>
      </div>
      <div
        ref={scroll}
        role="rowgroup"
        className="min-h-0 flex-1 overflow-y-auto bg-paper"
        tabIndex={0}
        aria-label={t('catalogue.table.rows')}
      >
        <div
          role="presentation"
          className="relative"
          ref={(el) => el?.style.setProperty('height', `${virtual.getTotalSize()}px`)}
        >
          {shown.map((item) => {
            const row = rows[item.index];
            return row ? (
              <Row key={row.id} row={row} index={item.index} top={item.start} {...props} />
            ) : null;
          })}
        </div>
      </div>
    </div>
  );
}

function Row({
  row,
  index,
  top,
  ...props
}: TableProps & { row: ProductRow; index: number; top: number }) {
  const { nods, now, at, chosen, onChoose, onOpen } = props;
  const picture = useShopPicture();
  const open = at === row.slug;
  const toggle = () => {
    const next = new Set(chosen);
    if (!next.delete(row.id)) next.add(row.id);
    onChoose(next);
  };
  const shade = open
    ? 'bg-plum-soft shadow-[inset_3px_0_var(--color-plum)]'
    : chosen.has(row.id)
      ? 'bg-paper-2'
      : '';
  return (
    <div
      role="row"
      aria-rowindex={index + 1}
      aria-current={open || undefined}
      ref={(el) => el?.style.setProperty('transform', `translateY(${top}px)`)}
      className={`${gridOf(at)} absolute inset-x-0 top-0 h-[44px] border-b border-line leading-tight ${shade}`}
    >
      <span role="cell">
        <input
          type="checkbox"
          className="size-4 accent-ink"
          aria-label={t('catalogue.table.select', { title: row.title })}
          checked={chosen.has(row.id)}
          onChange={toggle}
        />
      </span>
      <span role="cell">
        {row.picture && (
          <img
            src={picture(row.picture)}
            alt=""
            loading="lazy"
            className="size-9 rounded-md object-cover"
          />
        )}
      </span>
      <span role="cell" className="min-w-0">
        <button
          type="button"
          className="block w-full truncate text-left font-semibold hover:underline"
          onClick={() => onOpen(row.slug)}
        >
          {row.title}
        </button>
        <span className="block truncate text-[13px] text-ink-2">
          {[row.category, ...row.tags].filter(Boolean).join(' · ') ||
            t('catalogue.table.noCategory')}
        </span>
      </span>
      <span role="cell" className="tabular-nums">
        {row.price === undefined ? (
          <span className="text-ink-2">{t('catalogue.table.unknown')}</span>
        ) : (
          <>
            {money(row.price, row.currency)}
            {row.prior !== undefined && (
              <s className="block text-[12px] text-ink-2">{money(row.prior, row.currency)}</s>
            )}
          </>
        )}
      </span>
      {at === undefined && (
        <span role="cell">
          <PriceLine steps={row.prices} now={now} width={64} height={26} />
        </span>
      )}
      <span role="cell" className="text-right tabular-nums">
        {row.madeToOrder ? (
          <span className="text-[13px] text-ink-2">{t('catalogue.table.madeToOrder')}</span>
        ) : row.stock === undefined ? (
          <span className="text-[13px] text-ink-2">{t('catalogue.table.unknown')}</span>
        ) : (
          <span className={row.stock === 0 ? 'font-bold text-rust-ink' : ''}>
            {number(row.stock)}
          </span>
        )}
      </span>
      <span role="cell" className="min-w-0 pl-3">
        <b className="tabular-nums">{number(row.sold?.units ?? 0)}</b>
        <span className="block truncate text-[13px] text-ink-2">
          {row.sold ? t('catalogue.table.noOf', { rank: row.sold.rank, of: row.sold.of }) : ''}
        </span>
      </span>
      <span role="cell">
        {row.average === undefined ? (
          <span className="text-[13px] text-ink-2">{t('catalogue.table.noReviews')}</span>
        ) : (
          <>
            <b className="tabular-nums">{decimal(row.average)}</b>
            <span className="block text-[13px] whitespace-nowrap text-ink-2">
              <T id="catalogue.table.from" values={{ reviews: row.reviews }} />
            </span>
          </>
        )}
      </span>
      <span role="cell" className="flex">
        {nods.map((nod, i) => (
          <ReasonPopover
            key={nod.nod}
            column={nod}
            shown={row.nods[i]?.shown ?? false}
            slug={row.slug}
            title={row.title}
          />
        ))}
      </span>
    </div>
  );
}

import { useState } from 'react';
import { Link } from 'react-router';
import { useQuery } from '@tanstack/react-query';
import { Button } from '../../ui/button';
import { Empty, Failure, Loading } from '../../ui/empty-state';
import { api, need, type Schemas, isLost } from '../../shared/api';
import { number, decimal } from '../../shared/format';
import { useLayout } from '../layout/queries';
import { useShopPicture } from '../shop/queries';
import { SharedReviews } from './shared-reviews';
import { ReviewTabs } from './tabs';
import { T, t } from '../../shared/t';

const SIZE = 50;
const LINK = 'text-plum underline underline-offset-2';
const CELL = 'px-3 py-1.5 text-right whitespace-nowrap tabular-nums';

/** Each product with how its reviews stand. */
export function ByProduct() {
  const [q, setQ] = useState('');
  const [page, setPage] = useState(1);
  const [grouped, setGrouped] = useState('');
  const shows = useLayout().data?.showsReviews;
  const products = useQuery({
    queryKey: ['reviews', 'by-product', q, page],
    queryFn: () =>
      need(api.GET('/api/v1/reviews/by-product', { params: { query: { q, page, size: SIZE } } })),
    placeholderData: (previous) => previous,
  });
  return (
    <>
      <ReviewTabs>
        <input
          type="search"
          aria-label={t('reviews.byProduct.product')}
          placeholder={t('reviews.byProduct.productName')}
          className="w-72 rounded-lg border border-line-3 bg-white px-3 py-1"
          value={q}
          onChange={(event) => {
            setQ(event.target.value);
            setPage(1);
          }}
        />
      </ReviewTabs>
      <div className="min-h-0 flex-1 overflow-auto p-5">
        <h1 className="mb-3 text-xl">{t('reviews.byProduct.reviewsByProduct')}</h1>
        {isLost(products) && (
          <Failure error={products.error} again={() => void products.refetch()} />
        )}
        {!products.data && !products.error && <Loading lines={9} />}
        {products.data?.total === 0 && (
          <Empty
            title={
              q ? t('reviews.byProduct.noMatchingProducts') : t('reviews.byProduct.noProductsYet')
            }
          >
            {q ? (
              t('reviews.byProduct.checkTheSpellingOrTry')
            ) : (
              <Link to="/catalogue/feeds" className="text-plum underline">
                {t('reviews.byProduct.importProducts')}
              </Link>
            )}
          </Empty>
        )}
        {products.data && products.data.total > 0 && (
          <table className="w-full overflow-hidden rounded-xl border border-line bg-paper text-left">
            <thead className="text-[13px] text-ink-2">
              <tr>
                <th className="px-4 py-2 font-medium">{t('reviews.byProduct.product')}</th>
                <th className={`${CELL} font-medium`}>{t('reviews.byProduct.published')}</th>
                <th className={`${CELL} font-medium`}>{t('reviews.byProduct.waiting')}</th>
                <th className={`${CELL} font-medium`}>{t('reviews.byProduct.onHold')}</th>
                <th className={`${CELL} font-medium`}>{t('reviews.byProduct.leftOut')}</th>
                <th className={`${CELL} font-medium`}>{t('reviews.byProduct.average')}</th>
                <th className="px-4 py-2 font-medium">
                  <span className="sr-only">{t('reviews.byProduct.action')}</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {products.data.items.map((one) => (
                <ProductRow
                  key={one.product}
                  one={one}
                  shows={!!shows}
                  isGrouped={grouped === one.product}
                  onGroup={() => setGrouped(grouped === one.product ? '' : one.product)}
                />
              ))}
            </tbody>
          </table>
        )}
        {products.data && products.data.total > SIZE && (
          <p className="mt-3 flex items-center gap-3">
            <Button disabled={page === 1} onClick={() => setPage(page - 1)}>
              {t('reviews.byProduct.previous')}
            </Button>
            <T
              id="reviews.byProduct.pageOfProducts"
              values={{
                page,
                pages: Math.ceil(products.data.total / SIZE),
                total: products.data.total,
              }}
            />
            <Button disabled={page * SIZE >= products.data.total} onClick={() => setPage(page + 1)}>
              {t('reviews.byProduct.next')}
            </Button>
          </p>
        )}
      </div>
    </>
  );
}

interface ProductRowProps {
  one: Schemas['ProductReviewCounts'];
  /** whether any page shows reviews */
  shows: boolean;
  isGrouped: boolean;
  onGroup: () => void;
}

function ProductRow({ one, shows, isGrouped, onGroup }: ProductRowProps) {
  const picture = useShopPicture();
  return (
    <tr className="border-t border-line">
      <td className="px-4 py-1.5">
        <span className="flex items-center gap-3">
          <img
            src={picture(one.picture)}
            alt=""
            loading="lazy"
            className="size-9 rounded-md bg-paper-2"
          />
          <Link to={`/reviews?state=ANY&product=${one.product}`} className={LINK}>
            {one.title}
          </Link>
          {isGrouped && <SharedReviews product={one.product} title={one.title} />}
        </span>
      </td>
      <Figure n={one.published} to={`/reviews?state=PUBLISHED&product=${one.product}`} />
      <Figure n={one.waiting} to={`/reviews?product=${one.product}`} />
      <Figure n={one.held} to={`/reviews?state=ON_HOLD&product=${one.product}`} />
      <Figure n={one.leftOut} to={`/reviews?state=LEFT_OUT&product=${one.product}`} />
      <td className={CELL}>{one.average === undefined ? '–' : decimal(one.average)}</td>
      <td className="px-4 py-1.5 text-[13px] whitespace-nowrap">
        <Link to="/reviews/bring-in" className={LINK}>
          {t('reviews.byProduct.import')}
        </Link>
        {' · '}
        <button
          type="button"
          className={LINK}
          aria-expanded={isGrouped}
          aria-label={t('reviews.byProduct.shareReviewsWith2', { title: one.title })}
          onClick={onGroup}
        >
          {t('reviews.byProduct.shareReviewsWith')}
        </button>
        {' · '}
        <Link to={`/pages/product/${one.product}`} className={LINK}>
          {shows ? t('reviews.byProduct.check') : t('reviews.byProduct.place')}
        </Link>
      </td>
    </tr>
  );
}

function Figure({ n, to }: { n: number; to: string }) {
  return (
    <td className="px-3 py-1.5 text-right tabular-nums">
      {n === 0 ? (
        <span className="text-ink-2">0</span>
      ) : (
        <Link to={to} className={LINK}>
          {number(n)}
        </Link>
      )}
    </td>
  );
}

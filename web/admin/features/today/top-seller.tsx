import { Link } from 'react-router';
import { moment, decimal } from '../../shared/format';
import { Failure, Loading } from '../../ui/empty-state';
import { isLost } from '../../shared/api';
import { Stars } from '../../ui/stars';
import { useShopPicture } from '../shop/queries';
import { useTopSeller, type TopSellerView } from './queries';
import { T, t } from '../../shared/t';

/** The product that sold most, and what its page shows now. */
export function TopSeller() {
  const asked = useTopSeller();
  if (isLost(asked)) return <Failure error={asked.error} again={() => void asked.refetch()} />;
  return (
    <section
      aria-label={t('today.topSeller.topSeller')}
      className="rounded-xl border border-line bg-paper px-5 py-4"
    >
      {!asked.data && <Loading lines={4} />}
      {asked.data && !asked.data.product && (
        <>
          <h2 className="text-base">{t('today.topSeller.topSeller')}</h2>
          <p className="text-ink-2">
            <T
              id="today.topSeller.noRecentOrdersImportOrders"
              values={{
                link: (chunks) => (
                  <Link to="/catalogue/feeds" className="text-plum underline">
                    {chunks}
                  </Link>
                ),
              }}
            />
          </p>
        </>
      )}
      {asked.data?.product && <Product product={asked.data.product} zone={asked.data.zone} />}
    </section>
  );
}

function Product({ product, zone }: { product: TopSellerView; zone: string }) {
  const picture = useShopPicture();
  const { slug, title, units, days, looked, average: mean, reviews, shown, more } = product;
  return (
    <div className="flex gap-5">
      {product.picture && (
        <img
          src={picture(product.picture)}
          alt=""
          className="h-44 w-28 shrink-0 self-start rounded-lg object-cover"
        />
      )}
      <div className="min-w-0 flex-1">
        <h2 className="text-base wrap-anywhere">
          <T id="today.topSeller.topSeller2" values={{ title }} />
        </h2>
        <p>
          <T
            id="today.topSeller.soldInThePastDays"
            values={{
              b: (chunks) => <b>{chunks}</b>,
              units,
              days,
              looked,
            }}
          />
        </p>
        {typeof mean === 'number' && (
          <p className="mt-0.5 flex items-center gap-1.5">
            <T
              id="today.topSeller.fromReviews"
              values={{
                stars: <Stars value={mean} size={13} />,
                average: decimal(mean),
                reviews,
              }}
            />
          </p>
        )}
        <ul className="mt-2 border-t border-line pt-1.5">
          {shown.map(({ name, until }, i) => (
            <li key={`${name} ${i}`} className="flex justify-between gap-3 py-0.5">
              <span className="min-w-0 truncate">{name}</span>
              {until && (
                <span className="shrink-0 text-ink-2">
                  <T id="today.topSeller.until" values={{ until: moment(until, zone) }} />
                </span>
              )}
            </li>
          ))}
        </ul>
        <Link to={`/pages/product/${slug}`} className="mt-1 inline-block text-plum underline">
          {shown.length === 0
            ? t('today.topSeller.noNodsOnItsPage')
            : t('today.topSeller.seeAllNodsOnIts', { shown: shown.length + more })}
        </Link>
      </div>
    </div>
  );
}

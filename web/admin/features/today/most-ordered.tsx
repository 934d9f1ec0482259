import { Link } from 'react-router';
import { count, moment, number } from '../../shared/words';
import { Failure, Loading } from '../../ui/empty';
import { isLost } from '../../shared/api';
import { Stars } from '../../ui/stars';
import { useShopPicture } from '../setup/queries';
import { useMostOrdered, type MostOrdered } from './queries';

/** The product that sold most, and what its page shows now. */
export function MostOrderedCard() {
  const asked = useMostOrdered();
  if (isLost(asked)) return <Failure error={asked.error} again={() => void asked.refetch()} />;
  return (
    <section aria-label="Most ordered" className="rounded-xl border border-line bg-paper px-5 py-4">
      {!asked.data && <Loading lines={4} />}
      {asked.data && !asked.data.product && (
        <>
          <h2 className="text-base">Most ordered</h2>
          <p className="text-ink-2">
            No order of the last days is known.{' '}
            <Link to="/catalogue/feeds" className="text-plum underline">
              Bring orders in
            </Link>
          </p>
        </>
      )}
      {asked.data?.product && <Product product={asked.data.product} zone={asked.data.zone} />}
    </section>
  );
}

function Product({ product, zone }: { product: MostOrdered; zone: string }) {
  const picture = useShopPicture();
  const { slug, title, units, days, looked, mean, reviews, shown, more } = product;
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
        <h2 className="text-base wrap-anywhere">Most ordered: {title}</h2>
        <p>
          <b>{number(units)}</b> sold in {days} days
          {/* where no visit is counted yet, none is not a finding */}
          {looked > 0 && (
            <>
              ; <b>{number(looked)}</b> looked in 24 hours
            </>
          )}
        </p>
        {typeof mean === 'number' && (
          <p className="mt-0.5 flex items-center gap-1.5">
            <Stars value={mean} size={13} /> {mean.toFixed(1)} from {count(reviews, 'review')}
          </p>
        )}
        <ul className="mt-2 border-t border-line pt-1.5">
          {shown.map(({ name, until }, i) => (
            <li key={`${name} ${i}`} className="flex justify-between gap-3 py-0.5">
              <span className="min-w-0 truncate">{name}</span>
              {until && <span className="shrink-0 text-ink-2">until {moment(until, zone)}</span>}
            </li>
          ))}
        </ul>
        <Link to={`/pages/product/${slug}`} className="mt-1 inline-block text-plum underline">
          {shown.length === 0
            ? 'Its page shows nothing; see why'
            : `See all ${count(shown.length + more, 'nod')} on its page`}
        </Link>
      </div>
    </div>
  );
}

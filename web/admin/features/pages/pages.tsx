import { useEffect } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { useProducts } from '../../ui/product-pick';
import { Empty, Failure, Loading } from '../../ui/empty';
import { isLost } from '../../shared/api';
import { useShop } from '../setup/queries';
import { withBeside } from './beside';
import { FirstSteps } from './first-steps';
import { useShopTime } from '../../shared/shop-time';
import { Stage } from './stage';
import { ViewpointSentence } from './viewpoint-sentence';
import { readViewpoint, viewpointAddress, type ViewpointParts } from './viewpoint';

/** The live page, and why each nod shows on it or does not. */
export function Pages() {
  const params = useParams();
  const [query] = useSearchParams();
  const navigate = useNavigate();
  const shop = useShop();
  const products = useProducts('');
  const clock = useShopTime();
  const view = readViewpoint(params['kind'], params['product'], query);
  const first = products.data?.items[0]?.slug;
  const needsProduct = (view.kind === 'product' || view.kind === 'confirmation') && !view.product;
  useEffect(() => {
    if (needsProduct && first) {
      void navigate(withBeside(viewpointAddress({ ...view, product: first }), query), {
        replace: true,
      });
    }
  });
  if (isLost(shop)) return <Failure error={shop.error} again={() => void shop.refetch()} />;
  if (isLost(clock)) return <Failure error={clock.error} again={() => void clock.refetch()} />;
  if (!shop.data || !products.data || !clock.data) return <Loading />;
  const go = (changes: Partial<ViewpointParts>, replace = false) =>
    void navigate(withBeside(viewpointAddress({ ...view, ...changes }), query), { replace });
  return (
    <>
      <FirstSteps />
      <ViewpointSentence view={view} now={clock.data.shopTime} onChange={go} />
      {shop.data.address && needsProduct && products.data.total === 0 ? (
        <Empty level={1} title="The catalogue is empty">
          Bring your products in, and their pages appear here.{' '}
          <Link to="/catalogue/feeds" className="text-plum underline">
            Bring products in
          </Link>
        </Empty>
      ) : !shop.data.address ? (
        <Empty level={1} title="The shop is not connected yet">
          Tell where its pages are, and they appear here.{' '}
          <Link to="/setup" className="text-plum underline">
            Connect the shop
          </Link>
        </Empty>
      ) : (
        <Stage
          key={shop.data.address}
          shop={shop.data}
          view={view}
          onMoment={(moment) => go({ moment })}
        />
      )}
    </>
  );
}

import { useEffect } from 'react';
import { Link } from 'react-router';
import { useProducts } from '../../ui/product-pick';
import { Empty, Failure, Loading } from '../../ui/empty-state';
import { isLost } from '../../shared/api';
import { mayNotFrame, useShop } from '../shop/queries';
import { Onboarding } from './onboarding';
import { useShopTime } from '../../shared/shop-time';
import { PreviewStage } from '../stage/preview-stage';
import { ViewpointSentence } from './viewpoint-sentence';
import { useViewpoint } from './use-viewpoint';
import { T, t } from '../../shared/t';

/** The live page, and why each nod shows on it or does not. */
export function Pages() {
  const [view, go] = useViewpoint();
  const shop = useShop();
  const products = useProducts('');
  const clock = useShopTime();
  const first = products.data?.items[0]?.slug;
  const needsProduct = (view.kind === 'product' || view.kind === 'confirmation') && !view.product;
  useEffect(() => {
    if (needsProduct && first) {
      go({ product: first }, true);
    }
  });
  const isOutdated = !!shop.data && mayNotFrame(shop.data);
  useEffect(() => {
    if (isOutdated) window.location.reload();
  }, [isOutdated]);
  if (isLost(shop)) return <Failure error={shop.error} again={() => void shop.refetch()} />;
  if (isLost(clock)) return <Failure error={clock.error} again={() => void clock.refetch()} />;
  if (!shop.data || !products.data || !clock.data || isOutdated) return <Loading />;
  return (
    <>
      <Onboarding />
      <ViewpointSentence view={view} now={clock.data.shopTime} onChange={go} />
      {shop.data.address && needsProduct && products.data.total === 0 ? (
        <Empty level={1} title={t('pages.pages.noProductsYet')}>
          <T
            id="pages.pages.importYourProductsToSee"
            values={{
              link: (chunks) => (
                <Link to="/catalogue/feeds" className="text-plum underline">
                  {chunks}
                </Link>
              ),
            }}
          />
        </Empty>
      ) : !shop.data.address ? (
        <Empty level={1} title={t('pages.pages.yourShopIsNotConnected')}>
          <T
            id="pages.pages.connectYourShopToSee"
            values={{
              link: (chunks) => (
                <Link to="/setup/connect" className="text-plum underline">
                  {chunks}
                </Link>
              ),
            }}
          />
        </Empty>
      ) : (
        <PreviewStage
          key={shop.data.address}
          shop={shop.data}
          view={view}
          onMoment={(moment) => go({ moment })}
        />
      )}
    </>
  );
}

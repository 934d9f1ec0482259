import { useEffect } from 'react';
import { Link, useSearchParams } from 'react-router';
import { Failure, Loading } from '../../ui/empty-state';
import { InlineSelect } from '../../ui/inline-select';
import { ProductPick, useProducts } from '../../ui/product-pick';
import { isLost } from '../../shared/api';
import { T, t } from '../../shared/t';
import { useCategories } from '../layout/queries';
import type { Kind } from '../layout/viewpoint';
import { mayNotFrame, useShop } from '../shop/queries';
import { NotConnected } from './not-connected';
import { TeachStage } from './teach-stage';

type On = Extract<Kind, 'listing' | 'product' | 'home'>;

const PAGES: { value: On; text: string }[] = [
  { value: 'listing', text: t('teach.on.listing') },
  { value: 'home', text: t('teach.on.home') },
  { value: 'product', text: t('teach.on.product') },
];

/** Shows once, by pointing, what cards and products' pages look like. */
export function Teach() {
  const shop = useShop();
  const products = useProducts('');
  const categories = useCategories();
  const [query, setQuery] = useSearchParams();
  const on = PAGES.find(({ value }) => value === query.get('on'))?.value ?? 'listing';
  const first =
    on === 'listing'
      ? categories[0]?.value
      : on === 'product'
        ? products.data?.items[0]?.slug
        : undefined;
  const of = query.get('of') ?? first;
  const go = (next: { on: On; of?: string }) => setQuery(next, { replace: true });
  const isOutdated = !!shop.data && mayNotFrame(shop.data);
  useEffect(() => {
    if (isOutdated) window.location.reload();
  }, [isOutdated]);
  const lost = isLost(shop) ? shop : isLost(products) ? products : undefined;
  if (lost) return <Failure error={lost.error} again={() => void lost.refetch()} />;
  if (!shop.data || !products.data || isOutdated) return <Loading />;
  if (!shop.data.address) return <NotConnected what="shop" />;
  if (products.data.total === 0) return <NotConnected what="products" />;
  return (
    <TeachStage
      key={`${on} ${of}`}
      shop={shop.data}
      kind={on}
      of={of}
      sentence={
        <>
          <Link to="/setup/connect" className="mr-3 text-plum underline underline-offset-2">
            {t('teach.backToConnect')}
          </Link>
          <T
            id="teach.sentence"
            values={{
              kind: on,
              page: (
                <InlineSelect
                  label={t('teach.page')}
                  value={on}
                  choices={PAGES}
                  onPick={(next) => go({ on: next })}
                />
              ),
              category: (
                <InlineSelect
                  label={t('teach.category')}
                  value={of ?? ''}
                  choices={categories}
                  onPick={(next) => go({ on, of: next })}
                />
              ),
              product: (
                <ProductPick
                  label={t('teach.product')}
                  value={of}
                  onPick={(next) => next && go({ on, of: next })}
                />
              ),
            }}
          />
        </>
      }
    />
  );
}

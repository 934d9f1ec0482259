import { Link } from 'react-router';
import { language } from '../../shared/format';
import { usePreviewToken } from '../layout/queries';
import type { Ordered } from './queries';
import { T, t } from '../../shared/t';

const LANGUAGES = ['en', 'de'];

/** The promise as shoppers read it in some languages, drawn by the shop's own script. */
export function ShopperPreview({ order, none }: { order: Ordered; none: string | undefined }) {
  const token = usePreviewToken();
  const [product] = order.products;
  return (
    <section
      aria-label={t('delivery.shopperPreview.whatShoppersRead')}
      className="min-w-0 rounded-xl border border-line bg-paper px-4 pt-2.5 pb-3"
    >
      <div className="flex items-baseline gap-2">
        <h2 className="text-base">{t('delivery.shopperPreview.whatShoppersRead')}</h2>
        <span className="ml-auto text-[12.5px]">
          <Link to={`/pages/product/${product ?? ''}`} className="text-plum underline">
            {t('delivery.shopperPreview.changeTheWording')}
          </Link>
        </span>
      </div>
      {none !== undefined && (
        <p className="mt-1 text-ink-2">
          <T id="delivery.shopperPreview.noDeliveryDate" values={{ none }} />
        </p>
      )}
      {LANGUAGES.filter(() => none === undefined).map((tag) => (
        <div key={tag} className="mt-1.5">
          <p className="text-[12.5px] font-semibold text-ink-2">{language(tag)}</p>
          {token.data && product && (
            <iframe
              key={JSON.stringify(order)}
              title={t('delivery.shopperPreview.deliveryPromiseIn', { tag: language(tag) })}
              className="h-[112px] w-full rounded-lg border border-line bg-white"
              src={`/embed/neutral/product?product=${product}&only=under-buy#${new URLSearchParams({
                'nodyes-preview': token.data.token,
                trial: 'delivery-promise',
                lang: tag,
                ...(order.country ? { country: order.country } : {}),
                ...(order.variant ? { variant: order.variant } : {}),
                ...(order.at ? { at: order.at } : {}),
              }).toString()}`}
            />
          )}
        </div>
      ))}
    </section>
  );
}

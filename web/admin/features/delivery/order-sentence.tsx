import { ProductPick } from '../../ui/product-pick';
import { Button } from '../../ui/button';
import { InlineSelect } from '../../ui/inline-select';
import { SearchPick } from '../../ui/search-pick';
import { InstantPick } from '../layout/instant-pick';
import { COUNTRIES, LIKELY } from '../layout/places';
import { useVariants } from '../layout/queries';
import { arrives } from './labels';
import type { Estimate, Ordered } from './queries';
import { inList, T, t } from '../../shared/t';

interface OrderSentenceProps {
  order: Ordered;
  now: string;
  journey: Estimate | undefined;
  onChange: (change: Partial<Ordered>) => void;
}

/** What is ordered when and where it goes, and what comes of it. */
export function OrderSentence({ order, now, journey, onChange }: OrderSentenceProps) {
  const [first, ...more] = order.products;
  const variants = useVariants(more.length === 0 ? first : undefined);
  return (
    <div className="flex min-h-12 shrink-0 flex-wrap items-center gap-x-1.5 border-b border-line bg-paper px-5 py-1.5 text-[15px] text-ink-2">
      <h1 className="sr-only">{t('delivery.orderSentence.delivery')}</h1>
      <T
        id="delivery.orderSentence.placedToArrives"
        values={{
          intro:
            more.length > 0
              ? t('delivery.orderSentence.anOrderFor')
              : t('delivery.orderSentence.anOrderFor2'),
          products: inList(
            order.products.map((product, index) => (
              <ProductPick
                key={product}
                label={
                  index === 0
                    ? t('delivery.orderSentence.product')
                    : t('delivery.orderSentence.product2', { index: index + 1 })
                }
                value={product}
                {...(more.length > 0 ? { none: t('delivery.orderSentence.remove') } : {})}
                onPick={(slug) =>
                  onChange({
                    products: slug
                      ? [...new Set(order.products.with(index, slug))]
                      : order.products.toSpliced(index, 1),
                    variant: undefined,
                  })
                }
              />
            )),
          ),
          variant: more.length === 0 && variants.length > 1 && (
            <InlineSelect
              label={t('delivery.orderSentence.variant')}
              value={order.variant ?? ''}
              choices={[
                { value: '', text: t('delivery.orderSentence.anyVariant') },
                ...variants.map(({ sku, title }) => ({ value: sku, text: title, note: sku })),
              ]}
              onPick={(sku) => onChange({ variant: sku || undefined })}
            />
          ),
          addProduct: order.products.length < 5 && (
            <ProductPick
              label={t('delivery.orderSentence.addProduct')}
              value={undefined}
              none={t('delivery.orderSentence.addProduct2')}
              onPick={(slug) =>
                slug &&
                onChange({ products: [...new Set([...order.products, slug])], variant: undefined })
              }
            />
          ),
          moment: <InstantPick value={order.at} now={now} onPick={(at) => onChange({ at })} />,
          country: (
            <SearchPick
              label={t('delivery.orderSentence.country')}
              value={order.country}
              none={t('delivery.orderSentence.yourCountry')}
              first={LIKELY}
              choices={COUNTRIES}
              onPick={(country) => onChange({ country })}
            />
          ),
          estimate: journey && (
            <output
              className={`rounded-lg px-2.5 py-0.5 font-semibold ${journey.arrival.arrives ? 'bg-fern-soft text-fern-ink' : 'bg-rust-soft text-rust-ink'}`}
            >
              {journey.arrival.arrives
                ? arrives(journey.arrival)
                : t('delivery.orderSentence.noDeliveryDate', { none: journey.arrival.none ?? '' })}
            </output>
          ),
          single: more.length > 0 && (
            <Button look="link" onClick={() => onChange({ products: order.products.slice(0, 1) })}>
              {t('delivery.orderSentence.singleProduct')}
            </Button>
          ),
        }}
      />
    </div>
  );
}

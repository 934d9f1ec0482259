import { ProductPick } from '../../ui/product-pick';
import { Button } from '../../ui/button';
import { Pick } from '../../ui/pick';
import { SearchPick } from '../../ui/search-pick';
import { MomentPick } from '../pages/moment-pick';
import { COUNTRIES, LIKELY } from '../pages/places';
import { useVariants } from '../pages/queries';
import { arrives } from './words';
import type { Journey, Ordered } from './queries';

interface OrderSentenceProps {
  order: Ordered;
  now: string;
  journey: Journey | undefined;
  onChange: (change: Partial<Ordered>) => void;
}

/** What is ordered when and where it goes, and what comes of it. */
export function OrderSentence({ order, now, journey, onChange }: OrderSentenceProps) {
  const [first, ...more] = order.products;
  const variants = useVariants(more.length === 0 ? first : undefined);
  return (
    <div className="flex min-h-12 shrink-0 flex-wrap items-center gap-x-1.5 border-b border-line bg-paper px-5 py-1.5 text-[15px] text-ink-2">
      <h1 className="sr-only">Delivery</h1>
      {more.length > 0 ? 'A basket of' : 'An order for'}
      {order.products.map((product, index) => (
        <span key={product} className="inline-flex items-center gap-1">
          {index > 0 && 'and'}
          <ProductPick
            label={index === 0 ? 'Product' : `Product ${index + 1}`}
            value={product}
            {...(more.length > 0 ? { none: 'leave it out' } : {})}
            onPick={(slug) =>
              onChange({
                products: slug
                  ? [...new Set(order.products.with(index, slug))]
                  : order.products.toSpliced(index, 1),
                variant: undefined,
              })
            }
          />
        </span>
      ))}
      {more.length === 0 && variants.length > 1 && (
        <Pick
          label="Variant"
          value={order.variant ?? ''}
          choices={[
            { value: '', text: 'any variant' },
            ...variants.map(({ sku, title }) => ({ value: sku, text: title, note: sku })),
          ]}
          onPick={(sku) => onChange({ variant: sku || undefined })}
        />
      )}
      {order.products.length < 5 && (
        <ProductPick
          label="Add to the basket"
          value={undefined}
          none="and more"
          onPick={(slug) =>
            slug &&
            onChange({ products: [...new Set([...order.products, slug])], variant: undefined })
          }
        />
      )}
      placed
      <MomentPick value={order.at} now={now} onPick={(at) => onChange({ at })} />
      going to
      <SearchPick
        label="Country"
        value={order.country}
        none="the shop’s own country"
        first={LIKELY}
        choices={COUNTRIES}
        onPick={(country) => onChange({ country })}
      />
      arrives
      {journey && (
        <output
          className={`rounded-lg px-2.5 py-0.5 font-semibold ${journey.arrival.arrives ? 'bg-fern-soft text-fern-ink' : 'bg-rust-soft text-rust-ink'}`}
        >
          {journey.arrival.arrives
            ? arrives(journey.arrival)
            : `never: ${journey.arrival.none ?? ''}`}
        </output>
      )}
      {more.length > 0 && (
        <Button look="link" onClick={() => onChange({ products: order.products.slice(0, 1) })}>
          One product alone
        </Button>
      )}
    </div>
  );
}

import { Link, useSearchParams } from 'react-router';
import { Empty, Failure, Loading } from '../../ui/empty-state';
import { isLost } from '../../shared/api';
import { useProducts } from '../../ui/product-pick';
import { useNotify } from '../../ui/toasts';
import { useKeys, type KeyNames } from '../../shared/keys';
import { useTags } from '../catalogue/queries';
import { useShopTime } from '../../shared/shop-time';
import { useCategories } from '../layout/queries';
import { Calendar } from './calendar';
import { Closures } from './closures';
import { Destinations } from './destinations';
import { OnTime } from './on-time';
import { Returns } from './returns';
import { Rules } from './rules';
import { OrderSentence } from './order-sentence';
import { ShopperPreview } from './shopper-preview';
import { Lines } from './lines';
import {
  useDelivery,
  useEstimate,
  useSetDelivery,
  useRedo,
  useUndo,
  type Ordered,
  type Settings,
} from './queries';
import { T, t } from '../../shared/t';

/** When orders leave and arrive: the days that count, whose timing wins, the ways, what was kept. */
export function Delivery() {
  const [query, setQuery] = useSearchParams();
  const delivery = useDelivery();
  const clock = useShopTime();
  const products = useProducts('');
  const categories = useCategories();
  const tags = useTags();
  const first = products.data?.items[0]?.slug;
  const order = readOrder(query, first);
  const journey = useEstimate(order);
  const set = useSetDelivery();
  useUndoKeys(set.isPending);
  if (isLost(delivery))
    return <Failure error={delivery.error} again={() => void delivery.refetch()} />;
  if (!delivery.data || !clock.data || !products.data) return <Loading />;
  const view = delivery.data;
  const change = (part: Partial<Ordered>) =>
    setQuery(written({ ...order, ...part }), { replace: true });
  const put = (settings: Settings, message: string) =>
    set.mutateAsync({ revision: view.revision, message, settings });
  const names = new Map([
    ...categories.map(({ value, text }) => [value, text] as const),
    ...products.data.items.map(({ slug, title }) => [slug, title] as const),
  ]);
  if (products.data.total === 0)
    return (
      <Empty level={1} title={t('delivery.delivery.noProductsYet')}>
        <T
          id="delivery.delivery.deliveryDatesDependOnThe"
          values={{
            link: (chunks) => (
              <Link to="/catalogue/feeds" className="text-plum underline">
                {chunks}
              </Link>
            ),
          }}
        />
      </Empty>
    );
  const loose = view.gaps.filter((gap) => gap.where === '');
  return (
    <>
      <OrderSentence
        order={order}
        now={clock.data.shopTime}
        journey={journey.data}
        onChange={change}
      />
      <div className="min-h-0 flex-1 overflow-y-auto px-5 py-3.5">
        {loose.length > 0 && (
          <ul
            aria-label={t('delivery.delivery.missingSettings')}
            className="mb-3 rounded-xl border border-rust/40 bg-rust-soft px-4 py-2 text-[13.5px] text-rust-ink"
          >
            {loose.map((gap) => (
              <li key={gap.text}>{gap.text}</li>
            ))}
          </ul>
        )}
        <div className="grid grid-cols-[minmax(0,808fr)_minmax(0,420fr)] items-start gap-3">
          <DaysThatCount journey={journey} />
          <Rules
            view={view}
            journey={journey.data}
            names={names}
            tags={(tags.data?.items ?? []).map(({ tag }) => tag)}
            onSet={put}
          />
        </div>
        <div className="mt-3 grid grid-cols-[minmax(0,660fr)_minmax(0,568fr)] items-start gap-3">
          <div className="flex flex-col gap-3">
            <Destinations
              view={view}
              order={order}
              onCountry={(country) => change({ country })}
              onSet={put}
            />
            <OnTime view={view} onSet={put} />
          </div>
          <div className="flex flex-col gap-3">
            <ShopperPreview order={order} none={journey.data?.arrival.none} />
            <Returns
              view={view}
              order={order}
              names={names}
              tags={(tags.data?.items ?? []).map(({ tag }) => tag)}
              onSet={put}
            />
            <Closures view={view} onSet={put} />
          </div>
        </div>
      </div>
    </>
  );
}

function DaysThatCount({ journey }: { journey: ReturnType<typeof useEstimate> }) {
  return (
    <section
      aria-label={t('delivery.delivery.dayByDay')}
      className="min-w-0 rounded-xl border border-line bg-paper px-4 py-3"
    >
      <div className="flex items-baseline gap-2.5">
        <h2 className="text-base">{t('delivery.delivery.dayByDay')}</h2>
        <span className="ml-auto text-[12.5px] text-ink-2">
          <T
            id="delivery.delivery.theTimeBelowAWeekday"
            values={{
              journey:
                journey.data &&
                t('delivery.delivery.time', {
                  place: journey.data.town,
                }),
            }}
          />
        </span>
      </div>
      {isLost(journey) && <Failure error={journey.error} again={() => void journey.refetch()} />}
      {!journey.data && !journey.error && <Loading lines={6} />}
      {journey.data && <Calendar journey={journey.data} />}
      {journey.data && journey.data.lines.length > 0 && <Lines lines={journey.data.lines} />}
    </section>
  );
}

/** The order that an address names: ?of=celadon-planter,slate-pot&to=DE&at=2026-11-26T14:20 */
function readOrder(query: URLSearchParams, first: string | undefined): Ordered {
  const products = (query.get('of') ?? first ?? '').split(',').filter((slug) => slug);
  return {
    products,
    variant: query.get('variant') ?? undefined,
    at: query.get('at') ?? undefined,
    country: query.get('to') ?? undefined,
  };
}

function written({ products, variant, at, country }: Ordered): Record<string, string> {
  return {
    of: products.join(','),
    ...(variant ? { variant } : {}),
    ...(country ? { to: country } : {}),
    ...(at ? { at } : {}),
  };
}

const TOLD: KeyNames = [
  ['Z', t('delivery.delivery.undoTheLastChange')],
  ['⇧ Z', t('delivery.delivery.redo')],
];

/** Z takes the newest change of the delivery rules back, once it is kept. */
function useUndoKeys(isKeeping: boolean): void {
  const takeBack = useUndo();
  const doAgain = useRedo();
  const { say, sayProblem } = useNotify();
  useKeys(
    {
      'Shift+z': () => {
        if (isKeeping || doAgain.isPending) return;
        doAgain.mutate(undefined, {
          onSuccess: (words) => words && say(t('delivery.delivery.redone', { words })),
          onError: sayProblem,
        });
      },
      z: () => {
        if (isKeeping || takeBack.isPending) return;
        takeBack.mutate(undefined, {
          onSuccess: (words) =>
            words !== undefined && say(t('delivery.delivery.undone', { words })),
          onError: sayProblem,
        });
      },
    },
    TOLD,
  );
}

import { Link, useSearchParams } from 'react-router';
import { Empty, Failure, Loading } from '../../ui/empty';
import { isLost } from '../../shared/api';
import { useProducts } from '../../ui/product-pick';
import { useSay } from '../../ui/toasts';
import { useKeys, type ToldKeys } from '../../shared/keys';
import { useTags } from '../catalogue/queries';
import { useShopTime } from '../../shared/shop-time';
import { useCategories } from '../pages/queries';
import { Calendar } from './calendar';
import { Closed } from './closed';
import { Destinations } from './destinations';
import { Kept } from './kept';
import { Layers } from './layers';
import { OrderSentence } from './order-sentence';
import { Reads } from './reads';
import { Lines } from './lines';
import {
  useDelivery,
  useJourney,
  useSetDelivery,
  useDoAgain,
  useTakeBack,
  type Ordered,
  type Settings,
} from './queries';

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
  const journey = useJourney(order);
  const set = useSetDelivery();
  useUndo(set.isPending);
  if (isLost(delivery))
    return <Failure error={delivery.error} again={() => void delivery.refetch()} />;
  if (!delivery.data || !clock.data || !products.data) return <Loading />;
  const view = delivery.data;
  const change = (part: Partial<Ordered>) =>
    setQuery(written({ ...order, ...part }), { replace: true });
  const put = (settings: Settings, words: string) =>
    set.mutateAsync({ revision: view.revision, words, settings });
  const names = new Map([
    ...categories.map(({ value, text }) => [value, text] as const),
    ...products.data.items.map(({ slug, title }) => [slug, title] as const),
  ]);
  if (products.data.total === 0)
    return (
      <Empty level={1} title="Delivery waits for your products">
        When something arrives depends on what is ordered. Bring your products in, then say when
        orders leave and how long they are on the way.{' '}
        <Link to="/catalogue/feeds" className="text-plum underline">
          Bring products in
        </Link>
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
            aria-label="What is missing"
            className="mb-3 rounded-xl border border-rust/40 bg-rust-soft px-4 py-2 text-[13.5px] text-rust-ink"
          >
            {loose.map((gap) => (
              <li key={gap.words}>{gap.words}</li>
            ))}
          </ul>
        )}
        <div className="grid grid-cols-[minmax(0,808fr)_minmax(0,420fr)] items-start gap-3">
          <DaysThatCount journey={journey} />
          <Layers
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
            <Kept view={view} onSet={put} />
          </div>
          <div className="flex flex-col gap-3">
            <Reads order={order} none={journey.data?.arrival.none} />
            <Closed view={view} onSet={put} />
          </div>
        </div>
      </div>
    </>
  );
}

function DaysThatCount({ journey }: { journey: ReturnType<typeof useJourney> }) {
  return (
    <section
      aria-label="The days that count"
      className="min-w-0 rounded-xl border border-line bg-paper px-4 py-3"
    >
      <div className="flex items-baseline gap-2.5">
        <h2 className="text-base">The days that count</h2>
        <span className="ml-auto text-[12.5px] text-ink-2">
          the hour under a weekday is its dispatch cut-off
          {journey.data && `, ${journey.data.zone.split('/').at(-1)?.replace('_', ' ')} time`}
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

const TOLD: ToldKeys = [
  ['Z', 'take the newest change of the timings back'],
  ['⇧ Z', 'do it again'],
];

/** Z takes the newest change of the timings back, once it is kept. */
function useUndo(isKeeping: boolean): void {
  const takeBack = useTakeBack();
  const doAgain = useDoAgain();
  const { say, sayProblem } = useSay();
  useKeys(
    {
      'Shift+z': () => {
        if (isKeeping || doAgain.isPending) return;
        doAgain.mutate(undefined, {
          onSuccess: (words) => words && say(`Done again: ${words}`),
          onError: sayProblem,
        });
      },
      z: () => {
        if (isKeeping || takeBack.isPending) return;
        takeBack.mutate(undefined, {
          onSuccess: (words) => words !== undefined && say(`Taken back: ${words}.`),
          onError: sayProblem,
        });
      },
    },
    TOLD,
  );
}

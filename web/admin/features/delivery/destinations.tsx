import { shopToday } from '../../shared/shop-time';
import { PickMany } from '../../ui/pick-many';
import { SearchPick } from '../../ui/search-pick';
import { country } from '../../shared/words';
import { useSay } from '../../ui/toasts';
import { COUNTRIES, LIKELY } from '../pages/places';
import { DAY_CHOICES } from '../pages/faces/inputs';
import { DaysPick } from './days-pick';
import { DestinationRow, type Act } from './destination-row';
import { range, weekdays } from './words';
import {
  useArrivals,
  type DeliveryView,
  type Destination,
  type Ordered,
  type Settings,
} from './queries';

interface DestinationsProps {
  view: DeliveryView;
  order: Ordered;
  onCountry: (code: string) => void;
  onSet: (settings: Settings, words: string) => Promise<unknown>;
}

/** How long the way to each country takes, and when an order placed now arrives there. */
export function Destinations({ view, order, onCountry, onSet }: DestinationsProps) {
  const { settings } = view;
  const arrivals = useArrivals(order);
  const { sayProblem } = useSay();
  const byId = new Map(arrivals.data?.map((arrival) => [arrival.id, arrival]));
  const put = (destinations: Destination[], words: string) =>
    onSet({ ...settings, destinations }, words);
  const replace = (next: Destination) =>
    put(
      settings.destinations.map((one) => (one.id === next.id ? next : one)),
      `${country(next.country)} changed`,
    );
  const add = (code: string) =>
    void put(
      [
        ...settings.destinations,
        {
          id: freeId(code, settings.destinations),
          country: code,
          on: true,
          promised: true,
          transit: { least: 3, most: 5 },
        },
      ],
      `${country(code)} added`,
    ).catch(sayProblem);
  return (
    <section
      aria-label="Destinations"
      className="min-w-0 rounded-xl border border-line bg-paper px-4 pt-2.5 pb-2"
    >
      <div className="flex flex-wrap items-baseline gap-2">
        <h2 className="text-base">Destinations</h2>
        <span className="text-[12.5px] text-ink-2">
          the shop’s own country is{' '}
          <SearchPick
            label="Own country"
            value={settings.home}
            none="not told"
            first={LIKELY}
            choices={COUNTRIES}
            onPick={(home) => void onSet({ ...settings, home }, 'own country').catch(sayProblem)}
          />
        </span>
        <span className="ml-auto text-[12.5px] text-ink-2">
          add a{' '}
          <SearchPick
            label="Add a country"
            value={undefined}
            none="country"
            first={LIKELY}
            choices={COUNTRIES.filter(
              (one) => !settings.destinations.some((other) => other.country === one.value),
            )}
            onPick={(code) => code && add(code)}
          />
        </span>
      </div>
      <table className="mt-1 w-full border-collapse text-[13.5px]">
        <thead>
          <tr className="border-b border-line-2 text-left text-[12px] text-ink-2">
            <th className="py-0.5 pr-2 font-medium">Country</th>
            <th className="pr-2 font-medium">Working days on the way</th>
            <th className="pr-2 font-medium">Carrier calendar</th>
            <th className="pr-2 font-medium">Ordered {order.at ? 'then' : 'now'}, arrives</th>
            <th>
              <span className="sr-only">More</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {settings.destinations.map((one) => (
            <DestinationRow
              key={one.id}
              one={one}
              usual={settings.carrier.days}
              arrival={byId.get(one.id)}
              isChosen={one.country === order.country}
              gaps={view.gaps.filter((gap) => gap.where === one.id).map((gap) => gap.words)}
              onCountry={() => onCountry(one.country)}
              onSet={replace}
              onPut={(act) =>
                void put(
                  acted(settings.destinations, one, act),
                  `${country(one.country)}: ${act}`,
                ).catch(sayProblem)
              }
            />
          ))}
          <Elsewhere
            carrier={settings.carrier}
            onSet={(carrier, words) => onSet({ ...settings, carrier }, words)}
          />
        </tbody>
      </table>
    </section>
  );
}

interface ElsewhereProps {
  carrier: Settings['carrier'];
  onSet: (carrier: Settings['carrier'], words: string) => Promise<unknown>;
}

/** All countries that have no line of their own, and the days that the carrier drives. */
function Elsewhere({ carrier, onSet }: ElsewhereProps) {
  const { sayProblem } = useSay();
  return (
    <tr className="h-[26px]">
      <td className="pr-2">Elsewhere</td>
      <td className="pr-2">
        <DaysPick
          label="Elsewhere"
          value={carrier.transit}
          shown={carrier.transit ? range(carrier.transit) : 'no promise'}
          none="no promise elsewhere"
          onSet={(transit) => onSet({ ...carrier, transit }, 'elsewhere')}
        />
      </td>
      <td className="pr-2">
        <PickMany
          shown={weekdays(carrier.days)}
          label="The carrier’s usual days"
          values={carrier.days}
          any="no day"
          choices={DAY_CHOICES}
          onPick={(days) =>
            void onSet({ ...carrier, days }, 'the carrier’s days').catch(sayProblem)
          }
        />
      </td>
      <td className="text-ink-2">{carrier.transit ? '' : 'nothing is shown'}</td>
      <td />
    </tr>
  );
}

const freeId = (code: string, all: Destination[]) => {
  const base = code.toLowerCase();
  let n = 1;
  let id = base;
  while (all.some((one) => one.id === id)) id = `${base}-${++n}`;
  return id;
};

/** A copy begins as a season, since a country has one line for the same days. */
function acted(all: Destination[], one: Destination, act: Act): Destination[] {
  if (act === 'remove') return all.filter((other) => other !== one);
  const today = shopToday();
  return all.toSpliced(all.indexOf(one) + 1, 0, {
    ...one,
    id: freeId(one.country, all),
    on: false,
    season: { first: today, last: today },
  });
}

import { shopToday } from '../../shared/shop-time';
import { PickMany } from '../../ui/pick-many';
import { SearchPick } from '../../ui/search-pick';
import { country } from '../../shared/format';
import { useNotify } from '../../ui/toasts';
import { COUNTRIES, LIKELY } from '../layout/places';
import { DAY_CHOICES } from '../../ui/inputs';
import { DaysPick } from './days-pick';
import { DestinationRow, type Act } from './destination-row';
import { range, weekdays } from './labels';
import {
  useEstimatesByCountry,
  type DeliveryView,
  type Destination,
  type Ordered,
  type Settings,
} from './queries';
import { T, t } from '../../shared/t';

interface DestinationsProps {
  view: DeliveryView;
  order: Ordered;
  onCountry: (code: string) => void;
  onSet: (settings: Settings, words: string) => Promise<unknown>;
}

/** How long the way to each country takes, and when an order placed now arrives there. */
export function Destinations({ view, order, onCountry, onSet }: DestinationsProps) {
  const { settings } = view;
  const arrivals = useEstimatesByCountry(order);
  const { sayProblem } = useNotify();
  const byId = new Map(arrivals.data?.map((arrival) => [arrival.id, arrival]));
  const put = (destinations: Destination[], words: string) =>
    onSet({ ...settings, destinations }, words);
  const replace = (next: Destination) =>
    put(
      settings.destinations.map((one) => (one.id === next.id ? next : one)),
      t('delivery.destinations.changed', { country: country(next.country) }),
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
      t('delivery.destinations.added', { code: country(code) }),
    ).catch(sayProblem);
  return (
    <section
      aria-label={t('delivery.destinations.destinations')}
      className="min-w-0 rounded-xl border border-line bg-paper px-4 pt-2.5 pb-2"
    >
      <div className="flex flex-wrap items-baseline gap-2">
        <h2 className="text-base">{t('delivery.destinations.destinations')}</h2>
        <span className="text-[12.5px] text-ink-2">
          <T
            id="delivery.destinations.yourCountry3"
            values={{
              searchPick: (
                <SearchPick
                  label={t('delivery.destinations.yourCountry')}
                  value={settings.home}
                  none={t('delivery.destinations.notSet')}
                  first={LIKELY}
                  choices={COUNTRIES}
                  onPick={(home) =>
                    void onSet(
                      { ...settings, home },
                      t('delivery.destinations.yourCountry2'),
                    ).catch(sayProblem)
                  }
                />
              ),
            }}
          />
        </span>
        <span className="ml-auto text-[12.5px] text-ink-2">
          <T
            id="delivery.destinations.add"
            values={{
              searchPick: (
                <SearchPick
                  label={t('delivery.destinations.addACountry')}
                  value={undefined}
                  none={t('delivery.destinations.country')}
                  first={LIKELY}
                  choices={COUNTRIES.filter(
                    (one) => !settings.destinations.some((other) => other.country === one.value),
                  )}
                  onPick={(code) => code && add(code)}
                />
              ),
            }}
          />
        </span>
      </div>
      <table className="mt-1 w-full border-collapse text-[13.5px]">
        <thead>
          <tr className="border-b border-line-2 text-left text-[12px] text-ink-2">
            <th className="py-0.5 pr-2 font-medium">{t('delivery.destinations.country2')}</th>
            <th className="pr-2 font-medium">{t('delivery.destinations.transitWorkingDays')}</th>
            <th className="pr-2 font-medium">{t('delivery.destinations.carrierDeliversOn')}</th>
            <th className="pr-2 font-medium">
              <T
                id="delivery.destinations.orderedArrives"
                values={{
                  at: order.at ? t('delivery.destinations.then') : t('delivery.destinations.now'),
                }}
              />
            </th>
            <th>
              <span className="sr-only">{t('delivery.destinations.more')}</span>
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
              gaps={view.gaps.filter((gap) => gap.where === one.id).map((gap) => gap.text)}
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
  const { sayProblem } = useNotify();
  return (
    <tr className="h-[26px]">
      <td className="pr-2">{t('delivery.destinations.allOtherCountries')}</td>
      <td className="pr-2">
        <DaysPick
          label={t('delivery.destinations.allOtherCountries')}
          value={carrier.transit}
          shown={carrier.transit ? range(carrier.transit) : t('delivery.destinations.noPromise')}
          none={t('delivery.destinations.noDeliveryDateForOther')}
          onSet={(transit) =>
            onSet({ ...carrier, transit }, t('delivery.destinations.allOtherCountries'))
          }
        />
      </td>
      <td className="pr-2">
        <PickMany
          shown={weekdays(carrier.days)}
          label={t('delivery.destinations.theCarriersUsualDays')}
          values={carrier.days}
          any={t('delivery.destinations.noDay')}
          choices={DAY_CHOICES}
          onPick={(days) =>
            void onSet({ ...carrier, days }, t('delivery.destinations.theCarriersDays')).catch(
              sayProblem,
            )
          }
        />
      </td>
      <td className="text-ink-2">
        {carrier.transit ? '' : t('delivery.destinations.noDeliveryDateShown')}
      </td>
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

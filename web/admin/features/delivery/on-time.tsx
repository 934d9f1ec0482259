import { Button } from '../../ui/button';
import { Failure, Loading } from '../../ui/empty-state';
import { isLost } from '../../shared/api';
import { useNotify } from '../../ui/toasts';

import { useOnTime, type DeliveryView, type Settings } from './queries';
import { range } from './labels';
import { T, t } from '../../shared/t';

interface KeptProps {
  view: DeliveryView;
  onSet: (settings: Settings, words: string) => Promise<unknown>;
}

/** What was promised beside what came, country by country. */
export function OnTime({ view, onSet }: KeptProps) {
  const kept = useOnTime();
  const { sayProblem, say } = useNotify();
  const { settings } = view;
  const take = (code: string, transit: { least: number; most: number }) =>
    void onSet(
      {
        ...settings,
        destinations: settings.destinations.map((one) =>
          one.country === code && !one.season ? { ...one, transit } : one,
        ),
      },
      t('delivery.onTime.transitTimeSetFromDeliveries', { code }),
    ).then(
      () => say(t('delivery.onTime.transitTimeSetToWorking', { transit: range(transit) })),
      sayProblem,
    );
  const hasWay = (code: string) =>
    settings.destinations.some((one) => one.country === code && !one.season);
  const rows = kept.data?.countries ?? [];
  return (
    <section
      aria-label={t('delivery.onTime.deliveredOnTime')}
      className="min-w-0 rounded-xl border border-line bg-paper px-4 pt-2.5 pb-3"
    >
      <h2 className="text-base">{t('delivery.onTime.deliveredOnTime')}</h2>
      {isLost(kept) && <Failure error={kept.error} again={() => void kept.refetch()} />}
      {!kept.data && !kept.error && <Loading lines={3} />}
      {kept.data && rows.length === 0 && (
        <p className="text-ink-2">{t('delivery.onTime.noDeliveredOrdersYetInclude')}</p>
      )}
      {kept.data && rows.length > 0 && (
        <>
          <p className="text-[13px] text-ink-2">
            <T
              id="delivery.onTime.ordersDeliveredInThePast"
              values={{
                orders: rows.reduce((sum, row) => sum + row.orders, 0),
                days: kept.data.days,
                promisedLate:
                  kept.data.promisedLate > 0 &&
                  ` ${t('delivery.onTime.forOfThemThePromised', { promisedLate: kept.data.promisedLate })}`,
              }}
            />
          </p>
          <table className="mt-1 w-full border-collapse text-[13.5px] tabular-nums">
            <thead>
              <tr className="border-b border-line-2 text-left text-[12px] text-ink-2">
                <th className="py-0.5 font-medium">{t('delivery.onTime.country')}</th>
                <th className="font-medium">{t('delivery.onTime.onTime')}</th>
                <th className="font-medium">{t('delivery.onTime.typically')}</th>
                <th className="font-medium">{t('delivery.onTime.whatYouCouldPromise')}</th>
              </tr>
            </thead>
            <tbody>
              {rows.map((row) => (
                <tr key={row.country} className="border-b border-[#f1eadd] align-baseline">
                  <td className="py-0.5 pr-2">{row.name}</td>
                  <td className={`pr-2 ${row.broken ? 'font-semibold text-rust-ink' : ''}`}>
                    <T
                      id="delivery.onTime.of"
                      values={{
                        percent: row.percent,
                        orders: row.orders,
                        broken: row.broken && (
                          <span className="sr-only">{t('delivery.onTime.tooFew')}</span>
                        ),
                        before: row.before && (
                          <span className="block text-[12px] text-ink-2">
                            <T
                              id="delivery.onTime.ofAsPromisedThen"
                              values={{ before: range(row.before) }}
                            />
                          </span>
                        ),
                      }}
                    />
                  </td>
                  <td className="pr-2 text-ink-2">{slip(row.medianDelayDays)}</td>
                  <td>
                    {row.proposal ? (
                      <span title={row.text}>
                        <T
                          id="delivery.onTime.daysOnTime"
                          values={{
                            transit: range(row.proposal.transit),
                            percent: row.proposal.percent,
                            country: hasWay(row.country) && (
                              <Button
                                look="link"
                                aria-label={t('delivery.onTime.useFor', {
                                  transit: range(row.proposal.transit),
                                  name: row.name,
                                })}
                                onClick={() =>
                                  row.proposal && take(row.country, row.proposal.transit)
                                }
                              >
                                {t('delivery.onTime.useThese')}
                              </Button>
                            ),
                          }}
                        />
                      </span>
                    ) : (
                      <span className="text-ink-2">
                        {row.before
                          ? row.text
                          : row.orders < 20
                            ? t('delivery.onTime.notEnoughOrders')
                            : t('delivery.onTime.matchesYourRule')}
                      </span>
                    )}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </>
      )}
    </section>
  );
}

/** How late the typical parcel came, counted from the last day that was promised. */
function slip(days: number): string {
  const when = days === 0 ? 'LAST' : days < 0 ? 'EARLY' : 'LATE';
  return t('delivery.onTime.typicalDelay', { when, days: Math.abs(days) });
}

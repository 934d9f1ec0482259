import { Button } from '../../ui/button';
import { Failure, Loading } from '../../ui/empty';
import { isLost } from '../../shared/api';
import { useSay } from '../../ui/toasts';
import { count, number } from '../../shared/words';
import { useKept, type DeliveryView, type Settings } from './queries';
import { range } from './words';

interface KeptProps {
  view: DeliveryView;
  onSet: (settings: Settings, words: string) => Promise<unknown>;
}

/** What was promised beside what came, country by country. */
export function Kept({ view, onSet }: KeptProps) {
  const kept = useKept();
  const { sayProblem, say } = useSay();
  const { settings } = view;
  const take = (code: string, transit: { least: number; most: number }) =>
    void onSet(
      {
        ...settings,
        destinations: settings.destinations.map((one) =>
          one.country === code && !one.season ? { ...one, transit } : one,
        ),
      },
      `${code} as it was kept`,
    ).then(() => say(`Set to ${range(transit)} working days. Z takes it back.`), sayProblem);
  const hasWay = (code: string) =>
    settings.destinations.some((one) => one.country === code && !one.season);
  const rows = kept.data?.countries ?? [];
  return (
    <section
      aria-label="Promise kept?"
      className="min-w-0 rounded-xl border border-line bg-paper px-4 pt-2.5 pb-3"
    >
      <h2 className="text-base">Promise kept?</h2>
      {isLost(kept) && <Failure error={kept.error} again={() => void kept.refetch()} />}
      {!kept.data && !kept.error && <Loading lines={3} />}
      {kept.data && rows.length === 0 && (
        <p className="text-ink-2">
          No order with a day of arrival is known yet. Let your orders tell when each was shipped
          and when it arrived (in schema.org terms, orderDelivery), and this says what to promise.
        </p>
      )}
      {kept.data && rows.length > 0 && (
        <>
          <p className="text-[13px] text-ink-2">
            {count(
              rows.reduce((sum, row) => sum + row.orders, 0),
              'order',
            )}{' '}
            that came in the last {kept.data.days} days. A promise is kept when the parcel is there
            by its last day.
            {kept.data.promisedLate > 0 &&
              ` Of ${number(kept.data.promisedLate)} the promise was reckoned when they were brought in, by the timings of that day.`}
          </p>
          <table className="mt-1 w-full border-collapse text-[13.5px] tabular-nums">
            <thead>
              <tr className="border-b border-line-2 text-left text-[12px] text-ink-2">
                <th className="py-0.5 font-medium">Country</th>
                <th className="font-medium">Kept</th>
                <th className="font-medium">Typically</th>
                <th className="font-medium">What would be kept</th>
              </tr>
            </thead>
            <tbody>
              {rows.map((row) => (
                <tr key={row.country} className="border-b border-[#f1eadd] align-baseline">
                  <td className="py-0.5 pr-2">{row.name}</td>
                  <td className={`pr-2 ${row.broken ? 'font-semibold text-rust-ink' : ''}`}>
                    {row.percent}% of {row.orders}
                    {row.broken && <span className="sr-only">, too few</span>}
                    {row.before && (
                      <span className="block text-[12px] text-ink-2">
                        of {range(row.before)}, as it was promised then
                      </span>
                    )}
                  </td>
                  <td className="pr-2 text-ink-2">{slip(row.slip)}</td>
                  <td>
                    {row.proposal ? (
                      <span title={row.words}>
                        {range(row.proposal.transit)}, {row.proposal.percent}% of the time{' '}
                        {hasWay(row.country) && (
                          <Button
                            look="link"
                            aria-label={`take these: ${range(row.proposal.transit)} for ${row.name}`}
                            onClick={() => row.proposal && take(row.country, row.proposal.transit)}
                          >
                            take these
                          </Button>
                        )}
                      </span>
                    ) : (
                      <span className="text-ink-2">
                        {row.before
                          ? row.words
                          : row.orders < 20
                            ? 'too few orders to say'
                            : 'as it is set'}
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

function slip(days: number): string {
  if (days === 0) return 'on the last day';
  return `${count(Math.abs(days), 'day')} ${days < 0 ? 'before the last' : 'late'}`;
}

import { day, number } from '../../shared/words';
import { Failure } from '../../ui/empty';
import { isLost } from '../../shared/api';
import { useShopTime } from '../../shared/shop-time';
import { useBehind, type Behind } from './queries';

/** What yesterday brought, as a sentence. */
export function Yesterday() {
  const behind = useBehind();
  const clock = useShopTime();
  if (isLost(behind)) return <Failure error={behind.error} again={() => void behind.refetch()} />;
  const place = behind.data?.zone.split('/').at(-1)?.replaceAll('_', ' ');
  const [today, time] = clock.data?.shopTime.split('T') ?? [];
  return (
    <header className="min-h-18">
      <p className="text-ink-2">
        {today && `${weekday(today)} ${day(today)}, ${time}`}
        {place && ` in ${place}`}
      </p>
      <h1 className="mt-1 text-[24px] leading-snug font-medium! text-ink-2">
        {behind.data && <Sentence yesterday={behind.data.yesterday} />}
      </h1>
    </header>
  );
}

const weekday = (isoDay: string) =>
  new Intl.DateTimeFormat('en-GB', { weekday: 'long', timeZone: 'UTC' }).format(
    new Date(`${isoDay}T00:00:00Z`),
  );

function Sentence({ yesterday }: { yesterday: Behind['yesterday'] }) {
  const { orders, reviews, mean } = yesterday;
  if (orders === 0 && reviews === 0) return <>Yesterday nobody ordered or left a review.</>;
  return (
    <>
      Yesterday <Figure>{orders === 0 ? 'nobody' : number(orders)}</Figure> ordered;{' '}
      <Figure>{reviews === 0 ? 'nobody' : number(reviews)}</Figure> left a review
      {typeof mean === 'number' && (
        <>
          , mean <Figure>{mean.toFixed(1)}</Figure>
        </>
      )}
      .
    </>
  );
}

function Figure({ children }: { children: string }) {
  return <b className="font-bold text-ink">{children}</b>;
}

import type { ReactNode } from 'react';
import { dayAndTime, decimal } from '../../shared/format';
import { Failure } from '../../ui/empty-state';
import { isLost } from '../../shared/api';
import { useShopTime } from '../../shared/shop-time';
import { useWeeklyRatings, type WeeklyRatingsView } from './queries';
import { T, t } from '../../shared/t';

/** What yesterday brought, as a sentence. */
export function Yesterday() {
  const behind = useWeeklyRatings();
  const clock = useShopTime();
  if (isLost(behind)) return <Failure error={behind.error} again={() => void behind.refetch()} />;
  const place = behind.data?.town;
  const now = clock.data?.shopTime;
  return (
    <header className="min-h-18">
      <p className="text-ink-2">
        {now && place && t('today.yesterday.nowIn', { now: dayAndTime(now), place })}
      </p>
      <h1 className="mt-1 text-[24px] leading-snug font-medium! text-ink-2">
        {behind.data && <Sentence yesterday={behind.data.yesterday} />}
      </h1>
    </header>
  );
}

function Sentence({ yesterday }: { yesterday: WeeklyRatingsView['yesterday'] }) {
  const { orders, reviews, average: mean } = yesterday;
  if (orders === 0 && reviews === 0) return <>{t('today.yesterday.yesterdayNoOrdersAndNo')}</>;
  const b = (chunks: ReactNode) => <b className="font-bold text-ink">{chunks}</b>;
  return (
    <T
      id="today.yesterday.yesterdayOrdersAndReviews"
      values={{
        orders,
        reviews,
        average: typeof mean === 'number' ? decimal(mean) : 'none',
        b,
      }}
    />
  );
}

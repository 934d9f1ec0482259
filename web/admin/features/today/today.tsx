import { useNavigate } from 'react-router';
import { UpcomingChanges } from '../../ui/upcoming-changes';
import { Suggestions } from './suggestions';
import { TopSeller } from './top-seller';
import { useUpcomingChanges } from './queries';
import { WeeklyRatings } from './weekly-ratings';
import { Yesterday } from './yesterday';
import { t } from '../../shared/t';

/** What to do next in order of worth, what happened, and what changes by itself. */
export function Today() {
  return (
    <>
      <div className="min-h-0 flex-1 overflow-y-auto">
        <div className="mx-auto grid max-w-[1280px] grid-cols-[minmax(0,744fr)_minmax(0,444fr)] items-start gap-x-9 gap-y-4 px-7 py-6">
          <div>
            <Yesterday />
            <Suggestions />
          </div>
          <div className="flex flex-col gap-4">
            <WeeklyRatings />
            <TopSeller />
          </div>
        </div>
      </div>
      <AheadStrip />
    </>
  );
}

function AheadStrip() {
  const ahead = useUpcomingChanges();
  const navigate = useNavigate();
  const found = ahead.data;
  return (
    <UpcomingChanges
      note={
        ahead.error
          ? t('today.today.upcomingChangesCouldNotBe')
          : !found
            ? t('today.today.checkingUpcomingChanges')
            : found.moments.length === 0
              ? t('today.today.noAutomaticChangesInThe', { days: found.days })
              : undefined
      }
      zone={found?.zone ?? 'UTC'}
      moments={(found?.moments ?? []).map(({ instant: at, text: words, path: place }) => ({
        at,
        words,
        onGo: () => void navigate(place),
      }))}
      isCut={found?.isCut}
      isRoomy
    />
  );
}

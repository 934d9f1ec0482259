import { useNavigate } from 'react-router';
import { Moments } from '../../ui/moments';
import { Acts } from './acts';
import { MostOrderedCard } from './most-ordered';
import { useAhead } from './queries';
import { Weeks } from './weeks';
import { Yesterday } from './yesterday';

/** What to do next in order of worth, what happened, and what changes by itself. */
export function Today() {
  return (
    <>
      <div className="min-h-0 flex-1 overflow-y-auto">
        <div className="mx-auto grid max-w-[1280px] grid-cols-[minmax(0,744fr)_minmax(0,444fr)] items-start gap-x-9 gap-y-4 px-7 py-6">
          <div>
            <Yesterday />
            <Acts />
          </div>
          <div className="flex flex-col gap-4">
            <Weeks />
            <MostOrderedCard />
          </div>
        </div>
      </div>
      <AheadStrip />
    </>
  );
}

function AheadStrip() {
  const ahead = useAhead();
  const navigate = useNavigate();
  const found = ahead.data;
  return (
    <Moments
      note={
        ahead.error
          ? 'The moments cannot be told just now.'
          : !found
            ? 'Looking ahead …'
            : found.moments.length === 0
              ? `Nothing changes by itself in the next ${found.days} days.`
              : undefined
      }
      zone={found?.zone ?? 'UTC'}
      moments={(found?.moments ?? []).map(({ at, words, place }) => ({
        at,
        words,
        onGo: () => void navigate(place),
      }))}
      isCut={found?.isCut}
      isRoomy
    />
  );
}

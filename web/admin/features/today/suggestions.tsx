import { useNavigate } from 'react-router';
import { useKeys, type KeyNames } from '../../shared/keys';

import { Button } from '../../ui/button';
import { Failure, Loading } from '../../ui/empty-state';
import { isLost } from '../../shared/api';
import { useSuggestions, type Suggestion } from './queries';
import { T, t } from '../../shared/t';

const TOLD: KeyNames = [['1 – 5', t('today.suggestions.openTheSuggestionWithThat')]];

/** At most five things to do, the most worth first; their numbers are their keys. */
export function Suggestions() {
  const acts = useSuggestions();
  const navigate = useNavigate();
  const found = acts.data?.acts ?? [];
  useKeys(
    Object.fromEntries(
      found.map(({ path: place }, i) => [String(i + 1), () => void navigate(place)]),
    ),
    TOLD,
  );
  return (
    <section aria-labelledby="worth-doing" className="mt-4">
      <div className="mb-2.5 flex items-baseline justify-between gap-4">
        <h2 id="worth-doing" className="text-[18px]">
          {t('today.suggestions.whatToDoNext')}
        </h2>
        {found.length > 0 && (
          <span className="text-[13px] text-ink-2">
            {t('today.suggestions.firstWrongClaimsThenWhat')}
          </span>
        )}
      </div>
      {isLost(acts) && <Failure error={acts.error} again={() => void acts.refetch()} />}
      {!acts.data && !acts.error && <Loading lines={4} />}
      {acts.data && found.length === 0 && (
        <p className="rounded-xl border border-line bg-paper px-5 py-6">
          <T
            id="today.suggestions.allDoneNoClaimNeeds"
            values={{ b: (chunks) => <b>{chunks}</b> }}
          />
        </p>
      )}
      <ol className="flex flex-col gap-3">
        {found.map((act, i) => (
          <ActCard
            key={`${act.title} ${act.path}`}
            act={act}
            place={i + 1}
            onDo={() => void navigate(act.path)}
          />
        ))}
      </ol>
      {acts.data && acts.data.more > 0 && (
        <p className="mt-3 text-ink-2">
          <T id="today.suggestions.moreLessImportant" values={{ more: acts.data.more }} />
        </p>
      )}
    </section>
  );
}

const takes = (minutes: number) =>
  minutes < 120
    ? t('today.suggestions.aboutMinutes', { minutes })
    : t('today.suggestions.aboutHours', { hours: Math.round(minutes / 60) });

function ActCard({ act, place, onDo }: { act: Suggestion; place: number; onDo: () => void }) {
  const isUntrue = act.priority === 'INCORRECT';
  return (
    <li
      className={`flex items-start gap-3.5 rounded-xl border bg-paper px-4.5 py-4 ${isUntrue ? 'border-rust/40 shadow-[inset_4px_0_0_var(--color-rust)]' : 'border-line'}`}
    >
      <span className="w-5 shrink-0 font-display text-[19px] leading-6 font-bold">{place}</span>
      <div className="min-w-0 flex-1">
        <h3 className="text-[15.5px] wrap-anywhere">
          {isUntrue && <span className="sr-only">{t('today.suggestions.checkThisClaim')} </span>}
          {act.title}
        </h3>
        <p className="wrap-anywhere text-ink-2">{act.text}</p>
      </div>
      <div className="w-44 shrink-0 text-center">
        <Button
          look={isUntrue ? 'inside' : 'plain'}
          className="w-full justify-center py-2!"
          onClick={onDo}
        >
          {act.action}
        </Button>
        <p className="mt-1 text-[13px] text-ink-2">{takes(act.minutes)}</p>
      </div>
    </li>
  );
}

import { useNavigate } from 'react-router';
import { useKeys, type ToldKeys } from '../../shared/keys';
import { count } from '../../shared/words';
import { Button } from '../../ui/button';
import { Failure, Loading } from '../../ui/empty';
import { isLost } from '../../shared/api';
import { useActs, type Act } from './queries';

const TOLD: ToldKeys = [['1 – 5', 'do what has that number']];

/** At most five things to do, the most worth first; their numbers are their keys. */
export function Acts() {
  const acts = useActs();
  const navigate = useNavigate();
  const found = acts.data?.acts ?? [];
  useKeys(
    Object.fromEntries(found.map(({ place }, i) => [String(i + 1), () => void navigate(place)])),
    TOLD,
  );
  return (
    <section aria-labelledby="worth-doing" className="mt-4">
      <div className="mb-2.5 flex items-baseline justify-between gap-4">
        <h2 id="worth-doing" className="text-[18px]">
          Worth doing next
        </h2>
        {found.length > 0 && (
          <span className="text-[13px] text-ink-2">
            what is untrue first, then what shoppers miss, then what can grow
          </span>
        )}
      </div>
      {isLost(acts) && <Failure error={acts.error} again={() => void acts.refetch()} />}
      {!acts.data && !acts.error && <Loading lines={4} />}
      {acts.data && found.length === 0 && (
        <p className="rounded-xl border border-line bg-paper px-5 py-6">
          <b>Nothing needs you.</b> Nothing is held against what shows, and no review waits.
        </p>
      )}
      <ol className="flex flex-col gap-3">
        {found.map((act, i) => (
          <ActCard
            key={`${act.title} ${act.place}`}
            act={act}
            place={i + 1}
            onDo={() => void navigate(act.place)}
          />
        ))}
      </ol>
      {acts.data && acts.data.more > 0 && (
        <p className="mt-3 text-ink-2">
          {count(acts.data.more, 'more thing')} to do, worth less than these.
        </p>
      )}
    </section>
  );
}

const takes = (minutes: number) =>
  minutes < 120
    ? `about ${count(minutes, 'minute')}`
    : `about ${count(Math.round(minutes / 60), 'hour')}`;

function ActCard({ act, place, onDo }: { act: Act; place: number; onDo: () => void }) {
  const isUntrue = act.worth === 'UNTRUE';
  return (
    <li
      className={`flex items-start gap-3.5 rounded-xl border bg-paper px-4.5 py-4 ${isUntrue ? 'border-rust/40 shadow-[inset_4px_0_0_var(--color-rust)]' : 'border-line'}`}
    >
      <span className="grid size-6 shrink-0 place-items-center rounded-[50%_50%_50%_5px] bg-plum text-[12px] font-bold text-white">
        {place}
      </span>
      <div className="min-w-0 flex-1">
        <h3 className="text-[15.5px] wrap-anywhere">
          {isUntrue && <span className="sr-only">May be untrue: </span>}
          {act.title}
        </h3>
        <p className="wrap-anywhere text-ink-2">{act.words}</p>
      </div>
      <div className="w-44 shrink-0 text-center">
        <Button
          look={isUntrue ? 'inside' : 'plain'}
          className="w-full justify-center py-2!"
          onClick={onDo}
        >
          {act.doing}
        </Button>
        <p className="mt-1 text-[13px] text-ink-2">{takes(act.minutes)}</p>
      </div>
    </li>
  );
}

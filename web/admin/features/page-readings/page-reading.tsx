import { useState } from 'react';
import { useParams } from 'react-router';
import { isLost } from '../../shared/api';
import { useKeys, type KeyNames } from '../../shared/keys';
import { T, t } from '../../shared/t';
import { Failure, Loading } from '../../ui/empty-state';
import { useNotify } from '../../ui/toasts';
import { ReviewTabs } from '../reviews/tabs';
import { TARGETS, targetName } from './labels';
import { ReadingFoot } from './reading-foot';
import { ReadRows } from './read-rows';
import { SavedPage } from './saved-page';
import {
  useLeave,
  usePageReading,
  usePoint,
  useWithout,
  type PageReading,
  type Target,
} from './queries';

/** A page without data for search engines: what was found on it by its looks, and pointing at it. */
export function PageReadingPage() {
  const id = Number(useParams()['id']);
  return (
    <>
      <ReviewTabs />
      <ReadingOf key={id} id={id} />
    </>
  );
}

/** The page with an id, once it is there. */
export function ReadingOf({ id }: { id: number }) {
  const asked = usePageReading(id);
  if (isLost(asked)) return <Failure error={asked.error} again={() => void asked.refetch()} />;
  return asked.data ? <Reading reading={asked.data} /> : <Loading />;
}

const KEYS: KeyNames = [
  ['↑ ↓', t('page-readings.pageReading.previousOrNext')],
  ['L', t('page-readings.pageReading.leaveOutOrTakeBack')],
  ['Esc', t('page-readings.pageReading.stopPointing')],
];

function Reading({ reading }: { reading: PageReading }) {
  const { sayProblem } = useNotify();
  const [chosen, setChosen] = useState<number | undefined>(reading.rows[0]?.element);
  const [target, setTarget] = useState<Target | undefined>(
    reading.rows.length === 0 ? 'REVIEW' : undefined,
  );
  const point = usePoint(reading.id);
  const leave = useLeave(reading.id);
  const without = useWithout(reading.id);
  const go = (by: 1 | -1) => {
    const at = reading.rows.findIndex((row) => row.element === chosen);
    const next = reading.rows[Math.max(0, Math.min(reading.rows.length - 1, at + by))];
    if (next) setChosen(next.element);
  };
  const row = reading.rows.find(({ element }) => element === chosen);
  useKeys(
    {
      ArrowDown: () => go(1),
      ArrowUp: () => go(-1),
      l: () =>
        row?.isReview &&
        leave.mutate({ element: row.element, isLeftOut: !row.isLeftOut }, { onError: sayProblem }),
      Escape: () => setTarget(undefined),
    },
    KEYS,
  );
  const leftOut = reading.rows.length - reading.reviews;
  return (
    <>
      <div className="flex flex-col gap-2 px-5 pt-3 pb-2">
        <h1 className="flex flex-wrap items-center gap-2 text-[15px] font-normal">
          <T
            id="page-readings.pageReading.onThisPage"
            values={{
              site: reading.site,
              b: (chunks) => <b className="font-semibold break-all">{chunks}</b>,
            }}
          />
          <span
            className={`rounded-lg px-2 font-semibold ${reading.reviews > 0 ? 'bg-fern-soft text-fern-ink' : 'bg-shelf'}`}
          >
            {t('page-readings.pageReading.reviews', { reviews: reading.reviews })}
          </span>
          {leftOut > 0 && (
            <span className="rounded-lg bg-rust-soft px-2 font-semibold text-rust-ink">
              {t('page-readings.pageReading.leftOut', { leftOut })}
            </span>
          )}
        </h1>
        {reading.learned && (
          <p role="alert" className="rounded-lg bg-rust-soft px-3 py-1.5 text-rust-ink">
            {t('page-readings.pageReading.theSiteHasChanged')}
          </p>
        )}
        {reading.rows.length === 0 && (
          <p role="status" className="rounded-lg bg-saffron-soft px-3 py-1.5 text-saffron-ink">
            {t('page-readings.pageReading.nothingFound')}
          </p>
        )}
        <Pointing
          reading={reading}
          target={target}
          onTarget={setTarget}
          onWithout={(part) => without.mutate(part, { onError: sayProblem })}
        />
      </div>
      <div
        className={`grid min-h-0 flex-1 gap-3 px-5 pb-3 lg:grid-rows-1 ${reading.rows.length > 0 ? 'grid-rows-2 lg:grid-cols-[5fr_6fr]' : 'grid-rows-1'}`}
        aria-busy={point.isPending || leave.isPending}
      >
        <SavedPage
          reading={reading}
          chosen={chosen}
          isPointing={target !== undefined}
          onChoose={setChosen}
          onPoint={(element) =>
            target &&
            point.mutate(
              { target, element },
              {
                onSuccess: (next) => {
                  setTarget(undefined);
                  setChosen((before) =>
                    next.rows.some((one) => one.element === before)
                      ? before
                      : next.rows[0]?.element,
                  );
                },
                onError: sayProblem,
              },
            )
          }
        />
        {reading.rows.length > 0 && (
          <ReadRows
            reading={reading}
            chosen={chosen}
            onChoose={setChosen}
            onLeave={(element, isLeftOut) =>
              leave.mutate({ element, isLeftOut }, { onError: sayProblem })
            }
          />
        )}
      </div>
      {reading.reviews > 0 && <ReadingFoot reading={reading} />}
    </>
  );
}

interface PointingProps {
  reading: PageReading;
  target: Target | undefined;
  onTarget: (target: Target | undefined) => void;
  onWithout: (part: Exclude<Target, 'REVIEW'>) => void;
}

/** What is read, and what to point at where it is wrong. */
function Pointing({ reading, target, onTarget, onWithout }: PointingProps) {
  const isRead = (one: Target) =>
    one === 'REVIEW' ? reading.rows.length > 0 : reading.parts.some(({ part }) => part === one);
  return (
    <div
      role="group"
      aria-label={t('page-readings.pageReading.pointAtWhatIsWrong')}
      className="flex flex-wrap items-center gap-1.5"
    >
      <span className="mr-1 text-ink-2">{t('page-readings.pageReading.pointAt')}</span>
      {TARGETS.map((one) => (
        <span
          key={one}
          className={`inline-flex items-center rounded-lg border ${target === one ? 'border-plum bg-plum text-white' : isRead(one) ? 'border-line-3 bg-paper' : 'border-dashed border-line-3 text-ink-2'}`}
        >
          <button
            type="button"
            aria-pressed={target === one}
            disabled={one !== 'REVIEW' && reading.rows.length === 0}
            className="px-2.5 py-0.5 disabled:opacity-60"
            onClick={() => onTarget(target === one ? undefined : one)}
          >
            {targetName(one)}
          </button>
          {one !== 'REVIEW' && one !== 'STARS' && isRead(one) && (
            <button
              type="button"
              aria-label={t('page-readings.pageReading.doNotRead', { target: one })}
              className="border-l border-line-2 px-1.5 py-0.5"
              onClick={() => onWithout(one)}
            >
              ×
            </button>
          )}
        </span>
      ))}
    </div>
  );
}

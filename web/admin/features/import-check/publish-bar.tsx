import { Button } from '../../ui/button';
import { number, decimal } from '../../shared/format';
import type { ImportProgress } from './queries';
import { T, t } from '../../shared/t';

interface SortFootProps {
  standing: ImportProgress;
  busy: boolean;
  onLook: () => void;
  onPublish: () => void;
}

/** What shoppers would see of the kept ones beside all that is usable; and publishing. */
export function PublishBar({ standing, busy, onLook, onPublish }: SortFootProps) {
  const { accepted: kept, all } = standing;
  const out = all.reviews - kept.reviews - standing.serious;
  return (
    <footer className="flex min-h-[134px] shrink-0 flex-wrap items-center gap-x-7 gap-y-2 bg-dark px-5 py-3 text-on-dark">
      <Mean title={t('import-check.publishBar.ifYouPublishNow')} rated={kept} right />
      <Mirror standing={standing} />
      <Mean title={t('import-check.publishBar.allImportedReviews')} rated={all} />
      {standing.isOneSided && (
        <p className="max-w-80 border-l-2 border-[#d8844f] pl-3.5 text-[13px]" role="status">
          <T
            id="import-check.publishBar.youLeftOutOfLow"
            values={{
              lowLeftOut: standing.lowLeftOut,
              low: standing.low,
              b: (chunks) => <b>{chunks}</b>,
              lowLeftOut3:
                standing.lowLeftOut === 1
                  ? 'it'
                  : t('import-check.publishBar.the', { lowLeftOut: standing.lowLeftOut }),
              button: (chunks) => (
                <button type="button" className="text-saffron underline" onClick={onLook}>
                  {chunks}
                </button>
              ),
            }}
          />
        </p>
      )}
      <div className="ml-auto flex flex-col items-center gap-1.5">
        <Button
          look="main"
          className="px-5! py-2.5! text-[15px]"
          disabled={busy || all.reviews === 0}
          onClick={onPublish}
        >
          {kept.reviews > 0
            ? t('import-check.publishBar.publishReviews', { reviews: kept.reviews })
            : t('import-check.publishBar.leaveAllOut')}
        </Button>
        <span className="text-[13px] text-on-dark-2">
          {[
            standing.serious > 0 &&
              t('import-check.publishBar.reviewsWithASeriousFlag', {
                serious: standing.serious,
              }),
            out > 0 && t('import-check.publishBar.leftOutReviewsAreKept', { out }),
            standing.open > 0
              ? t('import-check.publishBar.notCheckedYet', { open: standing.open })
              : out === 0 && t('import-check.publishBar.allChecked'),
          ]
            .filter(Boolean)
            .join('; ')}
        </span>
      </div>
    </footer>
  );
}

function Mean({
  title,
  rated,
  right = false,
}: {
  title: string;
  rated: ImportProgress['all'];
  right?: boolean;
}) {
  return (
    <div className={right ? 'text-right' : ''}>
      <p className="text-[13px] font-semibold">{title}</p>
      <p className="font-display text-[34px] leading-tight font-bold tabular-nums">
        {rated.average === undefined ? '–' : decimal(rated.average)}
      </p>
      <p className="text-[13px] text-on-dark-2">
        <T id="import-check.publishBar.fromReviews" values={{ reviews: rated.reviews }} />
      </p>
    </div>
  );
}

/** Kept to the left, all to the right, a row for each star. */
function Mirror({ standing }: { standing: ImportProgress }) {
  const most = Math.max(1, ...standing.all.stars);
  const width = (n: number) => (n === 0 ? 0 : Math.max(2, (100 * n) / most));
  return (
    <table
      className="text-[13px] tabular-nums"
      aria-label={t('import-check.publishBar.starsKeptAndAll')}
    >
      <tbody>
        {[5, 4, 3, 2, 1].map((star) => {
          const kept = standing.accepted.stars[star - 1] ?? 0;
          const all = standing.all.stars[star - 1] ?? 0;
          return (
            <tr key={star} className="h-[19px]">
              <td className="pr-2 text-right">{number(kept)}</td>
              <td className="w-[96px]">
                <Bar width={width(kept)} className="fill-saffron" left />
              </td>
              <th scope="row" className="px-2 font-normal">
                {star} ★
              </th>
              <td className="w-[96px]">
                <Bar width={width(all)} className="fill-[#a483a6]" />
              </td>
              <td className="pl-2">{number(all)}</td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

function Bar({
  width,
  className,
  left = false,
}: {
  width: number;
  className: string;
  left?: boolean;
}) {
  return (
    <svg viewBox="0 0 100 10" preserveAspectRatio="none" className="h-[10px] w-full" aria-hidden>
      <rect x={left ? 100 - width : 0} width={width} height="10" rx="2" className={className} />
    </svg>
  );
}

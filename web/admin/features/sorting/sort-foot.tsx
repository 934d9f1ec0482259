import { Button } from '../../ui/button';
import { count, number } from '../../shared/words';
import type { Standing } from './queries';

interface SortFootProps {
  standing: Standing;
  busy: boolean;
  onLook: () => void;
  onPublish: () => void;
}

/** What shoppers would see of the kept ones beside all that is usable; and publishing. */
export function SortFoot({ standing, busy, onLook, onPublish }: SortFootProps) {
  const { kept, all } = standing;
  const out = all.reviews - kept.reviews - standing.serious;
  return (
    <footer className="flex min-h-[134px] shrink-0 flex-wrap items-center gap-x-7 gap-y-2 bg-plum-deep px-5 py-3 text-on-plum">
      <Mean title="If you publish what is kept" rated={kept} right />
      <Mirror standing={standing} />
      <Mean title="Everything that arrived" rated={all} />
      {standing.isOneSided && (
        <p className="max-w-80 border-l-2 border-[#d8844f] pl-3.5 text-[13px]" role="status">
          <b>
            {number(standing.lowLeftOut)} of the {count(standing.low, 'low rating')}{' '}
            {standing.lowLeftOut === 1 ? 'is' : 'are'} left out.
          </b>{' '}
          Hiding most low ratings misleads shoppers and can be unlawful (Directive 2005/29/EC, annex
          I, 23c). It is kept in Proof.{' '}
          <button type="button" className="text-saffron underline" onClick={onLook}>
            Look at {standing.lowLeftOut === 1 ? 'it' : `the ${number(standing.lowLeftOut)}`} again
          </button>
        </p>
      )}
      <div className="ml-auto flex flex-col items-center gap-1.5">
        <Button
          look="main"
          className="px-5! py-2.5! text-[15px]"
          disabled={busy || all.reviews === 0}
          onClick={onPublish}
        >
          {kept.reviews > 0 ? `Publish ${count(kept.reviews, 'review')}` : 'Publish none of them'}
        </Button>
        <span className="text-[13px] text-on-plum-2">
          {[
            standing.serious > 0 &&
              `${count(standing.serious, 'review')} with a serious finding ${standing.serious === 1 ? 'waits' : 'wait'} until you look`,
            out > 0 &&
              `the ${number(out)} left out ${out === 1 ? 'is' : 'are'} set aside, not deleted`,
            standing.open > 0
              ? `${number(standing.open)} not looked at yet`
              : out === 0 && 'all of them looked at',
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
  rated: Standing['all'];
  right?: boolean;
}) {
  return (
    <div className={right ? 'text-right' : ''}>
      <p className="text-[13px] font-semibold">{title}</p>
      <p className="font-display text-[34px] leading-tight font-bold tabular-nums">
        {rated.mean === undefined ? '–' : rated.mean.toFixed(1)}
      </p>
      <p className="text-[13px] text-on-plum-2">from {count(rated.reviews, 'review')}</p>
    </div>
  );
}

/** Kept to the left, all to the right, a row for each star. */
function Mirror({ standing }: { standing: Standing }) {
  const most = Math.max(1, ...standing.all.stars);
  const width = (n: number) => (n === 0 ? 0 : Math.max(2, (100 * n) / most));
  return (
    <table className="text-[13px] tabular-nums" aria-label="Stars, of those kept and of all">
      <tbody>
        {[5, 4, 3, 2, 1].map((star) => {
          const kept = standing.kept.stars[star - 1] ?? 0;
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

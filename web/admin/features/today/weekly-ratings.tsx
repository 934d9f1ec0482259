import { Loading } from '../../ui/empty-state';
import { isLost } from '../../shared/api';
import { day, number, short, decimal, dayOfYear } from '../../shared/format';
import { useWeeklyRatings, type WeeklyRatingsView } from './queries';
import { T, t } from '../../shared/t';

const WIDTH = 404;
const LINE = { top: 14, height: 86 };
const BARS = { top: 134, height: 62 };
const LEFT = 24;
const BEST = 5;

type Week = WeeklyRatingsView['weeks'][number];

/** Mean and number of reviews week by week, on one axis of time; the same as a table behind it. */
export function WeeklyRatings() {
  const behind = useWeeklyRatings();
  if (isLost(behind)) return null; // said once, beside the sentence about yesterday
  return (
    <section
      aria-label={t('today.weeklyRatings.ratingsAndReviewsByWeek')}
      className="rounded-xl border border-line bg-paper px-5 py-4"
    >
      <h2 className="text-base">{t('today.weeklyRatings.ratingsAndReviewsByWeek')}</h2>
      {!behind.data && <Loading lines={5} />}
      {behind.data && (
        <>
          <p className="text-[13px] text-ink-2">
            <T
              id="today.weeklyRatings.lineAverageOfAllReviews"
              values={{ least: behind.data.min, best: BEST }}
            />
          </p>
          <Chart weeks={behind.data.weeks} least={behind.data.min} />
          <Table weeks={behind.data.weeks} />
        </>
      )}
    </section>
  );
}

function Chart({ weeks, least }: { weeks: Week[]; least: number }) {
  const step = (WIDTH - LEFT) / weeks.length;
  const most = Math.max(1, ...weeks.map(({ reviews }) => reviews));
  const x = (i: number) => LEFT + step * (i + 0.5);
  const y = (mean: number) => LINE.top + (LINE.height * (BEST - mean)) / (BEST - least);
  const height = (reviews: number) => (BARS.height * reviews) / most;
  const points = weeks.flatMap(({ average: mean }, i) =>
    typeof mean === 'number' ? [{ x: x(i), y: y(mean), mean }] : [],
  );
  const last = points.at(-1);
  const foot = BARS.top + BARS.height;
  return (
    <svg viewBox={`0 0 ${WIDTH} ${foot + 18}`} className="mt-2 w-full" aria-hidden>
      {[BEST, (BEST + least) / 2, least].map((mark) => (
        <g key={mark}>
          <path d={`M${LEFT} ${y(mark)}H${WIDTH}`} className="stroke-line" />
          <text x={0} y={y(mark) + 4} className="fill-ink-2 text-[11px]">
            {number(mark)}
          </text>
        </g>
      ))}
      <path d={`M${LEFT} ${foot}H${WIDTH}`} className="stroke-line-2" />
      {weeks.map(({ monday, reviews }, i) => (
        <g key={monday}>
          <rect
            x={x(i) - step * 0.3}
            y={foot - height(reviews)}
            width={step * 0.6}
            height={height(reviews)}
            rx={2}
            // the last week is not over
            className={
              i === weeks.length - 1
                ? 'fill-saffron-soft stroke-saffron [stroke-dasharray:3_2]'
                : 'fill-line-2'
            }
          />
          <text
            x={x(i)}
            y={foot - height(reviews) - 4}
            textAnchor="middle"
            className="fill-ink-2 text-[11px]"
          >
            {short(reviews)}
          </text>
        </g>
      ))}
      <polyline
        points={points.map((point) => `${point.x},${point.y}`).join(' ')}
        className="fill-none stroke-plum"
        strokeWidth="2"
      />
      {last && (
        <>
          <circle cx={last.x} cy={last.y} r={4} className="fill-plum" />
          <text
            x={last.x}
            y={last.y - 9}
            textAnchor="middle"
            className="fill-plum text-[12.5px] font-bold"
          >
            {decimal(last.mean, 2)}
          </text>
        </>
      )}
      <text x={LEFT} y={foot + 14} className="fill-ink-2 text-[11px]">
        {weeks[0] && dayOfYear(weeks[0].monday)}
      </text>
      <text x={WIDTH} y={foot + 14} textAnchor="end" className="fill-ink-2 text-[11px]">
        {t('today.weeklyRatings.thisWeekSoFar')}
      </text>
    </svg>
  );
}

function Table({ weeks }: { weeks: Week[] }) {
  return (
    <details className="mt-1 text-[13px]">
      <summary className="cursor-pointer text-plum">{t('today.weeklyRatings.showAsTable')}</summary>
      <table className="mt-1 w-full tabular-nums">
        <thead>
          <tr className="border-b border-line-2 text-left text-ink-2">
            <th className="font-medium">{t('today.weeklyRatings.weekOf')}</th>
            <th className="text-right font-medium">{t('today.weeklyRatings.reviews')}</th>
            <th className="text-right font-medium">{t('today.weeklyRatings.averageSoFar')}</th>
          </tr>
        </thead>
        <tbody>
          {weeks.map(({ monday, reviews, average: mean }) => (
            <tr key={monday} className="border-b border-line">
              <td>{day(monday)}</td>
              <td className="text-right">{number(reviews)}</td>
              <td className="text-right">
                {typeof mean === 'number' ? decimal(mean, 2) : t('today.weeklyRatings.noneYet')}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </details>
  );
}

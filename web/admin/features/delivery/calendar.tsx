import type { CSSProperties } from 'react';
import { DAY_CHOICES, DAYS } from '../../ui/inputs';
import { TimelineLane } from './timeline-lane';
import { dayAndMonth, span } from './labels';
import type { CalendarDay, Estimate } from './queries';
import { T, t } from '../../shared/t';

const FORTNIGHT = 14;
const COLUMNS: CSSProperties = {
  gridTemplateColumns: `repeat(${FORTNIGHT}, minmax(0, 1fr))`,
};

/** The days that count, a fortnight to a line, with the order's way drawn over them. */
export function Calendar({ journey }: { journey: Estimate }) {
  const lines: CalendarDay[][] = [];
  for (let i = 0; i < journey.days.length; i += FORTNIGHT)
    lines.push(journey.days.slice(i, i + FORTNIGHT));
  const placed = journey.placedAt.slice(0, 10);
  // before a timing says so, the shop is neither open nor closed
  const isSet = journey.days.some((day) => day.shop);
  return (
    <div>
      <div className="mt-2 grid pb-1 text-[12px] leading-tight text-ink-2" style={COLUMNS}>
        {[0, 1].flatMap((week) =>
          DAYS.map((day, index) => (
            <span key={`${week}${day}`} className="pl-1.5">
              <b className="block font-semibold text-ink">{DAY_CHOICES[index]?.text}</b>
              {journey.cutOffs[day] ??
                (isSet ? t('delivery.calendar.closed') : t('delivery.calendar.notSet'))}
            </span>
          )),
        )}
      </div>
      <div
        role="group"
        aria-label={t('delivery.calendar.calendar')}
        className="border-b border-line"
      >
        {lines.map((line) => (
          <Line key={line[0]?.day} line={line} journey={journey} placed={placed} />
        ))}
      </div>
      <Legend journey={journey} />
    </div>
  );
}

function Line({
  line,
  journey,
  placed,
}: {
  line: CalendarDay[];
  journey: Estimate;
  placed: string;
}) {
  const first = line[0]?.day ?? '';
  const last = line.at(-1)?.day ?? '';
  const inLine = (day: string) => day >= first && day <= last;
  const isLive =
    journey.soonest.some((step) => inLine(step.day)) ||
    journey.latest.some((step) => inLine(step.day));
  return (
    <div className="relative grid" style={COLUMNS}>
      {line.map((day) => (
        <Day key={day.day} day={day} placed={placed} isTall={isLive} />
      ))}
      {isLive && (
        <>
          <TimelineLane
            name={t('delivery.calendar.earliest')}
            steps={journey.soonest}
            line={line}
            top={42}
          />
          <TimelineLane
            name={t('delivery.calendar.latest')}
            steps={journey.latest}
            line={line}
            top={73}
          />
          {inLine(placed) && (
            <span
              className="pointer-events-none absolute top-[20px] z-10 border-l-2 border-plum pl-1.5 text-[12px] leading-[17px] font-semibold text-plum"
              style={{
                left: `calc(100% / 14 * ${line.findIndex((day) => day.day === placed) + 0.5})`,
              }}
            >
              <T id="delivery.calendar.placed" values={{ time: journey.placedAt.slice(11, 16) }} />
            </span>
          )}
        </>
      )}
    </div>
  );
}

function Day({ day, placed, isTall }: { day: CalendarDay; placed: string; isTall: boolean }) {
  const { shop, carrier } = day;
  const isFirst = day.day.endsWith('-01');
  const ground =
    shop?.why === 'WEEKDAY'
      ? 'bg-[#f0e9dc]'
      : shop?.why === 'HOLIDAY'
        ? 'bg-plum-soft'
        : shop?.why === 'CLOSED'
          ? 'bg-saffron-soft'
          : 'bg-white';
  const why = [
    shop &&
      (shop.name ||
        (shop.why === 'WEEKDAY'
          ? t('delivery.calendar.yourShopIsClosed')
          : t('delivery.calendar.closed'))),
    carrier &&
      t('delivery.calendar.noCarrierDelivery', { name: carrier.name ? ` (${carrier.name})` : '' }),
  ]
    .filter((text) => text)
    .join('; ');
  return (
    <div
      title={why || t('delivery.calendar.workingDay')}
      className={`relative border-t border-l border-line pt-1 pl-1.5 text-[12.5px] leading-tight last:border-r ${isTall ? 'h-[134px]' : 'h-[45px]'} ${ground} ${isFirst ? 'border-l-2! border-l-plum!' : ''}`}
    >
      <b
        className={
          day.day === placed
            ? '-ml-0.5 rounded bg-saffron px-1 font-semibold text-ink'
            : day.day < placed
              ? 'font-normal text-ink-2'
              : `font-semibold ${isFirst ? 'text-plum' : ''}`
        }
      >
        {isFirst ? dayAndMonth(day.day) : Number(day.day.slice(8))}
      </b>
      {shop && shop.why !== 'WEEKDAY' && (
        <small
          className={`block truncate text-[11px] ${shop.why === 'HOLIDAY' ? 'text-plum' : 'text-saffron-ink'}`}
        >
          {shop.why === 'HOLIDAY' ? t('delivery.calendar.holiday') : t('delivery.calendar.closed')}
        </small>
      )}
      <span className="sr-only">{why}</span>
      {carrier && (
        <span
          className="absolute inset-x-0 bottom-0 h-[7px]"
          style={{
            background: 'repeating-linear-gradient(-45deg,#A2937C 0 1.5px,transparent 1.5px 4.5px)',
          }}
          aria-hidden
        />
      )}
    </div>
  );
}

const HATCH = 'repeating-linear-gradient(-45deg,#A2937C 0 1.5px,#fff 1.5px 4.5px)';
const SKIPPED = 'repeating-linear-gradient(-45deg,#B48AA6 0 1.5px,#F3E5EE 1.5px 5px)';

function Legend({ journey }: { journey: Estimate }) {
  const marks = [
    { background: '#fff', text: t('delivery.calendar.yourShopWorks') },
    { background: '#f0e9dc', text: t('delivery.calendar.yourShopIsClosed2') },
    {
      background: 'var(--color-plum-soft)',
      text: t('delivery.calendar.publicHoliday'),
    },
    {
      background: 'var(--color-saffron-soft)',
      text: t('delivery.calendar.closedDay'),
    },
    { background: HATCH, text: t('delivery.calendar.noCarrierDelivery2') },
    { background: SKIPPED, text: t('delivery.calendar.notAWorkingDay') },
  ];
  const { leaves, arrives } = journey.arrival;
  return (
    <div className="mt-2 flex flex-wrap gap-x-3.5 gap-y-1 text-[12px] text-ink-2">
      {leaves && arrives && (
        <span className="w-full text-[13px] text-ink">
          <T
            id="delivery.calendar.shipsArrives"
            values={{
              ships: <b className="text-saffron-ink">{span(leaves)}</b>,
              arrives: <b className="text-fern-ink">{span(arrives)}</b>,
            }}
          />
        </span>
      )}
      {marks.map(({ background, text }) => (
        <span key={text} className="flex items-center gap-1.5">
          <i
            className="h-[13px] w-4 rounded-xs border border-line-2"
            style={{ background }}
            aria-hidden
          />
          {text}
        </span>
      ))}
    </div>
  );
}

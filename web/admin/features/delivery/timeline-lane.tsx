import type { CSSProperties } from 'react';
import type { CalendarDay, Step } from './queries';
import { T, t } from '../../shared/t';

interface LaneProps {
  name: string;
  steps: Step[];
  line: CalendarDay[];
  top: number;
}

const LOOKS: Record<Step['activity'], string> = {
  WAITS: 'bg-saffron-soft text-saffron-ink',
  IS_READIED: 'bg-[#f3d48b] text-saffron-ink',
  LEAVES: 'bg-saffron text-ink',
  TRAVELS: 'bg-[#e7cfde] text-plum',
  RESTS: '',
  ARRIVES: 'bg-fern text-white rounded-r-full',
};

const SKIPPED: CSSProperties = {
  background: 'repeating-linear-gradient(-45deg,#B48AA6 0 1.5px,#F3E5EE 1.5px 6px)',
};

const WORDS: Record<Step['activity'], string> = {
  WAITS: t('delivery.timelineLane.waits'),
  IS_READIED: '',
  LEAVES: t('delivery.timelineLane.ships'),
  TRAVELS: '',
  RESTS: '',
  ARRIVES: t('delivery.timelineLane.arrives'),
};

/** One way of the order through a line of the calendar: counted days are numbered, others hatched. */
export function TimelineLane({ name, steps, line, top }: LaneProps) {
  const first = line[0]?.day ?? '';
  const columns = new Map(line.map((day, index) => [day.day, index]));
  const shown = steps.filter((step) => columns.has(step.day));
  const start = columns.get(shown[0]?.day ?? '') ?? 0;
  if (shown.length === 0) return null;
  return (
    <div aria-label={t('delivery.timelineLane.parcel', { name })} role="group">
      {start > 1 && shown[0]?.day === steps[0]?.day && first && (
        <span
          className="absolute pr-2 text-right text-[12.5px] leading-[28px] font-medium whitespace-nowrap"
          style={{ top, right: `calc(100% - 100% / 14 * ${start})` }}
        >
          <T id="delivery.timelineLane.text" values={{ name }} />
        </span>
      )}
      {shown.map((step, index) => (
        <span
          key={step.day}
          className={`absolute z-10 h-7 truncate text-center text-[12px] leading-7 font-semibold ${LOOKS[step.activity]} ${index === 0 && step === steps[0] ? 'rounded-l-full' : ''}`}
          style={{
            top,
            left: `calc(100% / 14 * ${columns.get(step.day) ?? 0} + 1px)`,
            width: 'calc(100% / 14)',
            ...(step.activity === 'RESTS' ? SKIPPED : {}),
          }}
        >
          {WORDS[step.activity] || (step.number > 0 ? step.number : '')}
          {step.activity === 'RESTS' && (
            <span className="sr-only">{t('delivery.timelineLane.notAWorkingDay')}</span>
          )}
        </span>
      ))}
    </div>
  );
}
